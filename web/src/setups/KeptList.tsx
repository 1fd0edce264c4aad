import { useQuery, type UseQueryOptions } from '@tanstack/react-query'
import { useState, type ReactNode } from 'react'
import { settingStates, type SettingPath } from '@/api/queries'
import { AwayList } from '@/ui/AwayList'
import { Loading } from '@/ui/Loading'
import { ErrorNote } from '@/ui/ProblemNote'
import { Sheet } from '@/ui/Sheet'
import { useAway, type Thing } from '@/ui/useAway'
import type { Kept } from './KeptSheet'

export type KeptListProps<T extends Kept> = {
  readonly title: string
  readonly path: SettingPath
  readonly thing: Thing
  /** What one is called: "printer". */
  readonly called: string
  readonly query: UseQueryOptions<T[], Error, T[], string[]>
  /** Said while there is none. */
  readonly empty: string
  /** One line about one of them. */
  readonly says: (kept: T) => string
  /** The sheet that changes one, or enters a copy or a new one. */
  readonly sheet: (kept: T | undefined, copy: T | undefined, onClose: () => void) => ReactNode
}

type Open<T> = { readonly kept?: T; readonly copy?: T; readonly states?: T }

/** What is kept of one sort: changed, copied, looked back at, put away. */
export function KeptList<T extends Kept>({ title, path, thing, called, query, empty, says, sheet }: KeptListProps<T>) {
  const list = useQuery(query)
  const shelf = useAway(thing)
  const [open, setOpen] = useState<Open<T> | null>(null)
  const close = () => setOpen(null)
  const shown = (list.data ?? []).filter((k) => !shelf.isAway(k.id))
  return (
    <section className="flex flex-col gap-3" aria-label={title}>
      <div className="flex flex-wrap items-center justify-between gap-3">
        <h2 className="text-3xl font-bold">{title}</h2>
        <button className="btn btn-primary" onClick={() => setOpen({})}>
          Add a {called}
        </button>
      </div>
      {list.isPending && <Loading what={title.toLowerCase()} className="h-32" />}
      {list.isError && <ErrorNote error={list.error} />}
      {list.data && shown.length === 0 && <p className="quiet">{empty}</p>}
      <ul>
        {shown.map((kept) => (
          <li key={kept.id} className="border-base-300 flex flex-wrap items-center gap-x-4 border-b py-2">
            <span className="min-w-56 flex-1">
              <span className="block font-semibold">{kept.name}</span>
              <span className="quiet text-[15px] leading-snug">{says(kept)}</span>
            </span>
            <span className="-mx-4 flex">
              <button className="btn btn-ghost" aria-label={`Change ${kept.name}`} onClick={() => setOpen({ kept })}>
                Change
              </button>
              <button className="btn btn-ghost" aria-label={`Copy ${kept.name}`} onClick={() => setOpen({ copy: kept })}>
                Copy
              </button>
              <button className="btn btn-ghost" aria-label={`History of ${kept.name}`} onClick={() => setOpen({ states: kept })}>
                History
              </button>
              <button className="btn btn-ghost" aria-label={`Put away ${kept.name}`} onClick={() => shelf.put(kept.id, true)}>
                Put away
              </button>
            </span>
          </li>
        ))}
      </ul>
      {shelf.error && <ErrorNote error={shelf.error} />}
      <AwayList thing={thing} all={list.data ?? []} called={`of the ${title.toLowerCase()}`} />
      {open?.states ? <States kept={open.states} path={path} onClose={close} /> : open && sheet(open.kept, open.copy, close)}
    </section>
  )
}

/** What was changed and when, newest first. */
function States({ kept, path, onClose }: { readonly kept: Kept; readonly path: SettingPath; readonly onClose: () => void }) {
  const states = useQuery(settingStates(path, kept.id))
  return (
    <Sheet title={`History of ${kept.name}`} onClose={onClose}>
      {states.isPending && <Loading what="the history" className="h-24" />}
      {states.isError && <ErrorNote error={states.error} />}
      <ol className="flex flex-col gap-3">
        {states.data?.map((state) => (
          <li key={state.version}>
            <span className="font-semibold">
              {new Date(state.at).toLocaleString('en-GB', {
                day: 'numeric',
                month: 'short',
                year: 'numeric',
                hour: '2-digit',
                minute: '2-digit',
              })}
            </span>
            {state.version === 1 ? (
              <p className="quiet">Entered.</p>
            ) : state.changes.length === 0 ? (
              <p className="quiet">Kept again as it was.</p>
            ) : (
              <ul>
                {state.changes.map((c) => (
                  <li key={c.what}>
                    {c.what}: <span className="figure">{c.was}</span> became <span className="figure font-semibold">{c.now}</span>
                  </li>
                ))}
              </ul>
            )}
          </li>
        ))}
      </ol>
      <p className="quiet">What was printed keeps the figures it was printed with.</p>
    </Sheet>
  )
}
