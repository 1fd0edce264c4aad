import { useQuery } from '@tanstack/react-query'
import { useDeferredValue, useState } from 'react'
import { ApiProblem } from '@/api/client'
import { repair } from '@/api/queries'
import type { TryPlaceView } from '@/api/types'
import { capital } from '@/jobs/inWords'
import { useWork } from '@/jobs/useWork'
import { Field } from '@/ui/Field'
import { useLeading } from '@/ui/leading'
import { Loading } from '@/ui/Loading'
import { Percent } from '@/ui/Percent'
import { ErrorNote } from '@/ui/ProblemNote'

export type RepairsProps = { readonly revision: number; readonly places: readonly TryPlaceView[] }

const kept = 'tape'

/** What may be done to a print that does not fit, in place of another; the tape at hand is remembered on this device. */
export function Repairs({ revision, places }: RepairsProps) {
  const [tape, setTape] = useState(() => localStorage.getItem(kept) ?? '')
  const off = places.filter((p) => p.off)
  if (off.length === 0) return null
  const change = (text: string) => {
    localStorage.setItem(kept, text)
    setTape(text)
  }
  return (
    <section aria-label="In place of another print" className="flex flex-col gap-2">
      <h3 className="font-semibold">In place of another print</h3>
      {off.map((place) => (
        <Mended
          key={place.slot}
          revision={revision}
          place={place}
          called={off.length > 1 ? `${capital(place.label)}: ` : ''}
          tape={tape}
          onTape={change}
        />
      ))}
    </section>
  )
}

type MendedProps = {
  readonly revision: number
  readonly place: TryPlaceView
  readonly called: string
  readonly tape: string
  readonly onTape: (text: string) => void
}

function Mended({ revision, place, called, tape, onTape }: MendedProps) {
  const { leading } = useLeading()
  const asked = useQuery(repair(useWork().part.id, revision, place.slot, useDeferredValue(tape), leading, place.told))
  const problem = asked.error instanceof ApiProblem ? asked.error.at('tape') : undefined
  const found = asked.data
  if (asked.isPending) return <Loading what="what may be done" className="h-24" />
  return (
    <div className="flex flex-col gap-2">
      {asked.error && !problem && <ErrorNote error={asked.error} />}
      {found && (
        <p>
          {called}
          {found.says}
          {found.chance !== null && (
            <>
              {' '}
              It then fits with a chance of <Percent share={found.chance} />.
            </>
          )}
        </p>
      )}
      {found?.weighed && <p className="quiet">{found.weighed}</p>}
      {(found?.sort === 'tape' || problem) && (
        <div className="w-48">
          <Field label="Thickness of your tape" value={tape} onChange={onTape} placeholder="0.13 mm" problem={problem} />
        </div>
      )}
    </div>
  )
}
