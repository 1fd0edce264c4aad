import type { InterfaceSlot, MachineSummary } from '@/api/types'

export type PlaceSelectProps = {
  readonly slot: InterfaceSlot
  readonly machines: readonly MachineSummary[]
  readonly value: string
  readonly onChange: (id: string) => void
}

/** The places of the notebook that a part can fit. */
export function PlaceSelect({ slot, machines: list, value, onChange }: PlaceSelectProps) {
  const suits = list
    .map((m) => ({ ...m, interfaces: m.interfaces.filter((i) => slot.kinds.includes(i.kind)) }))
    .filter((m) => m.interfaces.length > 0)
  const label = slot.label[0]!.toUpperCase() + slot.label.slice(1)
  return (
    <label className="flex flex-col gap-1">
      <span className="font-semibold">{label}</span>
      <select className="select w-full" aria-label={label} value={value} onChange={(e) => onChange(e.target.value)}>
        <option value="">{slot.need === 'sometimes' ? 'None measured' : 'Open for now'}</option>
        {suits.map((m) => (
          <optgroup key={m.id} label={m.name}>
            {m.interfaces.map((i) => (
              <option key={i.id} value={i.id}>
                {i.name}
              </option>
            ))}
          </optgroup>
        ))}
      </select>
    </label>
  )
}
