import { useState } from 'react'
import type { PrintView } from '@/api/types'
import { QuantityFigure } from '@/ui/Figure'
import { Why } from '@/ui/Why'

/** What one print takes; each figure answers why. */
export function PlanFigures({ print }: { readonly print: PrintView }) {
  const [open, setOpen] = useState(false)
  return (
    <div>
      <button
        className="hover:bg-base-300 flex min-h-11 w-full flex-wrap items-baseline gap-x-5 rounded px-1 text-left"
        aria-expanded={open}
        aria-label={`Print plan of ${print.body}`}
        onClick={() => setOpen(!open)}
      >
        <span className="figure text-xl font-semibold">{print.time}</span>
        <span className="figure quiet text-sm">± {print.timeSpread}</span>
        <span className="figure">{print.mass}</span>
        <span className="figure">{print.filament}</span>
        <span className="figure">
          {print.cost} <span className="quiet font-sans text-sm">in money</span>
        </span>
      </button>
      {open && <PlanLines print={print} />}
    </div>
  )
}

function PlanLines({ print }: { readonly print: PrintView }) {
  const [why, setWhy] = useState<string | null>(null)
  return (
    <ol aria-label={`Lines of ${print.body}`}>
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
