import type { ReactNode } from 'react'
import type { TryPlaceView } from '@/api/types'
import { useLeading } from '@/ui/leading'
import { Percent } from '@/ui/Percent'
import { outlined } from './outlined'
import { seatOf } from './places'
import { inLeading } from './size'

export type TryPlacesProps = {
  readonly places: readonly TryPlaceView[]
  readonly chosen: string
  readonly onChoose: (slot: string) => void
}

/** What can be tried of a print: what stands alone, and rungs as they lie on the bench, each with what was told of it. */
export function TryPlaces({ places, chosen, onChoose }: TryPlacesProps) {
  const { leading } = useLeading()
  const rungs = places.filter((p) => p.step !== null)
  const ladders = [...new Set(rungs.map((p) => seatOf(p.slot)))].map((seat) => rungs.filter((p) => seatOf(p.slot) === seat))
  return (
    <fieldset className="flex flex-col gap-2">
      <legend className="mb-1 font-semibold">{places.length > 1 ? 'Fitted to, or tried for' : 'Tried for'}</legend>
      {ladders.map((ladder) => (
        <div key={ladder[0]!.slot} className="flex flex-col gap-1">
          <span className="quiet text-sm">
            {ladder[0]!.name}, drawn, in {leading === 'metric' ? 'mm' : 'inches'}
          </span>
          <div className="grid gap-1" style={{ gridTemplateColumns: `repeat(${Math.min(7, ladder.length)}, minmax(0, 1fr))` }}>
            {ladder.map((place) => (
              <PlaceCard key={place.slot} place={place} checked={place.slot === chosen} onChoose={onChoose}>
                <span className="figure text-xl">{place.step!.match(/\d+$/)?.[0]}</span>
                <span className="figure quiet text-xs">{inLeading(place.drawn!, leading).split(' ')[0]}</span>
              </PlaceCard>
            ))}
          </div>
        </div>
      ))}
      <div className="flex flex-wrap gap-1">
        {places
          .filter((p) => p.step === null)
          .map((place) => (
            <PlaceCard key={place.slot} place={place} checked={place.slot === chosen} onChoose={onChoose}>
              <span>{place.name}</span>
              {place.drawn !== null && <span className="figure quiet text-xs">{inLeading(place.drawn, leading)}</span>}
            </PlaceCard>
          ))}
      </div>
    </fieldset>
  )
}

type PlaceCardProps = {
  readonly place: TryPlaceView
  readonly checked: boolean
  readonly onChoose: (slot: string) => void
  readonly children: ReactNode
}

/** One thing to try, with the chance that it fits and what was told of it. */
function PlaceCard({ place, checked, onChoose, children }: PlaceCardProps) {
  return (
    <label
      className={`relative flex min-h-12 min-w-14 flex-col items-center justify-center rounded-md border px-2 py-1 text-center leading-tight
        has-focus-visible:outline-2 has-focus-visible:outline-offset-2 ${outlined(checked)}`}
    >
      <input
        type="radio"
        name="slot"
        className="absolute inset-0 h-full w-full cursor-pointer opacity-0"
        aria-label={place.label}
        checked={checked}
        onChange={() => onChoose(place.slot)}
      />
      {children}
      {place.chance !== null && (
        <span className="quiet text-xs" title="chance that it fits as wanted">
          <Percent share={place.chance} />
        </span>
      )}
      {place.told.length > 0 && <span className="text-xs">{place.told.join('; ')}</span>}
    </label>
  )
}
