import { useSearchParams } from 'react-router'
import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { place as placeQuery } from '@/api/queries'
import { Loading } from '@/ui/Loading'
import { ErrorNote } from '@/ui/ProblemNote'
import { Asked } from './Asked'
import { PlaceReadings } from '@/machines/PlaceReadings'
import { OpenSlot } from './OpenSlot'
import { isAsked, withSlot } from './slots'
import { useWork, type Work } from './useWork'

/** The readings of what the part fits, next dimension first; what is open is named or measured here. */
export function MeasurePanel() {
  const work = useWork()
  const [search] = useSearchParams()
  const { family, editing, machines } = work
  const state = editing.draft.present
  const known = machines.flatMap((m) => m.interfaces)
  // By its slot where the list does not have it: put away, or entered by somebody else a moment ago.
  const places = family.slots
    .filter((slot) => slot.key in state.interfaces)
    .map((slot) => ({ id: state.interfaces[slot.key]!, name: known.find((i) => i.id === state.interfaces[slot.key])?.name ?? slot.label }))
    .filter((p, i, all) => all.findIndex((other) => other.id === p.id) === i)
  const asked = search.get('place')
  const [open, setOpen] = useState(() => places.find((p) => p.id === asked)?.id ?? places[0]?.id)
  const place = places.find((p) => p.id === open) ?? places[0]
  const unnamed = family.slots.filter((slot, i) => !(slot.key in state.interfaces) && isAsked(family, i, work.shown))
  return (
    <div className="flex flex-col gap-4">
      {places.length > 0 && (
        <div className="flex flex-wrap gap-2" role="tablist" aria-label="Places">
          {places.map((p) => (
            <button
              key={p.id}
              role="tab"
              aria-selected={p === place}
              className={`btn ${p === place ? 'btn-primary' : 'btn-outline'}`}
              onClick={() => setOpen(p.id)}
            >
              {p.name}
            </button>
          ))}
        </div>
      )}
      {place && <Readings key={place.id} id={place.id} from={search.get('dimension')} typed={search.get('typed')} />}
      {unnamed.length > 0 && (
        <section className="flex flex-col gap-3" aria-label="Open">
          <p className="text-lg">
            {unnamed.some((s) => s.need === 'always')
              ? 'It cannot be reckoned before these are read.'
              : 'It can be made to fit something measured.'}
          </p>
          {unnamed.map((slot) => (
            <OpenSlot
              key={slot.key}
              slot={slot}
              value=""
              onChange={(id) => {
                editing.change({ ...state, interfaces: withSlot(state.interfaces, slot.key, id) }, slot.key)
                if (id !== '') setOpen(id)
              }}
            />
          ))}
        </section>
      )}
      {family.slots.length === 0 && <NothingToMeasure />}
      <Asked of={(spec) => spec.kind === 'outline' && odd(work).some((slot) => spec.key === `${slot}Outline`)} />
    </div>
  )
}

/** A part that comes from figures alone. */
function NothingToMeasure() {
  const work = useWork()
  return (
    <div className="flex flex-col gap-3">
      <p className="text-lg">Nothing has to be measured: this part follows from what you decide.</p>
      <button className="btn btn-primary w-fit" onClick={() => work.setStation('reckon')}>
        Decide it
      </button>
    </div>
  )
}

type ReadingsProps = { readonly id: string; readonly from: string | null; readonly typed: string | null }

function Readings({ id, from, typed }: ReadingsProps) {
  const read = useQuery(placeQuery(id))
  if (read.isError) return <ErrorNote error={read.error} />
  if (!read.data) return <Loading what="the readings" className="h-96" />
  return <PlaceReadings place={read.data} from={from ?? undefined} typed={typed ?? undefined} />
}

/** The slots whose place may have an odd outline. */
function odd(work: Work): readonly string[] {
  const shapes = work.machines.flatMap((m) => m.interfaces).filter((i) => i.kind === 'duct' || i.kind === 'block')
  return work.family.slots.map((s) => s.key).filter((slot) => shapes.some((d) => d.id === work.editing.draft.present.interfaces[slot]))
}
