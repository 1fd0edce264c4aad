import { day } from '@/ui/moments'
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { api } from '@/api/client'
import { history } from '@/api/queries'
import { refreshPart } from '@/api/refresh'
import type { RevisionView } from '@/api/types'
import { Loading } from '@/ui/Loading'
import { ErrorNote } from '@/ui/ProblemNote'
import { capital, printedInWords } from './inWords'
import { RunNote } from './RunNote'
import { ServiceNotes } from './ServiceNotes'
import { TryLine } from './TryLine'
import { useWork } from './useWork'

/** Every print with what changed since the one before and what trying it told; the one that fits is kept. */
export function HistoryPanel() {
  const work = useWork()
  const list = useQuery(history(work.part.id))
  if (list.isPending) return <Loading what="the history" />
  if (list.isError) return <ErrorNote error={list.error} />
  if (list.data.revisions.length === 0) return <p className="quiet">Nothing is printed yet, so nothing can be kept.</p>
  return (
    <ol aria-label="History" className="flex flex-col gap-4">
      {list.data.revisions.map((revision) => (
        <Revision key={revision.number} revision={revision} />
      ))}
    </ol>
  )
}

function Revision({ revision }: { readonly revision: RevisionView }) {
  const work = useWork()
  const client = useQueryClient()
  const keep = useMutation({
    mutationFn: () =>
      api.POST('/api/parts/{id}/revisions/{number}/keeps', { params: { path: { id: work.part.id, number: revision.number } } }),
    onSuccess: () => refreshPart(client),
  })
  return (
    <li className="border-base-300 flex flex-col gap-2 border-b pb-4">
      <div className="flex items-center justify-between gap-3">
        <span>
          <span className="figure text-xl font-semibold">Revision {revision.number}</span>
          <span className="quiet block text-sm">
            {capital(printedInWords(revision))}; {revision.process}; {day(revision.at)}
          </span>
        </span>
        {revision.kept ? (
          <span className="text-success font-semibold">kept</span>
        ) : (
          <button className="btn btn-outline" onClick={() => keep.mutate()} disabled={keep.isPending}>
            Keep this one
          </button>
        )}
      </div>
      {revision.remark && <p>{revision.remark}</p>}
      {revision.changes.length > 0 && (
        <ul aria-label={`Changed in revision ${revision.number}`}>
          {revision.changes.map((change) => (
            <li key={change.what}>
              {change.what}: <span className="figure">{change.before}</span> → <span className="figure font-semibold">{change.after}</span>
            </li>
          ))}
        </ul>
      )}
      <ul aria-label={`Tries of revision ${revision.number}`}>
        {revision.tries.map((t) => (
          <TryLine key={t.id} entry={t} />
        ))}
        {revision.tries.length === 0 && <li className="quiet">not tried</li>}
      </ul>
      {revision.runs.map((run) => (
        <p key={run.at}>
          Printed in <span className="figure font-semibold">{run.took}</span>
          <span className="quiet">
            ; the plain model says {run.modelled}
            {run.grams && `; weighed ${run.grams}`}
          </span>
        </p>
      ))}
      <RunNote part={work.part.id} revision={revision.number} />
      {revision.kept && <ServiceNotes part={work.part.id} revision={revision} />}
      {keep.isError && <ErrorNote error={keep.error} />}
    </li>
  )
}
