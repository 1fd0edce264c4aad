import { useMutation, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { ApiProblem, sendJson } from '@/api/client'
import { refreshPart } from '@/api/refresh'
import type { RevisionView, ServiceNoteRequest } from '@/api/types'
import { Field } from '@/ui/Field'
import { ErrorNote } from '@/ui/ProblemNote'

const kinds: readonly (readonly [ServiceNoteRequest['kind'], string])[] = [
  ['holds', 'holds'],
  ['wore', 'something wore'],
  ['altered', 'altered by hand'],
  ['broke', 'something broke'],
]

export type ServiceNotesProps = { readonly part: string; readonly revision: RevisionView }

/** What became of a kept revision in use. */
export function ServiceNotes({ part, revision }: ServiceNotesProps) {
  return (
    <section className="flex flex-col gap-2" aria-label={`In use, revision ${revision.number}`}>
      <h3 className="font-semibold">In use</h3>
      <ul>
        {revision.service.map((n) => (
          <li key={n.at + n.says}>
            <strong>{kinds.find(([key]) => key === n.kind)?.[1]}</strong>
            {n.after && <span className="figure"> after {n.after}</span>}: {n.says}
          </li>
        ))}
        {revision.service.length === 0 && <li className="quiet">nothing noted yet</li>}
      </ul>
      <NoteForm part={part} revision={revision.number} />
    </section>
  )
}

const empty = { kind: 'holds' as ServiceNoteRequest['kind'], says: '', count: '', unit: 'months' }

function NoteForm({ part, revision }: { readonly part: string; readonly revision: number }) {
  const [form, setForm] = useState(empty)
  const client = useQueryClient()
  const note = useMutation({
    mutationFn: () => sendJson('POST', `/api/parts/${part}/revisions/${revision}/service-notes`, toRequest(form)),
    onSuccess: async () => {
      await refreshPart(client)
      setForm(empty)
    },
  })
  const problems = note.error instanceof ApiProblem ? note.error : undefined
  return (
    <form
      className="bg-base-200 flex flex-wrap items-end gap-2 rounded-md p-3"
      onSubmit={(event) => {
        event.preventDefault()
        note.mutate()
      }}
    >
      <select
        className="select w-44"
        aria-label="What happened"
        value={form.kind}
        onChange={(e) => setForm({ ...form, kind: e.target.value as typeof form.kind })}
      >
        {kinds.map(([key, label]) => (
          <option key={key} value={key}>
            {label}
          </option>
        ))}
      </select>
      <div className="w-24">
        <Field label="after" value={form.count} onChange={(count) => setForm({ ...form, count })} problem={problems?.at('afterCount')} />
      </div>
      <select
        className="select w-28"
        aria-label="Counted in"
        value={form.unit}
        onChange={(e) => setForm({ ...form, unit: e.target.value })}
      >
        <option>months</option>
        <option>cycles</option>
      </select>
      <div className="w-full">
        <Field label="What, in words" value={form.says} onChange={(says) => setForm({ ...form, says })} problem={problems?.at('says')} />
      </div>
      <button className="btn btn-outline" disabled={form.says.trim() === '' || note.isPending}>
        Note it
      </button>
      {note.error && !problems?.at('says') && !problems?.at('afterCount') && <ErrorNote error={note.error} />}
    </form>
  )
}

/** A count that is no number is sent as it is, and refused in words. */
function toRequest({ kind, says, count, unit }: typeof empty) {
  const text = count.trim()
  return text === '' ? { kind, says } : { kind, says, afterCount: Number.isFinite(Number(text)) ? Number(text) : text, afterUnit: unit }
}
