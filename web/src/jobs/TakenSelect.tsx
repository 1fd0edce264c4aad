import type { TakenFrom, TakenSlot } from '@/api/types'
import type { Offer } from './taking'

export type TakenSelectProps = {
  readonly slot: TakenSlot
  readonly offered: readonly Offer[]
  readonly value: TakenFrom | undefined
  readonly onChange: (from: TakenFrom | undefined) => void
  readonly className?: string
}

/** Chooses one of the things that other parts of the job give. */
export function TakenSelect({ slot, offered, value, onChange, className = 'select w-auto' }: TakenSelectProps) {
  return (
    <select
      className={className}
      value={value ? `${value.part}/${value.thing}` : ''}
      onChange={(e) => onChange(offered.find((o) => `${o.part}/${o.thing}` === e.target.value))}
    >
      <option value="">{slot.otherwise}</option>
      {offered.map(({ part, thing, name }) => (
        <option key={part + thing} value={`${part}/${thing}`}>
          {name}
        </option>
      ))}
    </select>
  )
}
