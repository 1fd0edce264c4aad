import { useIsFetching, useIsMutating, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { history } from '@/api/queries'
import { refreshPart } from '@/api/refresh'
import type { RemedyView, RevisionView } from '@/api/types'
import { StrikeForm } from '@/ui/StrikeForm'
import { useRemedy } from './ChecksPanel'
import { capital } from './inWords'
import { useWork } from './useWork'

export type TryLineProps = { readonly entry: RevisionView['tries'][number] }

/** One try as it was noted. A mistake is struck with a reason: it stays to be read, and what it taught goes back. */
export function TryLine({ entry: t }: TryLineProps) {
  const [asking, setAsking] = useState(false)
  const client = useQueryClient()
  const struck = t.struckBecause !== null
  return (
    <li className="flex flex-wrap items-center gap-x-2 gap-y-1">
      <span className={`grow ${struck ? 'quiet line-through' : ''}`}>
        {capital(t.where)} {t.felt && <strong>{t.felt}</strong>}
        {t.printed && (
          <>
            {' '}
            {t.worked ? 'worked to' : 'measured'} <span className="figure">{t.printed}</span>
          </>
        )}
        {t.remark && <span className="quiet">. {t.remark}</span>}
      </span>
      <TryHelps helps={t.helps} />
      {struck && <span className="quiet w-full text-sm">Struck: {t.struckBecause}</span>}
      {t.photos.map((id) => (
        <a key={id} href={`/api/photos/${id}.jpg`} target="_blank" rel="noreferrer">
          <img
            src={`/api/photos/${id}/thumbnail.jpg`}
            alt="photograph of the try"
            className="border-base-300 h-16 w-20 rounded border object-cover"
          />
        </a>
      ))}
      {!struck && !asking && (
        <button className="btn btn-ghost btn-sm" onClick={() => setAsking(true)}>
          Strike out
        </button>
      )}
      {asking && <StrikeForm path={`/api/tries/${t.id}/strikes`} onStruck={() => refreshPart(client)} onDone={() => setAsking(false)} />}
    </li>
  )
}

/** What is usually changed after a part did not do what it must, until it is; while something is being noted, what it rests on is not known yet. */
export function TryHelps({ helps }: { readonly helps: readonly RemedyView[] }) {
  const act = useRemedy()
  const { part, shown } = useWork()
  const { parameters } = shown
  const isStale = useIsFetching({ queryKey: history(part.id).queryKey, exact: true }) + useIsMutating() > 0
  return helps
    .filter((help) => Object.entries(help.changes ?? {}).some(([key, value]) => parameters[key] !== value))
    .map((help) => (
      <button key={help.label} type="button" disabled={isStale} className="btn btn-outline btn-primary btn-sm" onClick={() => act(help)}>
        {help.label}
      </button>
    ))
}
