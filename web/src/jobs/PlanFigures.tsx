import { useState } from 'react'
import type { PrintView } from '@/api/types'
import { QuantityFigure } from '@/ui/Figure'
import { Why } from '@/ui/Why'

export type PlanFiguresProps = {
  readonly print: PrintView
  /** What is printed, as the part calls it. */
  readonly name: string
}

/** What one print takes; each figure answers why. */
export function PlanFigures({ print, name }: PlanFiguresProps) {
  const [open, setOpen] = useState(false)
  return (
    <div>
      <button
        className="hover:bg-base-300 flex min-h-11 w-full flex-wrap items-baseline gap-x-5 rounded px-1 text-left"
        aria-expanded={open}
        onClick={() => setOpen(!open)}
      >
        <span className="sr-only">Print plan of {name}</span>
        <span className="figure text-xl font-semibold">{print.time}</span>
        <span className="figure quiet text-sm">± {print.timeSpread}</span>
        <span className="figure">{print.mass}</span>
        <span className="figure">{print.filament}</span>
        <span className="figure">
          <span className="quiet font-sans text-sm">costs</span> {print.cost}
        </span>
      </button>
      {open && <PlanLines print={print} name={name} />}
    </div>
  )
}

function PlanLines({ print, name }: PlanFiguresProps) {
  const [why, setWhy] = useState<string | null>(null)
  return (
    <ol aria-label={`Lines of ${name}`}>
      {print.lines.map((line) => (
        <li key={line.key} className="border-base-300 border-t">
          <button
            className="flex min-h-11 w-full items-center justify-between gap-2 text-left"
            aria-expanded={why === line.key}
            onClick={() => setWhy(why === line.key ? null : line.key)}
          >
            <span>{line.quantity.name}</span>
            <QuantityFigure quantity={line.quantity} />
          </button>
          {why === line.key && <Why line={line} />}
        </li>
      ))}
    </ol>
  )
}
