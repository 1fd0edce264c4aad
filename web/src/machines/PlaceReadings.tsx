import { useQuery } from '@tanstack/react-query'
import { lazy, Suspense, useState } from 'react'
import { placeShape } from '@/api/queries'
import type { InterfaceView } from '@/api/types'
import { Loading } from '@/ui/Loading'
import { ErrorNote } from '@/ui/ProblemNote'
import { useKeys } from '@/ui/useKeys'
import { DimensionList } from './DimensionList'
import { OutlineFrom } from './OutlineFrom'
import { PlaceDrawing } from './PlaceDrawing'
import { PlaceFollows } from './PlaceFollows'
import { ReadingEntry } from './ReadingEntry'
import { ReadingList } from './ReadingList'
import { Ways } from './Ways'
import { ScannedBody } from './ScannedBody'
import { nextDimension } from './nextDimension'

const SeatView = lazy(() => import('@/viewer/SeatView').then((m) => ({ default: m.SeatView })))

export type PlaceReadingsProps = {
  readonly place: InterfaceView
  /** The dimension to begin with; the next wanted one when left out. */
  readonly from?: string | undefined
  /** What a key has already begun to type. */
  readonly typed?: string | undefined
}

/** A place: its drawing, the entry with the next dimension chosen, what has been read and what follows. Digits start a reading. */
export function PlaceReadings({ place, from, typed: begun }: PlaceReadingsProps) {
  const [chosen, setChosen] = useState(() => from ?? nextDimension(place))
  const [typed, setTyped] = useState(begun === undefined ? null : { text: begun, count: 0 })
  const [device, setDevice] = useState(false)
  const [round, setRound] = useState(false)
  const begin = (text: string) => setTyped((t) => ({ text, count: (t?.count ?? 0) + 1 }))
  const moveOn = () => {
    setChosen(nextDimension(place, undefined, chosen))
    begin('')
  }
  useKeys({ digit: (event) => begin(event.key), r: () => begin(''), n: moveOn })
  const dimension = place.dimensions.find((d) => d.key === chosen) ?? place.dimensions[0]!
  return (
    <article className="@container flex flex-col gap-4" aria-label={place.name}>
      <div className="flex flex-wrap items-center justify-between gap-2">
        <h2 className="text-xl font-semibold">
          {place.name} <span className="quiet text-base font-normal">{place.kindName}</span>
        </h2>
        <div className="flex gap-1">
          {(['drawn', 'round'] as const).map((mode) => (
            <button
              key={mode}
              className={`btn ${round === (mode === 'round') ? 'btn-outline btn-primary' : 'btn-ghost'}`}
              aria-pressed={round === (mode === 'round')}
              onClick={() => setRound(mode === 'round')}
            >
              {mode === 'round' ? 'In the round' : 'Drawing'}
            </button>
          ))}
        </div>
      </div>
      <div className="grid grid-cols-1 gap-6 @4xl:grid-cols-[minmax(0,1fr)_22rem]">
        <div className="flex min-w-0 flex-col gap-3">
          <div className="h-96">
            {round ? <InTheRound place={place} /> : <PlaceDrawing place={place} chosen={dimension.key} onChoose={setChosen} />}
          </div>
          <DimensionList place={place} chosen={dimension.key} onChoose={setChosen} />
        </div>
        <div className="order-first flex min-w-0 flex-col gap-4 @4xl:order-last">
          {place.isScanned ? <ScannedBody place={place} /> : place.isTraced && <OutlineFrom place={place} />}
          <ReadingEntry
            key={`${dimension.key}/${typed?.count ?? 0}`}
            place={place}
            dimension={dimension}
            start={typed?.text ?? null}
            device={device}
            onDevice={setDevice}
            onMoveOn={moveOn}
            onTaken={(updated) => {
              setChosen(nextDimension(updated, dimension.key))
              begin('')
            }}
          />
          <ReadingList dimension={dimension} />
          <Ways dimension={dimension} onChoose={setChosen} />
        </div>
      </div>
      <PlaceFollows place={place} onChoose={setChosen} />
    </article>
  )
}

function InTheRound({ place }: { readonly place: InterfaceView }) {
  const shape = useQuery(placeShape(place))
  if (shape.isError) return <ErrorNote error={shape.error} />
  if (!shape.data) return <Loading what="the view in the round" className="h-full" />
  return (
    <Suspense fallback={<Loading what="the view in the round" className="h-full" />}>
      <div className="grid h-full">
        <SeatView bodies={[shape.data]} apart={false} />
      </div>
    </Suspense>
  )
}
