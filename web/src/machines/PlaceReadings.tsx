import { useState } from 'react'
import type { InterfaceView } from '@/api/types'
import { useKeys } from '@/ui/useKeys'
import { DuctDrawing } from './DuctDrawing'
import { ReadingEntry } from './ReadingEntry'
import { ReadingList } from './ReadingList'
import { TubeDrawing } from './TubeDrawing'
import { nextDimension } from './nextDimension'

export type PlaceReadingsProps = {
  readonly place: InterfaceView
  /** Whether digits start a reading here. */
  readonly hotkeys: boolean
  /** The dimension to begin with; the next wanted one when left out. */
  readonly from?: string | undefined
  /** What a key has already begun to type. */
  readonly typed?: string | undefined
}

/** A place: its drawing, the entry with the next dimension chosen, and what has been read. */
export function PlaceReadings({ place, hotkeys, from, typed: begun }: PlaceReadingsProps) {
  const [chosen, setChosen] = useState(() => from ?? nextDimension(place))
  const [typed, setTyped] = useState(begun === undefined ? null : { text: begun, count: 0 })
  const begin = (text: string) => setTyped((t) => ({ text, count: (t?.count ?? 0) + 1 }))
  useKeys(hotkeys ? { digit: (event) => begin(event.key), r: () => begin('') } : {})
  const dimension = place.dimensions.find((d) => d.key === chosen) ?? place.dimensions[0]!
  return (
    <article className="@container flex flex-col gap-4" aria-label={place.name}>
      <h2 className="text-xl font-semibold">
        {place.name} <span className="quiet text-base font-normal">{place.kindName}</span>
      </h2>
      <div className="grid grid-cols-1 gap-6 @3xl:grid-cols-2">
        {place.kind === 'duct' ? (
          <DuctDrawing place={place} chosen={dimension.key} onChoose={setChosen} />
        ) : (
          <TubeDrawing place={place} chosen={dimension.key} onChoose={setChosen} />
        )}
        <div className="order-first flex flex-col gap-4 @3xl:order-last">
          <ReadingEntry
            key={`${dimension.key}/${typed?.count ?? 0}`}
            place={place}
            dimension={dimension}
            start={typed?.text ?? null}
            onTaken={(updated) => {
              setChosen(nextDimension(updated))
              begin('')
            }}
          />
          <ReadingList dimension={dimension} />
        </div>
      </div>
    </article>
  )
}
