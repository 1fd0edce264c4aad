import type { FamilyView, Part } from '@/api/types'
import { Field } from '@/ui/Field'
import { OpenSlot } from './OpenSlot'
import { isAsked, withSlot } from './slots'
import { useSetups } from '@/setups/useSetups'

/** What a new part begins with. */
export type Fields = { readonly name: string; readonly interfaces: Readonly<Record<string, string>>; readonly process: string }

/** Names a part after its family, with a number when there is one of that name. */
export function startFields(family: FamilyView, others: readonly Part[]): Fields {
  const alike = others.filter((p) => p.family === family.key).length
  return { name: alike === 0 ? family.name : `${family.name} ${alike + 1}`, interfaces: {}, process: '' }
}

/** A part of which nothing is decided yet. */
const open = { parameters: {}, takes: {} }

export type PartFieldsProps = { readonly family: FamilyView; readonly fields: Fields; readonly onChange: (fields: Fields) => void }

/** Name, places and setup of a new part. Places may stay open: they are measured when it is convenient. */
export function PartFields({ family, fields, onChange }: PartFieldsProps) {
  const processList = useSetups(fields.process)
  const choose = (slot: string) => (id: string) => {
    onChange({ ...fields, interfaces: withSlot(fields.interfaces, slot, id) })
  }
  return (
    <>
      <Field label="Name of the part" value={fields.name} onChange={(name) => onChange({ ...fields, name })} />
      {family.slots
        .filter((slot, i) => slot.need !== 'later' && isAsked(family, i, { ...open, interfaces: fields.interfaces }))
        .map((slot) => (
          <OpenSlot key={slot.key} slot={slot} value={fields.interfaces[slot.key] ?? ''} onChange={choose(slot.key)} />
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
