import { useEffect, useRef } from 'react'
import type { LedgerLineView } from '@/api/types'
import { QuantityFigure } from './Figure'
import { Why } from './Why'

export type LedgerLinesProps = {
  readonly lines: readonly LedgerLineView[]
  /** Key of the line that answers why. */
  readonly open: string | null
  readonly onOpen: (key: string | null) => void
  readonly label: string
}

/** Computed quantities, one a line; pressed, each answers why. */
export function LedgerLines({ lines, open, onOpen, label }: LedgerLinesProps) {
  return (
    <ol aria-label={label}>
      {lines.map((line) => (
        <Line key={line.key} line={line} open={open === line.key} onToggle={() => onOpen(open === line.key ? null : line.key)} />
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
