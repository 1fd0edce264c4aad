import { useInfiniteQuery, useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useId, useState } from 'react'
import { api, ApiProblem, got } from '@/api/client'
import { foundMachines, kinds } from '@/api/queries'
import type { InterfaceSlot, InterfaceView } from '@/api/types'
import { Field } from '@/ui/Field'
import { ErrorNote } from '@/ui/ProblemNote'
import { useMakeNamed } from '@/ui/useMakeNamed'

export type MeasureNowProps = { readonly slot: InterfaceSlot; readonly onNamed: (place: string) => void }

/** Enters a place that is not in the notebook yet, without leaving what is on the screen: on which machine or thing, what it is called, and of which kind. */
export function MeasureNow({ slot, onNamed }: MeasureNowProps) {
  const known = (useQuery(kinds).data ?? []).filter((k) => slot.kinds.includes(k.key))
  const [machine, setMachine] = useState('')
  const list = useInfiniteQuery(foundMachines(machine.trim())).data?.pages.flat() ?? []
  const [name, setName] = useState(slot.label)
  const [kind, setKind] = useState(slot.kinds[0]!)
  const names = useId()
  const client = useQueryClient()
  const makeNamed = useMakeNamed()
  const add = useMutation({
    mutationFn: async () => {
      const { pages } = await client.fetchInfiniteQuery(foundMachines(machine.trim()))
      const at = pages.flat().find((m) => m.name.toLowerCase() === machine.trim().toLowerCase())
      const { id } = at ?? (await got(api.POST('/api/machines', { body: { name: machine, note: '' } })))
      return makeNamed<InterfaceView>(`/api/machines/${id}/interfaces`, name, { name, kind })
    },
    onSuccess: async (place) => {
      await client.invalidateQueries({ queryKey: ['machines'] })
      onNamed(place.id)
    },
    onError: () => client.invalidateQueries({ queryKey: ['machines'] }),
  })
  const problem = add.error instanceof ApiProblem ? add.error.at('name') : undefined
  return (
    <div
      className="border-base-300 flex flex-wrap items-end gap-3 rounded-md border p-3"
      role="group"
      aria-label={`Measure the ${slot.label} now`}
    >
      <label className="flex min-w-40 flex-1 flex-col gap-1">
        <span className="font-semibold">Of which machine or thing</span>
        <input className="input w-full" value={machine} list={names} placeholder="its name" onChange={(e) => setMachine(e.target.value)} />
        <datalist id={names}>
          {list.map((m) => (
            <option key={m.id} value={m.name} />
          ))}
        </datalist>
      </label>
      <div className="min-w-40 flex-1">
        <Field label="What is measured of it" value={name} onChange={setName} />
      </div>
      {known.length > 1 && (
        <select className="select w-64" aria-label={`Kind of the ${slot.label}`} value={kind} onChange={(e) => setKind(e.target.value)}>
          {known.map((k) => (
            <option key={k.key} value={k.key}>
              {k.name}
            </option>
          ))}
        </select>
      )}
      <button
        type="button"
        className="btn btn-outline btn-primary"
        disabled={add.isPending || machine.trim() === '' || name.trim() === ''}
        onClick={() => add.mutate()}
      >
        Take it up
      </button>
      {add.error && <ErrorNote error={problem ? new Error(`${problem.message} ${problem.remedy}`) : add.error} />}
    </div>
  )
}
