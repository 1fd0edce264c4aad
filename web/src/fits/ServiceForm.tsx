import { useMutation, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { api, ApiProblem } from '@/api/client'
import { refreshComputed } from '@/api/refresh'
import { Field } from '@/ui/Field'
import { ErrorNote } from '@/ui/ProblemNote'

export type ServiceFormProps = { readonly printer: string; readonly name: string }

/** A printer was serviced: tries of before tell less of it from now on. */
export function ServiceForm({ printer, name }: ServiceFormProps) {
  const client = useQueryClient()
  const [says, setSays] = useState('')
  const note = useMutation({
    mutationFn: () => api.POST('/api/printers/{id}/services', { params: { path: { id: printer } }, body: { says } }),
    onSuccess: async () => {
      setSays('')
      await Promise.all([client.invalidateQueries({ queryKey: ['fits'] }), refreshComputed(client)])
    },
  })
  const problem = note.error instanceof ApiProblem ? note.error.at('says') : undefined
  return (
    <form
      className="flex flex-wrap items-end gap-3"
      onSubmit={(event) => {
        event.preventDefault()
        note.mutate()
      }}
    >
      <div className="w-96">
        <Field
          label={`What was done to ${name}`}
          value={says}
          onChange={setSays}
          placeholder="nozzle changed, belts tightened"
          problem={problem}
        />
      </div>
      <button className="btn btn-outline" disabled={note.isPending || says.trim() === ''}>
        Note the service
      </button>
      {note.isSuccess && <p role="status">Noted: what was tried before counts less from now on.</p>}
      {note.error && !problem && <ErrorNote error={note.error} />}
    </form>
  )
}
