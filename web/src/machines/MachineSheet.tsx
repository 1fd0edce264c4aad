import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { Link, useSearchParams } from 'react-router'
import { machine as machineQuery } from '@/api/queries'
import type { MachineView } from '@/api/types'
import { Loading } from '@/ui/Loading'
import { ErrorNote } from '@/ui/ProblemNote'
import { EditMachine } from './EditMachine'
import { EditPlace } from './EditPlace'
import { PutAway } from './PutAway'
import { NewPlace } from './NewPlace'
import { PlaceReadings } from './PlaceReadings'
import { TakeReadings } from './TakeReadings'

/** One machine: its places, one of them on the bench. */
export function MachineSheet({ id }: { readonly id: string }) {
  const query = useQuery(machineQuery(id))
  if (query.isError)
    return (
      <div className="p-6">
        <ErrorNote error={query.error} />
      </div>
    )
  if (!query.data) return <Loading what="the machine" className="m-6 h-96" />
  return <Opened machine={query.data} />
}

type Open = 'edit' | 'copy' | 'place' | 'readings' | null

function Opened({ machine }: { readonly machine: MachineView }) {
  const [params, setParams] = useSearchParams()
  const [open, setOpen] = useState<Open>(null)
  const place = machine.interfaces.find((i) => i.id === params.get('place')) ?? machine.interfaces[0]
  return (
    <section className="flex min-w-0 flex-col gap-4 p-6" aria-label={machine.name}>
      <div>
        <div className="flex flex-wrap items-center justify-between gap-x-3">
          <h1 className="text-3xl font-bold">{machine.name}</h1>
          <Actions machine={machine} onOpen={setOpen} />
        </div>
        {machine.note && <p className="quiet">{machine.note}</p>}
        {machine.archived && <p className="text-warning">Put away. Edit it to bring it back.</p>}
        <Jobs machine={machine} />
      </div>
      <div className="flex flex-wrap gap-2">
        {machine.interfaces.length > 0 && (
          <div className="flex flex-wrap gap-2" role="tablist" aria-label="Places">
            {machine.interfaces.map((p) => (
              <button
                key={p.id}
                role="tab"
                aria-selected={p === place}
                className={`btn ${p === place ? 'btn-primary' : 'btn-outline'}`}
                onClick={() => setParams({ place: p.id }, { replace: true })}
              >
                {p.name}
              </button>
            ))}
          </div>
        )}
        {place && (
          <button className="btn btn-ghost" onClick={() => setOpen('place')}>
            Edit this place
          </button>
        )}
      </div>
      {place && <PlaceReadings key={place.id} place={place} from={params.get('dimension') ?? undefined} />}
      {!place && <p className="text-lg">No place is entered yet. A place is what a part must fit: a port, a post, a slot, a drawer.</p>}
      <NewPlace machine={machine} onAdded={(added) => setParams({ place: added }, { replace: true })} />
      {machine.putAway.length > 0 && <PutAway places={machine.putAway} />}
      {open === 'edit' && <EditMachine machine={machine} onClose={() => setOpen(null)} />}
      {open === 'copy' && <EditMachine machine={machine} copy onClose={() => setOpen(null)} />}
      {open === 'place' && place && <EditPlace place={place} onClose={() => setOpen(null)} />}
      {open === 'readings' && place && <TakeReadings machine={machine} place={place} onClose={() => setOpen(null)} />}
    </section>
  )
}

type ActionsProps = { readonly machine: MachineView; readonly onOpen: (open: Open) => void }

function Actions({ machine, onOpen }: ActionsProps) {
  return (
    <div className="flex flex-wrap">
      <button className="btn btn-ghost" onClick={() => onOpen('edit')}>
        Edit
      </button>
      <button className="btn btn-ghost" onClick={() => onOpen('copy')}>
        Another like it
      </button>
      <a className="btn btn-ghost" href={`/api/machines/${machine.id}/card.json`} download>
        Save its card
      </a>
      <a className="btn btn-ghost" href={`/api/machines/${machine.id}/readings.csv`} download>
        Readings as CSV
      </a>
      <button className="btn btn-ghost" onClick={() => onOpen('readings')} disabled={machine.interfaces.length === 0}>
        Take in readings
      </button>
    </div>
  )
}

function Jobs({ machine }: { readonly machine: MachineView }) {
  if (machine.jobs.length === 0) return null
  return (
    <p>
      <span className="quiet">Used in</span>{' '}
      {machine.jobs.map((j, i) => (
        <span key={j.id}>
          {i > 0 && ', '}
          <Link className="link" to={`/jobs/${j.id}`}>
            {j.name}
          </Link>
        </span>
      ))}
    </p>
  )
}
