import { useEffect, useRef, useState } from 'react'
import type { LedgerLineView } from '@/api/types'
import { QuantityFigure } from '@/ui/Figure'
import { Why } from './Why'
import type { Work } from './Workbench'

/** Every computed quantity in the order of reckoning; each answers why. */
export function LedgerPanel({ work }: { readonly work: Work }) {
  const [closed, setClosed] = useState<string | null>(null)
  const open = work.why === closed ? null : work.why
  const lines = work.design?.ledger ?? []
  if (lines.length === 0) return <p className="quiet">The ledger fills as soon as both openings are read.</p>
  return (
    <ol aria-label="Ledger">
      {lines.map((line) => (
        <Line
          key={line.key}
          line={line}
          open={open === line.key}
          onToggle={() => {
            if (open === line.key) return setClosed(line.key)
            setClosed(null)
            work.ask(line.key)
          }}
        />
      ))}
    </ol>
  )
}

type LineProps = { readonly line: LedgerLineView; readonly open: boolean; readonly onToggle: () => void }

function Line({ line, open, onToggle }: LineProps) {
  const ref = useRef<HTMLLIElement>(null)
  useEffect(() => {
    if (open) ref.current?.scrollIntoView({ block: 'nearest' })
  }, [open])
  return (
    <li ref={ref} className="border-base-300 border-b">
      <button
        className="hover:bg-base-200 flex min-h-14 w-full items-center justify-between gap-3 px-1 text-left"
        aria-expanded={open}
        onClick={onToggle}
        onKeyDown={(event) => {
          if (event.key !== '.') return
          event.preventDefault()
          onToggle()
        }}
      >
        <span className="leading-tight">{line.quantity.name}</span>
        <span className="flex shrink-0 items-center gap-2 text-right">
          <QuantityFigure quantity={line.quantity} />
          <span className="figure quiet w-20 text-sm">
            {line.quantity.spread ? `± ${line.quantity.spread.replace(' mm', '')}` : 'exact'}
          </span>
        </span>
      </button>
      {open && <Why line={line} />}
    </li>
  )
}
