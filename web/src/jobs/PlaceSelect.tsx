import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { machinesOf, machinesWith, pageRows } from '@/api/queries'
import type { InterfaceSlot } from '@/api/types'

export type PlaceSelectProps = {
  readonly slot: Pick<InterfaceSlot, 'label' | 'kinds' | 'need'>
  readonly value: string
  readonly onChange: (id: string) => void
}

/** The places of the notebook that a part can fit. Where there are more than a list holds, words narrow it. */
export function PlaceSelect({ slot, value, onChange }: PlaceSelectProps) {
  const [words, setWords] = useState('')
  const found = useQuery(machinesWith(slot.kinds, words)).data ?? []
  const chosen = useQuery(machinesOf(value === '' ? [] : [value])).data ?? []
  const list = [...found, ...chosen.filter((m) => found.every((f) => f.id !== m.id))]
  const label = slot.label[0]!.toUpperCase() + slot.label.slice(1)
  return (
    <div className="flex flex-col gap-1">
      <span className="font-semibold">{label}</span>
      {(words !== '' || found.length === pageRows) && (
        <input
          className="input w-full"
          aria-label={`Find the ${slot.label}`}
          placeholder="words of its machine or place"
          value={words}
          onChange={(e) => setWords(e.target.value)}
        />
      )}
      <select className="select w-full" aria-label={label} value={value} onChange={(e) => onChange(e.target.value)}>
        <option value="">
          {slot.need === 'later' ? 'Not measured yet' : slot.need === 'sometimes' ? 'None measured' : 'Open for now'}
        </option>
        {list.map((m) => (
          <optgroup key={m.id} label={m.name}>
            {m.interfaces
              .filter((i) => slot.kinds.includes(i.kind))
              .map((i) => (
                <option key={i.id} value={i.id}>
                  {i.name}
                </option>
              ))}
          </optgroup>
        ))}
      </select>
    </div>
  )
}
