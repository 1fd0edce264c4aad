import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { processes } from '@/api/queries'
import { NewSetup } from '@/jobs/NewSetup'
import { AwayList } from '@/ui/AwayList'
import { Loading } from '@/ui/Loading'
import { ErrorNote } from '@/ui/ProblemNote'
import { useAway } from '@/ui/useAway'

/** Printers with their filaments; those that are no longer used are put away. */
export function Setups() {
  const list = useQuery(processes)
  const shelf = useAway('processes')
  const [adding, setAdding] = useState(false)
  return (
    <section className="flex flex-col gap-4" aria-label="Setups">
      <div className="flex flex-wrap items-center justify-between gap-3">
        <h1 className="text-3xl font-bold">Setups</h1>
        <button className="btn btn-primary" onClick={() => setAdding(true)}>
          Add a setup
        </button>
      </div>
      {list.isPending && <Loading what="the setups" className="h-32" />}
      {list.isError && <ErrorNote error={list.error} />}
      <ul>
        {(list.data ?? [])
          .filter((p) => !shelf.isAway(p.id))
          .map((p) => (
            <li key={p.id} className="border-base-300 flex min-h-12 flex-wrap items-center gap-x-4 border-b">
              <span className="font-semibold">{p.name}</span>
              <span className="quiet grow">
                {p.printer}, {p.material}, bed{' '}
                <span className="figure">
                  {p.bedWidth} × {p.bedDepth} × {p.buildHeight} mm
                </span>
              </span>
              <button className="btn btn-ghost" aria-label={`Put away ${p.name}`} onClick={() => shelf.put(p.id, true)}>
                Put away
              </button>
            </li>
          ))}
      </ul>
      {shelf.error && <ErrorNote error={shelf.error} />}
      <AwayList thing="processes" all={list.data ?? []} called="of the setups" />
      {adding && <NewSetup onClose={() => setAdding(false)} onMade={() => undefined} />}
    </section>
  )
}
