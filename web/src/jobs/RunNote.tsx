import { useMutation, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { api, ApiProblem } from '@/api/client'
import { refreshPart } from '@/api/refresh'
import { Busy } from '@/ui/Busy'
import { Field } from '@/ui/Field'
import { ErrorNote } from '@/ui/ProblemNote'

export type RunNoteProps = { readonly part: string; readonly revision: number }

/** How long a printing really took: the next plans on this setup learn from it. */
export function RunNote({ part, revision }: RunNoteProps) {
  const [took, setTook] = useState('')
  const [grams, setGrams] = useState('')
  const client = useQueryClient()
  const note = useMutation({
    mutationFn: () =>
      api.POST('/api/parts/{id}/revisions/{number}/runs', {
        params: { path: { id: part, number: revision } },
        body: { took, grams: grams.trim() ? Number(grams) : null },
      }),
    onSuccess: async () => {
      await refreshPart(client)
      setTook('')
      setGrams('')
    },
  })
  const problems = note.error instanceof ApiProblem ? note.error : undefined
  return (
    <form
      className="flex flex-wrap items-end gap-2"
      onSubmit={(event) => {
        event.preventDefault()
        note.mutate()
      }}
    >
      <div className="w-36">
        <Field label="It took" value={took} onChange={setTook} placeholder="3:34" problem={problems?.at('took')} />
      </div>
      <div className="w-28">
        <Field label="Weight, g" value={grams} onChange={setGrams} placeholder="open" problem={problems?.at('grams')} />
      </div>
      <button className="btn btn-outline" disabled={took.trim() === '' || note.isPending}>
        Note the run
      </button>
      {note.isPending && <Busy what="Asking the model how long it should have taken" />}
      {note.error && !problems?.at('took') && !problems?.at('grams') && <ErrorNote error={note.error} />}
    </form>
  )
}
