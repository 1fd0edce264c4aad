import { useState } from 'react'
import type { InterfaceSlot } from '@/api/types'
import { MeasureNow } from './MeasureNow'
import { PlaceSelect } from './PlaceSelect'

export type OpenSlotProps = {
  readonly slot: InterfaceSlot
  readonly value: string
  readonly onChange: (place: string) => void
}

/** What a part fits: a place that is known, or one that is measured now. */
export function OpenSlot({ slot, value, onChange }: OpenSlotProps) {
  const [entering, setEntering] = useState(false)
  return (
    <div className="flex flex-col gap-2">
      <div className="flex items-end gap-2">
        <div className="min-w-0 grow">
          <PlaceSelect slot={slot} value={value} onChange={onChange} />
        </div>
        {value === '' && (
          <button type="button" className="btn btn-outline" aria-expanded={entering} onClick={() => setEntering(!entering)}>
            Measure it now
          </button>
        )}
      </div>
      {entering && value === '' && (
        <MeasureNow
          slot={slot}
          onNamed={(place) => {
            setEntering(false)
            onChange(place)
          }}
        />
      )}
    </div>
  )
}
