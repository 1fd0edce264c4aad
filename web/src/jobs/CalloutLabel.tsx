import { useState, type KeyboardEvent } from 'react'
import { Figure } from '@/ui/Figure'
import { ProvenanceMark } from '@/ui/ProvenanceMark'
import { CalloutEditor } from './CalloutEditor'
import { labelSize, type PlacedCallout } from '@/drawing/calloutLayout'
import { GapGlyph } from './GapGlyph'
import { useWork } from './useWork'

export type CalloutLabelProps = { readonly placed: PlacedCallout }

/** A figure on the drawing: pressed it is edited, the arrows step it, the point asks why. */
export function CalloutLabel({ placed }: CalloutLabelProps) {
  const work = useWork()
  const [editing, setEditing] = useState(false)
  const { callout, label } = placed
  const line = work.design?.ledger.find((l) => l.key === callout.line)
  const spec = work.family.parameters.find((p) => p.key === callout.parameter)
  if (!line) return null
  const place = {
    left: label.x - labelSize.width / 2,
    top: label.y - labelSize.height / 2,
    width: labelSize.width,
    height: labelSize.height,
  }
  const press = () => (spec ? setEditing(true) : callout.reads ? work.setStation('measure') : work.ask(callout.line))
  const keys = (event: KeyboardEvent) => {
    const steps = event.key === 'ArrowUp' ? 1 : event.key === 'ArrowDown' ? -1 : 0
    if (steps !== 0 && spec) work.editing.step(spec, line.quantity.value, steps)
    else if (event.key === '.') work.ask(callout.line)
    else return
    event.preventDefault()
  }
  return (
    <div className="absolute" style={place}>
      <button
        className={`bg-base-100 flex h-full w-full flex-col justify-center rounded border px-2 text-left ${
          spec ? 'border-primary' : callout.reads ? 'border-secondary border-dashed' : 'border-base-300'
        }`}
        onClick={press}
        onKeyDown={keys}
        data-line={callout.line}
      >
        <span className="quiet flex w-full items-center justify-between gap-1 text-xs leading-tight">
          <span className="sr-only">{callout.reads ? line.quantity.name : before(line.quantity.name)}</span>
          <span className="truncate">{callout.reads ? 'measured' : short(line.quantity.name)}</span>
          <ProvenanceMark kind={line.quantity.provenance.kind} />
        </span>
        <span className="flex w-full items-center justify-between gap-1">
          <Figure metric={line.quantity.metric} inches={line.quantity.inches} />
          {callout.line.endsWith('clearance') && <GapGlyph clearance={line.quantity.value} />}
        </span>
      </button>
      {editing && spec && <CalloutEditor spec={spec} line={line} onClose={() => setEditing(false)} />}
    </div>
  )
}

/** The words that the place on the drawing already says are left out. */
const short = (name: string) => name.slice(before(name).length)

const before = (name: string) => /^(first |second )?/.exec(name)![0]
