import type { MachineSummary, ParameterSpec } from '@/api/types'
import { Percent } from '@/ui/Percent'
import { Word } from './Word'
import type { Work } from './Workbench'

/** Each end as a sentence whose words can be changed: goes over the spigot, snug. */
export function EndSentences({ work }: { readonly work: Work }) {
  const { family, editing, design, machines } = work
  const state = editing.draft.present
  return (
    <div className="grid grid-cols-1 gap-x-6 gap-y-2 px-4 pb-3 md:grid-cols-2">
      {family.slots.map((slot) => {
        const seat = design?.seats.find((s) => s.slot === slot.key)
        return (
          <div key={slot.key} className="bg-base-200 rounded-md px-3 py-2" role="group" aria-label={slot.label}>
            <div className="grid grid-cols-[auto_minmax(0,1fr)] gap-2">
              <Word spec={spec(family.parameters, `${slot.key}Join`)} work={work} />
              <PlaceWord
                machines={machines}
                kinds={slot.kinds}
                label={slot.label}
                value={state.interfaces[slot.key] ?? ''}
                onChange={(id) => editing.change({ ...state, interfaces: { ...state.interfaces, [slot.key]: id } }, slot.key)}
              />
            </div>
            <div className="mt-2 flex flex-wrap items-center gap-2">
              <Word spec={spec(family.parameters, `${slot.key}Fit`)} work={work} />
              <span className="quiet text-sm">held by</span>
              <Word spec={spec(family.parameters, `${slot.key}Hold`)} work={work} />
              {seat && (
                <span className="quiet ml-auto text-sm">
                  chance <Percent share={seat.chance} />
                </span>
              )}
            </div>
          </div>
        )
      })}
    </div>
  )
}

const spec = (specs: readonly ParameterSpec[], key: string) => specs.find((s) => s.key === key)!

type PlaceWordProps = {
  readonly machines: readonly MachineSummary[]
  readonly kinds: readonly string[]
  readonly label: string
  readonly value: string
  readonly onChange: (id: string) => void
}

function PlaceWord({ machines, kinds, label, value, onChange }: PlaceWordProps) {
  const places = machines.flatMap((m) => m.interfaces).filter((i) => kinds.includes(i.kind))
  return (
    <select className="select w-full" aria-label={`Place of the ${label}`} value={value} onChange={(e) => onChange(e.target.value)}>
      {places.map((i) => (
        <option key={i.id} value={i.id}>
          {i.name}
        </option>
      ))}
    </select>
  )
}
