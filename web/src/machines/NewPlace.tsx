import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { ApiProblem } from '@/api/client'
import { kinds } from '@/api/queries'
import type { InterfaceView, MachineView } from '@/api/types'
import { Field } from '@/ui/Field'
import { ErrorNote } from '@/ui/ProblemNote'
import { useMakeNamed } from '@/ui/useMakeNamed'

export type NewPlaceProps = { readonly machine: MachineView; readonly onAdded: (id: string) => void }

/** A name and a kind make a place. */
export function NewPlace({ machine, onAdded }: NewPlaceProps) {
  const [name, setName] = useState('')
  const [kind, setKind] = useState('tube')
  const list = useQuery(kinds).data ?? []
  const client = useQueryClient()
  const makeNamed = useMakeNamed()
  const add = useMutation({
    mutationFn: () => makeNamed<InterfaceView>(`/api/machines/${machine.id}/interfaces`, name, { name, kind }),
    onSuccess: async (place) => {
      setName('')
      await client.invalidateQueries({ queryKey: ['machines'] })
      onAdded(place.id)
    },
  })
  const problem = add.error instanceof ApiProblem ? add.error.at('name') : undefined
  return (
    <form
      className="border-base-300 flex max-w-3xl flex-wrap items-end gap-3 border-t pt-4"
      onSubmit={(event) => {
        event.preventDefault()
        add.mutate()
      }}
    >
      <div className="min-w-64 flex-1">
        <Field label="Another place" value={name} onChange={setName} placeholder={`${machine.name.toLowerCase()} port`} problem={problem} />
      </div>
      <select className="select w-64" aria-label="Kind of place" value={kind} onChange={(e) => setKind(e.target.value)}>
        {list.map((k) => (
          <option key={k.key} value={k.key}>
            {k.name}
          </option>
        ))}
      </select>
      <button className="btn btn-outline" disabled={add.isPending}>
        Add
      </button>
      {add.isError && !problem && <ErrorNote error={add.error} />}
    </form>
  )
}
