import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { api, ApiProblem, got, sendJson } from '@/api/client'
import { learned } from '@/api/queries'
import { refreshFits } from '@/api/refresh'
import type { LearnedFrom } from '@/api/types'
import { Field } from '@/ui/Field'
import { FileButton } from '@/ui/FileButton'
import { Loading } from '@/ui/Loading'
import { ErrorNote } from '@/ui/ProblemNote'
import { day } from '@/ui/moments'
import { readJson } from '@/ui/readJson'

/** What this workshop's prints told, as a file for another; and what others told, taken in and taken out. */
export function LearnedPanel() {
  const client = useQueryClient()
  const [name, setName] = useState('')
  const list = useQuery(learned)
  const take = useMutation({
    mutationFn: async (file: File) => {
      const whose = name.trim() || file.name.replace(/\.json$/i, '')
      const read = await readJson(file, 'is not what a workshop has learned.')
      return sendJson<LearnedFrom>('POST', `/api/learned?name=${encodeURIComponent(whose)}`, read)
    },
    onSuccess: async () => {
      setName('')
      await refreshFits(client)
    },
  })
  const out = useMutation({
    mutationFn: (id: string) => got(api.DELETE('/api/learned/{id}', { params: { path: { id } } })),
    onSuccess: () => refreshFits(client),
  })
  const problem = take.error instanceof ApiProblem ? take.error.at('name') : undefined
  return (
    <section aria-label="From workshop to workshop" className="border-base-300 flex flex-col gap-4 rounded-md border p-4">
      <h2 className="text-xl font-bold">From workshop to workshop</h2>
      <p className="quiet max-w-3xl">
        A file holds what prints told, not what was made of it: other printers, hands and calipers are taken as others, so what is learned
        from them counts by as much as their setups have in common with yours.
      </p>
      <div className="flex flex-wrap items-end gap-4">
        <a className="btn btn-outline" href="/api/learned.json" download>
          Write ours
        </a>
        <div className="w-64">
          <Field label="Whose it is" value={name} onChange={setName} placeholder="as the file is called" problem={problem} />
        </div>
        <FileButton
          label="What another workshop learned"
          accept=".json,application/json"
          disabled={take.isPending}
          onFile={(file) => take.mutate(file)}
        >
          {take.isPending ? 'Taking it in…' : 'Take one in'}
        </FileButton>
      </div>
      {take.error && !problem && <ErrorNote error={take.error} />}
      {list.error && <ErrorNote error={list.error} />}
      {list.isPending && <Loading what="what others learned" className="h-14" />}
      {list.data?.length === 0 && <p>Nothing was taken in yet.</p>}
      <ul className="flex flex-col" aria-label="Taken in">
        {(list.data ?? []).map((l) => (
          <li key={l.id} className="border-base-300 flex min-h-12 flex-wrap items-center gap-x-4 border-t py-1">
            <span className="grow">
              <strong>{l.name}</strong>, <span className="figure">{l.prints}</span> {l.prints === 1 ? 'print' : 'prints'} with{' '}
              {l.setups.join('; ')}
              <span className="quiet text-sm"> taken in {day(l.at)}</span>
            </span>
            <button
              className="btn btn-ghost btn-sm"
              disabled={out.isPending}
              onClick={() => out.mutate(l.id)}
              aria-label={`Take ${l.name} out`}
            >
              Take it out
            </button>
          </li>
        ))}
      </ul>
      {out.error && <ErrorNote error={out.error} />}
    </section>
  )
}
