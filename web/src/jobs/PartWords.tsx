import type { InterfaceSlot, MachineSummary, ParameterSpec } from '@/api/types'
import { Percent } from '@/ui/Percent'
import { Words } from './Asked'
import { withSlot } from './slots'
import { Word } from './Word'
import type { Work } from './Workbench'

/** The part as sentences whose words can be changed: one for each place it fits, and one for what is not on the drawing. */
export function PartWords({ work }: { readonly work: Work }) {
  const { family, design } = work
  const shown = new Set(design?.drawing?.callouts.map((c) => c.parameter))
  const rest = family.parameters.filter((p) => p.askedAt === 'reckon' && !shown.has(p.key) && !belongs(p, family.slots) && !waits(p))
  return (
    <div className="flex max-h-56 flex-col gap-2 overflow-auto px-4 pb-3">
      {family.slots.length > 0 && (
        <div className="grid grid-cols-1 gap-x-6 gap-y-2 md:grid-cols-2">
          {family.slots.map((slot) => (
            <SlotSentence key={slot.key} slot={slot} work={work} />
          ))}
        </div>
      )}
      {rest.length > 0 && (
        <div className="bg-base-200 rounded-md px-3 py-2" role="group" aria-label="Made so">
          {family.serves && <ServesWord work={work} />}
          <Words specs={rest} work={work} />
        </div>
      )}
    </div>
  )
}

/** A value that a choice brings into play is on the drawing as soon as it counts. */
const waits = (spec: ParameterSpec) => Object.keys(spec.sets).length > 0

const belongs = (spec: ParameterSpec, slots: readonly InterfaceSlot[]) =>
  slots.some((slot) => spec.key.startsWith(slot.key) && spec.key !== slot.key)

function SlotSentence({ slot, work }: { readonly slot: InterfaceSlot; readonly work: Work }) {
  const { family, editing, design, machines } = work
  const state = editing.draft.present
  const seat = design?.seats.find((s) => s.slot === slot.key)
  const spec = (ending: string) => family.parameters.find((s) => s.key === `${slot.key}${ending}`)
  const [join, fit, hold] = [spec('Join'), spec('Fit'), spec('Hold')]
  const rest = family.parameters.filter(
    (p) => belongs(p, [slot]) && ![join, fit, hold].includes(p) && p.askedAt === 'reckon' && p.kind !== 'outline' && !hold,
  )
  const choose = (id: string) => {
    editing.change({ ...state, interfaces: withSlot(state.interfaces, slot.key, id) }, slot.key)
  }
  return (
    <div className="bg-base-200 rounded-md px-3 py-2" role="group" aria-label={slot.label}>
      <div className="grid grid-cols-[auto_minmax(0,1fr)] items-center gap-2">
        {join ? <Word spec={join} work={work} /> : <span className="quiet">{slot.label}</span>}
        <PlaceWord machines={machines} slot={slot} value={state.interfaces[slot.key] ?? ''} onChange={choose} />
      </div>
      <div className="mt-2 flex flex-wrap items-center gap-2 empty:hidden">
        {fit && <Word spec={fit} work={work} />}
        {hold && <span className="quiet text-sm">held by</span>}
        {hold && <Word spec={hold} work={work} />}
        {state.interfaces[slot.key] && rest.length > 0 && <Words specs={rest} work={work} />}
        {seat && (
          <span className="quiet ml-auto text-sm">
            chance <Percent share={seat.chance} />
          </span>
        )}
      </div>
    </div>
  )
}

type PlaceWordProps = {
  readonly machines: readonly MachineSummary[]
  readonly slot: InterfaceSlot
  readonly value: string
  readonly onChange: (id: string) => void
}

function PlaceWord({ machines, slot, value, onChange }: PlaceWordProps) {
  const places = machines.flatMap((m) => m.interfaces).filter((i) => slot.kinds.includes(i.kind))
  return (
    <select className="select w-full" aria-label={`Place of the ${slot.label}`} value={value} onChange={(e) => onChange(e.target.value)}>
      {slot.need === 'sometimes' && <option value="">none measured</option>}
      {places.map((i) => (
        <option key={i.id} value={i.id}>
          {i.name}
        </option>
      ))}
    </select>
  )
}

/** The part of the job that gives the holes. */
function ServesWord({ work }: { readonly work: Work }) {
  const { job, part, editing } = work
  const state = editing.draft.present
  const others = job.parts.filter((p) => p.id !== part.id)
  if (others.length === 0) return null
  return (
    <label className="mb-2 flex items-center gap-2">
      <span className="quiet">Holes taken from</span>
      <select
        className="select w-auto"
        value={state.serves ?? ''}
        onChange={(e) => editing.change({ ...state, serves: e.target.value === '' ? null : e.target.value }, 'serves')}
      >
        <option value="">what is given here</option>
        {others.map((p) => (
          <option key={p.id} value={p.id}>
            {p.name}
          </option>
        ))}
      </select>
    </label>
  )
}
