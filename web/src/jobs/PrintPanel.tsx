import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { sendJson } from '@/api/client'
import { design as designQuery, history } from '@/api/queries'
import type { BodyView } from '@/api/types'
import { ErrorNote } from '@/ui/ProblemNote'
import { Cautions } from './ChecksPanel'
import { NotYet } from './StationPanel'
import type { Work } from './Workbench'

export type PrintPanelProps = { readonly work: Work; readonly what: 'coupon' | 'part' }

/** Freezes what is printed now under the next number, and gives its file. */
export function PrintPanel({ work, what }: PrintPanelProps) {
  const { part, editing } = work
  const bodies = useQuery(designQuery(part, editing.draft.present, [what])).data?.bodies.filter((b) => b.role === what) ?? []
  const [left, setLeft] = useState<readonly string[]>([])
  const client = useQueryClient()
  const chosen = bodies.map((b) => b.key).filter((k) => !left.includes(k))
  const freeze = useMutation({
    mutationFn: () => sendJson<{ number: number }>('POST', `/api/parts/${part.id}/revisions`, { bodies: chosen }),
    onSuccess: () => Promise.all(['history', 'bench'].map((name) => client.invalidateQueries({ queryKey: [name] }))),
  })
  if (!work.design?.drawing) return <NotYet work={work} />
  return (
    <div className="flex flex-col gap-4">
      <p className="text-lg">
        {what === 'coupon'
          ? 'A ring of each end, cut out of the very part: minutes of printing before hours.'
          : 'The whole part. Each print gets a number that is never used again.'}
      </p>
      <ul className="flex flex-col gap-2">
        {bodies.map((body) => (
          <BodyRow
            key={body.key}
            body={body}
            chosen={chosen.includes(body.key)}
            onToggle={() => setLeft(toggle(left, body.key))}
            fixed={what === 'part'}
          />
        ))}
      </ul>
      <button
        className="btn btn-primary"
        disabled={chosen.length === 0 || editing.unsaved || freeze.isPending}
        onClick={() => freeze.mutate()}
      >
        {what === 'coupon' ? 'Number this proof' : 'Number this print'}
      </button>
      {freeze.isError && <ErrorNote error={freeze.error} />}
      <Files work={work} />
      <Cautions cautions={work.design.cautions} />
    </div>
  )
}

const toggle = (list: readonly string[], key: string) => (list.includes(key) ? list.filter((k) => k !== key) : [...list, key])

type BodyRowProps = { readonly body: BodyView; readonly chosen: boolean; readonly fixed: boolean; readonly onToggle: () => void }

function BodyRow({ body, chosen, fixed, onToggle }: BodyRowProps) {
  const { x, y, z } = body.size
  return (
    <li>
      <label className="bg-base-200 flex min-h-14 items-start gap-3 rounded-md p-3">
        {!fixed && <input type="checkbox" className="checkbox checkbox-primary mt-1" checked={chosen} onChange={onToggle} />}
        <span className="flex flex-col">
          <span className="font-semibold">{body.name}</span>
          <span className="figure">
            {x.toFixed(2)} × {y.toFixed(2)} × {z.toFixed(2)} mm
          </span>
          {body.says && <span className="quiet text-sm">{body.says}</span>}
        </span>
      </label>
    </li>
  )
}

function Files({ work }: { readonly work: Work }) {
  const revisions = useQuery(history(work.part.id)).data?.revisions ?? []
  if (revisions.length === 0) return <p className="quiet">Nothing is printed yet.</p>
  return (
    <ul aria-label="Files">
      {revisions.map((r) => (
        <li key={r.number} className="border-base-300 flex min-h-12 items-center justify-between gap-3 border-b py-1">
          <span>
            <span className="figure font-semibold">Revision {r.number}</span>{' '}
            <span className="quiet block text-sm">{r.printed.map(inWords).join(' and ')}</span>
          </span>
          <a className="btn btn-outline" href={`/api/parts/${work.part.id}/revisions/${r.number}.stl`} download>
            Take the STL
          </a>
        </li>
      ))}
    </ul>
  )
}

export const inWords = (body: string) => (body === 'part' ? 'the whole part' : `ring of the ${body.replace('ring-', '')} end`)
