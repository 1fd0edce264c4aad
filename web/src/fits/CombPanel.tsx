import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { api, got } from '@/api/client'
import { comb } from '@/api/queries'
import type { Surface } from '@/api/types'
import { capital } from '@/jobs/inWords'
import { Loading } from '@/ui/Loading'
import { ErrorNote } from '@/ui/ProblemNote'
import { CombDrawing } from './CombDrawing'

/** The smallest test print that answers what is in doubt of a setup, or what the maker chooses. */
export function CombPanel({ setup }: { readonly setup: string }) {
  const client = useQueryClient()
  const [surfaces, setSurfaces] = useState<readonly Surface[] | null>(null)
  const asked = useQuery(comb(setup, surfaces))
  const make = useMutation({
    mutationFn: () =>
      got(api.POST('/api/fits/{id}/combs', { params: { path: { id: setup } }, body: { surfaces: surfaces && [...surfaces] } })),
    onSuccess: () => client.invalidateQueries({ queryKey: ['fits', setup, 'combs'] }),
  })
  const shown = asked.data
  // What is ticked shows at once; what it comes to follows.
  const chosen = surfaces ?? shown?.surfaces.filter((s) => s.asked).map((s) => s.surface) ?? []
  return (
    <section aria-label="The smallest test print" className="border-base-300 flex flex-col gap-4 rounded-md border p-4">
      <h2 className="text-xl font-bold">The smallest test print</h2>
      {asked.error && <ErrorNote error={asked.error} />}
      {!shown && !asked.error && <Loading what="what is in doubt" className="h-72" />}
      {shown && (
        <div className={`grid gap-6 lg:grid-cols-[1fr_22rem] ${asked.isPlaceholderData ? 'opacity-60' : ''}`}>
          <div className="flex flex-col gap-3">
            <p role="status">{shown.says}</p>
            {shown.teeth.length > 0 && <CombDrawing teeth={shown.teeth} wide={shown.wide} deep={shown.deep} />}
            {shown.bed && shown.bed.verdict !== 'good' && <p className="text-error">{shown.bed.says}</p>}
            {shown.teeth.length > 0 && (
              <div className="flex flex-wrap items-center gap-4">
                <button className="btn btn-primary" disabled={make.isPending || asked.isPlaceholderData} onClick={() => make.mutate()}>
                  Make it
                </button>
                <span>
                  It takes <strong className="figure">{shown.takes}</strong>.
                </span>
              </div>
            )}
            {make.error && <ErrorNote error={make.error} />}
          </div>
          <fieldset className="flex flex-col gap-2">
            <legend className="mb-1 font-semibold">It asks about</legend>
            {shown.surfaces.map((s) => (
              <label key={s.surface} className="flex items-start gap-3">
                <input
                  type="checkbox"
                  className="checkbox mt-1"
                  checked={chosen.includes(s.surface)}
                  onChange={() => setSurfaces(chosen.includes(s.surface) ? chosen.filter((c) => c !== s.surface) : [...chosen, s.surface])}
                />
                <span className="flex flex-col">
                  <span>{capital(s.name)}</span>
                  <span className="quiet text-sm">{s.says}</span>
                </span>
              </label>
            ))}
            <p className="quiet text-sm">A printed thread is proved by the sample of its own part: it needs the spindle it is for.</p>
          </fieldset>
        </div>
      )}
    </section>
  )
}
