import { useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { refreshPart } from '@/api/refresh'
import type { RevisionView } from '@/api/types'
import { StrikeForm } from '@/ui/StrikeForm'
import { capital } from './inWords'

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
            measured <span className="figure">{t.printed}</span>
          </>
        )}
        {t.remark && <span className="quiet">. {t.remark}</span>}
      </span>
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
