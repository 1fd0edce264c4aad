import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { Link } from 'react-router'
import { alike } from '@/api/queries'
import type { InterfaceView } from '@/api/types'
import { Judgement } from '@/ui/Judgement'
import { LedgerLines } from '@/ui/LedgerLines'
import { Likely } from './Likely'
import { Photos } from './Photos'

export type PlaceFollowsProps = { readonly place: InterfaceView; readonly onChoose: (dimension: string) => void }

/** What follows from the readings: whether they agree, computed figures, what it may be, what else is like it, photographs. */
export function PlaceFollows({ place, onChoose }: PlaceFollowsProps) {
  return (
    <div className="grid grid-cols-1 gap-x-8 gap-y-6 @3xl:grid-cols-2">
      {place.checks.length > 0 && (
        <section aria-label="What must agree">
          <h3 className="text-lg font-semibold">What must agree</h3>
          <ul>
            {place.checks.map((c) => (
              <Judgement key={c.key} check={c} onRemedy={(r) => r.measure && onChoose(r.measure.dimension)} />
            ))}
          </ul>
        </section>
      )}
      {place.figures.length > 0 && <Follows place={place} />}
      <Likely place={place} />
      <Alike place={place} />
      <Photos place={place.id} />
    </div>
  )
}

function Follows({ place }: { readonly place: InterfaceView }) {
  const [open, setOpen] = useState<string | null>(null)
  return (
    <section aria-label="What follows">
      <h3 className="text-lg font-semibold">What follows</h3>
      <LedgerLines lines={place.figures} open={open} onOpen={setOpen} label="What follows from the sizes" />
    </section>
  )
}

function Alike({ place }: { readonly place: InterfaceView }) {
  const list = useQuery(alike(place.id)).data ?? []
  if (list.length === 0) return null
  return (
    <section aria-label="What else it would fit">
      <h3 className="text-lg font-semibold">A part made for this would also fit</h3>
      <ul>
        {list.map((a) => (
          <li key={a.interface} className="border-base-300 border-b">
            <Link
              className="hover:bg-base-200 flex min-h-11 items-center justify-between gap-3 rounded px-2"
              to={`/machines/${a.machine}?place=${a.interface}`}
            >
              <span>
                {a.name} <span className="quiet">of {a.machineName}</span>
              </span>
              <span className="figure quiet">{a.largest} apart at most</span>
            </Link>
          </li>
        ))}
      </ul>
    </section>
  )
}
