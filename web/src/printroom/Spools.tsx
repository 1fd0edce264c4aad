import { day } from '@/ui/moments'
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { api, ApiProblem } from '@/api/client'
import { spools } from '@/api/queries'
import type { Spool } from '@/api/types'
import { Loading } from '@/ui/Loading'
import { ErrorNote, ProblemNote } from '@/ui/ProblemNote'
import { NewSpool } from './NewSpool'
import { left } from './left'

/** Spools with what is left on them: the scale's reading less the empty spool. */
export function Spools() {
  const list = useQuery(spools)
  const [adding, setAdding] = useState(false)
  return (
    <section className="flex flex-col gap-4" aria-label="Spools">
      <div className="flex flex-wrap items-center justify-between gap-3">
        <h1 className="text-3xl font-bold">Spools</h1>
        <button className="btn btn-primary" onClick={() => setAdding(true)}>
          Weigh in a spool
        </button>
      </div>
      {list.isPending && <Loading what="the spools" className="h-48" />}
      {list.isError && <ErrorNote error={list.error} />}
      {list.data?.length === 0 && (
        <p className="quiet">No spool is weighed in. Bedfuls can then not say whether the filament lasts the night.</p>
      )}
      <ul className="grid gap-4 md:grid-cols-2">
        {list.data?.map((spool) => (
          <Card key={spool.id} spool={spool} />
        ))}
      </ul>
      {adding && <NewSpool onClose={() => setAdding(false)} />}
    </section>
  )
}

function Card({ spool }: { readonly spool: Spool }) {
  const [gross, setGross] = useState('')
  const client = useQueryClient()
  const again = () => client.invalidateQueries({ queryKey: ['spools'] })
  const weigh = useMutation({
    mutationFn: () => api.POST('/api/spools/{id}/weighings', { params: { path: { id: spool.id } }, body: { gross: Number(gross) } }),
    onSuccess: async () => {
      setGross('')
      await again()
    },
  })
  const putAway = useMutation({
    mutationFn: () => api.POST('/api/spools/{id}/put-away', { params: { path: { id: spool.id } } }),
    onSuccess: again,
  })
  const problem = weigh.error instanceof ApiProblem ? weigh.error.problems[0] : undefined
  const grams = left(spool)
  return (
    <li className="border-base-300 flex gap-4 rounded-md border p-4">
      <Wound grams={grams} />
      <div className="flex grow flex-col gap-2">
        <div className="flex items-baseline justify-between gap-3">
          <span>
            <span className="block text-lg font-semibold">{spool.name}</span>
            <span className="quiet">
              {spool.material}
              {spool.colour && `, ${spool.colour}`}
            </span>
          </span>
          <span className="figure text-3xl font-semibold">
            {grams.toFixed(0)} <span className="text-lg">g</span>
          </span>
        </div>
        <span className="quiet figure text-sm">
          {spool.gross.toFixed(0)} g less {spool.tare.toFixed(0)} g, weighed {day(spool.weighedAt)}
        </span>
        <form
          className="flex flex-wrap items-center gap-2"
          onSubmit={(event) => {
            event.preventDefault()
            weigh.mutate()
          }}
        >
          <input
            className="input figure w-28"
            inputMode="decimal"
            value={gross}
            onChange={(e) => setGross(e.target.value.replace(/[^\d.]/g, ''))}
            placeholder="g"
            aria-label={`What the scale shows for ${spool.name}`}
          />
          <button className="btn btn-outline" disabled={gross === '' || weigh.isPending}>
            Weighed now
          </button>
          <button type="button" className="btn btn-ghost" onClick={() => putAway.mutate()}>
            Empty, put away
          </button>
        </form>
        {problem && <ProblemNote problem={problem} />}
      </div>
    </li>
  )
}

/** A spool from the side: as much wound on it as is left of a kilogram. */
function Wound({ grams }: { readonly grams: number }) {
  const [core, rim] = [11, 29]
  const radius = Math.sqrt(core * core + (Math.min(grams, 1000) / 1000) * (rim * rim - core * core))
  return (
    <svg viewBox="0 0 64 64" className="h-20 w-20 shrink-0" aria-hidden>
      <circle cx="32" cy="32" r={rim + 1.5} fill="none" stroke="var(--machine)" strokeWidth="1.5" />
      <circle cx="32" cy="32" r={(radius + core) / 2} fill="none" stroke="var(--part)" strokeWidth={Math.max(0.5, radius - core)} />
      <circle cx="32" cy="32" r={core} fill="none" stroke="var(--machine)" strokeWidth="1.5" />
    </svg>
  )
}
