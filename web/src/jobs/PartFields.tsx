import { useQuery } from '@tanstack/react-query'
import { machines, processes } from '@/api/queries'
import type { FamilyView, InterfaceSlot, MachineSummary, Part } from '@/api/types'
import { Field } from '@/ui/Field'
import { withSlot } from './slots'

/** What a new part begins with. */
export type Fields = { readonly name: string; readonly interfaces: Readonly<Record<string, string>>; readonly process: string }

/** Names a part after its family, with a number when there is one of that name. */
export function startFields(family: FamilyView, others: readonly Part[]): Fields {
  const alike = others.filter((p) => p.family === family.key).length
  return { name: alike === 0 ? family.name : `${family.name} ${alike + 1}`, interfaces: {}, process: '' }
}

export type PartFieldsProps = { readonly family: FamilyView; readonly fields: Fields; readonly onChange: (fields: Fields) => void }

/** Name, places and setup of a new part. */
export function PartFields({ family, fields, onChange }: PartFieldsProps) {
  const machineList = useQuery(machines).data ?? []
  const processList = useQuery(processes).data ?? []
  const choose = (slot: string) => (id: string) => {
    onChange({ ...fields, interfaces: withSlot(fields.interfaces, slot, id) })
  }
  return (
    <>
      <Field label="Name of the part" value={fields.name} onChange={(name) => onChange({ ...fields, name })} />
      {family.slots.map((slot) => (
        <PlaceSelect
          key={slot.key}
          slot={slot}
          machines={machineList}
          value={fields.interfaces[slot.key] ?? ''}
          onChange={choose(slot.key)}
        />
      ))}
      <label className="flex flex-col gap-1">
        <span className="font-semibold">Setup</span>
        <select
          className="select w-full"
          aria-label="Setup"
          value={fields.process}
          onChange={(e) => onChange({ ...fields, process: e.target.value })}
        >
          {processList.map((p) => (
            <option key={p.id} value={p.id}>
              {p.name}
            </option>
          ))}
        </select>
      </label>
    </>
  )
}

type PlaceSelectProps = {
  readonly slot: InterfaceSlot
  readonly machines: readonly MachineSummary[]
  readonly value: string
  readonly onChange: (id: string) => void
}

function PlaceSelect({ slot, machines: list, value, onChange }: PlaceSelectProps) {
  const suits = list
    .map((m) => ({ ...m, interfaces: m.interfaces.filter((i) => slot.kinds.includes(i.kind)) }))
    .filter((m) => m.interfaces.length > 0)
  const label = slot.label[0]!.toUpperCase() + slot.label.slice(1)
  return (
    <label className="flex flex-col gap-1">
      <span className="font-semibold">{label}</span>
      <select className="select w-full" aria-label={label} value={value} onChange={(e) => onChange(e.target.value)}>
        <option value="">{slot.need === 'sometimes' ? 'None measured' : 'Choose a place…'}</option>
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
      {suits.length === 0 && slot.need === 'always' && (
        <span className="quiet text-sm">No such place is entered yet: add one under Machines.</span>
      )}
    </label>
  )
}
