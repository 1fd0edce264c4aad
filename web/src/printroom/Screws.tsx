import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { api, got } from '@/api/client'
import { screws } from '@/api/queries'
import { refreshComputed } from '@/api/refresh'
import type { ScrewDrawer } from '@/api/types'
import { Loading } from '@/ui/Loading'
import { ErrorNote } from '@/ui/ProblemNote'
import { heads, toRows, toScrews, type ScrewRow } from './screwText'

/** The drawer of screws: parts choose their lengths from it. */
export function Screws() {
  const drawer = useQuery(screws)
  const [kept, setKept] = useState(false)
  return (
    <section className="flex flex-col gap-4" aria-label="Screws">
      <h2 className="text-3xl font-bold">Screws in the drawer</h2>
      <p className="quiet">Parts that are screwed on choose from these; a machine screw that is too long is cut, a wood screw is not.</p>
      {drawer.isPending && <Loading what="the drawer" className="h-48" />}
      {drawer.isError && <ErrorNote error={drawer.error} />}
      {drawer.data && <Rows key={drawer.data.version} drawer={drawer.data} kept={kept} onKept={setKept} />}
    </section>
  )
}

type RowsProps = { readonly drawer: ScrewDrawer; readonly kept: boolean; readonly onKept: (kept: boolean) => void }

function Rows({ drawer, kept, onKept }: RowsProps) {
  const [rows, setRows] = useState(() => toRows(drawer.screws))
  const client = useQueryClient()
  const save = useMutation({
    mutationFn: () => got(api.PUT('/api/screws', { body: { version: drawer.version, screws: [...toScrews(rows)] } })),
    onSuccess: async () => {
      await client.invalidateQueries({ queryKey: ['screws'] })
      onKept(true)
      void refreshComputed(client)
    },
  })
  const set = (at: number, changed: Partial<ScrewRow>) => setRows(rows.map((r, i) => (i === at ? { ...r, ...changed } : r)))
  return (
    <form
      className="flex flex-col gap-3"
      onInput={() => onKept(false)}
      onSubmit={(event) => {
        event.preventDefault()
        save.mutate()
      }}
    >
      <ul className="flex flex-col gap-2">
        {rows.map((row, i) => (
          <li key={i} className="flex flex-wrap items-center gap-2">
            <input
              className="input figure w-28"
              aria-label={`Size ${i + 1}`}
              value={row.size}
              placeholder="M4"
              onChange={(e) => set(i, { size: e.target.value })}
            />
            <select
              className="select w-44"
              aria-label={`Head ${i + 1}`}
              value={row.head}
              onChange={(e) => set(i, { head: e.target.value })}
            >
              {heads.map(([key, words]) => (
                <option key={key} value={key}>
                  {words}
                </option>
              ))}
            </select>
            <input
              className="input figure min-w-48 grow"
              aria-label={`Lengths ${i + 1}, mm`}
              value={row.lengths}
              placeholder="12, 16, 20 mm"
              onChange={(e) => set(i, { lengths: e.target.value })}
            />
            <button type="button" className="btn btn-ghost" onClick={() => setRows(rows.filter((_, j) => j !== i))}>
              Take out
            </button>
          </li>
        ))}
      </ul>
      {save.isError && <ErrorNote error={save.error} />}
      <div className="flex gap-2">
        <button type="button" className="btn btn-outline" onClick={() => setRows([...rows, { size: '', head: 'pan', lengths: '' }])}>
          Another size
        </button>
        <button className="btn btn-primary" disabled={save.isPending}>
          Keep the drawer
        </button>
        <span role="status" className="quiet self-center">
          {kept && 'kept'}
        </span>
      </div>
    </form>
  )
}
