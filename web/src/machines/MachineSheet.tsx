import { useMutation, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { ApiProblem, sendJson } from '@/api/client'
import type { InterfaceView, MachineView } from '@/api/types'
import { Field } from '@/ui/Field'
import { ErrorNote } from '@/ui/ProblemNote'
import { PlaceReadings } from './PlaceReadings'

/** One machine: its places, each with a drawing and readings. */
export function MachineSheet({ machine }: { readonly machine: MachineView }) {
  return (
    <section className="flex min-w-0 flex-col gap-6 p-6" aria-label={machine.name}>
      <div>
        <h1 className="text-3xl font-bold">{machine.name}</h1>
        {machine.note && <p className="quiet mt-1">{machine.note}</p>}
      </div>
      {machine.interfaces.map((place, i) => (
        <PlaceReadings key={place.id} place={place} hotkeys={i === 0} />
      ))}
      {machine.interfaces.length === 0 && (
        <p className="text-lg">No place is entered yet. A place is what a part must fit: a port, a hose end, a pipe.</p>
      )}
      <NewPlace machine={machine} />
    </section>
  )
}

function NewPlace({ machine }: { readonly machine: MachineView }) {
  const [name, setName] = useState('')
  const [kind, setKind] = useState('tube')
  const client = useQueryClient()
  const add = useMutation({
    mutationFn: () => sendJson<InterfaceView>('POST', `/api/machines/${machine.id}/interfaces`, { name, kind }),
    onSuccess: async () => {
      setName('')
      await client.invalidateQueries({ queryKey: ['machines'] })
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
        <option value="tube">round opening or pipe end</option>
        <option value="duct">rectangular or odd opening</option>
      </select>
      <button className="btn btn-outline" disabled={add.isPending}>
        Add
      </button>
      {add.isError && !problem && <ErrorNote error={add.error} />}
    </form>
  )
}
