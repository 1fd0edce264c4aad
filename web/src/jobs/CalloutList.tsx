import { useState } from 'react'
import type { Callout, DrawingView } from '@/api/types'
import { QuantityFigure } from '@/ui/Figure'
import { Words } from './Asked'
import { CalloutEditor } from './CalloutEditor'
import { dragged } from './slots'
import { useWork } from './useWork'

export type CalloutListProps = { readonly drawing: DrawingView }

/** The same callouts as a list, for the keyboard and for reading aloud. */
export function CalloutList({ drawing }: CalloutListProps) {
  return (
    <div className="m-4 flex flex-col gap-4 self-start">
      <ul>
        {drawing.callouts.map((callout) => (
          <Row key={callout.line} callout={callout} />
        ))}
      </ul>
      <Moved />
    </div>
  )
}

/** What is dragged on the drawing, for the keyboard. */
function Moved() {
  const work = useWork()
  const keys = dragged(work.design)
  return (
    <div className="flex flex-col gap-2 empty:hidden">
      {work.family.slots
        .filter((slot) => work.family.parameters.some((p) => p.slot === slot.key && keys.includes(p.key)))
        .map((slot) => (
          <div key={slot.key} className="flex flex-wrap items-center gap-3">
            <span className="font-semibold">{slot.label}</span>
            <Words specs={work.family.parameters.filter((p) => keys.includes(p.key) && p.slot === slot.key)} />
          </div>
        ))}
    </div>
  )
}

function Row({ callout }: { readonly callout: Callout }) {
  const work = useWork()
  const [editing, setEditing] = useState(false)
  const line = work.design?.ledger.find((l) => l.key === callout.line)
  const spec = work.family.parameters.find((p) => p.key === callout.parameter)
  if (!line) return null
  return (
    <li className="border-base-300 relative grid min-h-14 grid-cols-[1fr_12rem_auto] items-center gap-4 border-b">
      <span>{line.quantity.name}</span>
      <QuantityFigure quantity={line.quantity} />
      <span className="flex gap-2">
        <button className="btn btn-ghost" onClick={() => work.ask(callout.line)}>
          Why?
        </button>
        {spec && (
          <button className="btn btn-outline" onClick={() => setEditing(true)}>
            Edit
          </button>
        )}
        {callout.reads && (
          <button className="btn btn-outline" onClick={() => work.setStation('measure')}>
            Read
          </button>
        )}
      </span>
      {editing && spec && <CalloutEditor spec={spec} line={line} onClose={() => setEditing(false)} />}
    </li>
  )
}
