import { useState } from 'react'
import { NavLink } from 'react-router'
import { useLeading } from '@/ui/leading'
import { applyTheme, storedTheme, type Theme } from '@/ui/theme'

const units = { metric: 'mm · in', inch: 'in · mm' } as const

export type HeaderProps = { readonly onFind: () => void; readonly onKeys: () => void }

/** Name, places, and what holds everywhere: leading unit, light, finding, keys. */
export function Header({ onFind, onKeys }: HeaderProps) {
  const { leading, swap } = useLeading()
  return (
    <header className="border-base-300 flex flex-wrap items-center gap-x-2 border-b px-4 py-1">
      <NavLink to="/" className="mr-4 flex min-h-11 items-center gap-2 text-xl font-bold">
        <RingInRing />
        Emboq
      </NavLink>
      <Place to="/" name="Bench" />
      <Place to="/machines" name="Machines" />
      <Place to="/printroom" name="Printroom" />
      <Place to="/setups" name="Setups" />
      <Place to="/fits" name="Fits" />
      <Place to="/tables" name="Tables" />
      <span className="grow" />
      <button className="btn btn-ghost" onClick={onFind}>
        Find <kbd className="kbd kbd-sm">/</kbd>
      </button>
      <button className="btn btn-ghost figure" onClick={swap} aria-label={`Leading unit ${units[leading]}, swap`}>
        {units[leading]}
      </button>
      <ThemeSwitch />
      <button className="btn btn-ghost" onClick={onKeys} aria-label="List the keys">
        ?
      </button>
    </header>
  )
}

function Place({ to, name }: { readonly to: string; readonly name: string }) {
  return (
    <NavLink
      to={to}
      end={to === '/'}
      className={({ isActive }) =>
        `flex min-h-11 items-center border-b-[3px] px-3 ${isActive ? 'border-primary font-semibold' : 'border-transparent'}`
      }
    >
      {name}
    </NavLink>
  )
}

function ThemeSwitch() {
  const [theme, setTheme] = useState<Theme>(storedTheme)
  const next = theme === 'daylight' ? 'lamplight' : 'daylight'
  return (
    <button
      className="btn btn-ghost"
      onClick={() => {
        applyTheme(next)
        setTheme(next)
      }}
    >
      {next === 'lamplight' ? 'Lamplight' : 'Daylight'}
    </button>
  )
}

function RingInRing() {
  return (
    <svg viewBox="0 0 32 32" className="h-7 w-7" aria-hidden>
      <circle cx="16" cy="16" r="13" fill="none" stroke="var(--machine)" strokeWidth="4" />
      <circle cx="16" cy="16" r="8.5" fill="none" stroke="var(--part)" strokeWidth="4" />
    </svg>
  )
}
