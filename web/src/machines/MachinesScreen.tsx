import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { NavLink, useParams } from 'react-router'
import { machines } from '@/api/queries'
import type { MachineView } from '@/api/types'
import { Loading } from '@/ui/Loading'
import { ErrorNote } from '@/ui/ProblemNote'
import { MachineSheet } from './MachineSheet'
import { NewMachine } from './NewMachine'

/** The machines at one side, the chosen one with its places and readings beside them. */
export function MachinesScreen() {
  const { id } = useParams()
  const list = useQuery(machines)
  const [adding, setAdding] = useState(false)
  if (list.isPending) return <Loading what="the machines" className="m-6 h-96" />
  if (list.isError) return <ErrorNote error={list.error} />
  const machine = list.data.find((m) => m.id === id) ?? (id ? undefined : list.data[0])
  return (
    <div className="grid min-h-0 grow grid-cols-1 lg:grid-cols-[17rem_1fr]">
      <nav
        className="border-base-300 flex flex-wrap content-start gap-1 border-b p-4 lg:flex-col lg:flex-nowrap lg:border-r lg:border-b-0"
        aria-label="Machines"
      >
        {list.data.map((m) => (
          <MachineLink key={m.id} machine={m} chosen={m === machine} />
        ))}
        <button className="btn btn-outline mt-2 w-fit" onClick={() => setAdding(true)}>
          Add a machine
        </button>
      </nav>
      {machine && <MachineSheet key={machine.id} machine={machine} />}
      {!machine && id && <p className="p-6">No machine is kept under this address.</p>}
      {!machine && !id && <p className="quiet p-6 text-lg">No machine yet. Add the first: anything that a part must fit.</p>}
      {adding && <NewMachine onClose={() => setAdding(false)} />}
    </div>
  )
}

function MachineLink({ machine, chosen }: { readonly machine: MachineView; readonly chosen: boolean }) {
  const unread = machine.interfaces.filter((i) => i.dimensions.every((d) => d.size === null)).length
  return (
    <NavLink
      to={`/machines/${machine.id}`}
      className={`flex min-h-11 flex-col justify-center rounded px-3 py-1.5 ${chosen ? 'bg-base-200 font-semibold' : 'hover:bg-base-200'}`}
    >
      {machine.name}
      <span className="quiet text-sm font-normal">
        {machine.interfaces.length === 0
          ? 'no place yet'
          : unread > 0
            ? 'nothing read yet'
            : machine.interfaces.map((i) => i.name).join(', ')}
      </span>
    </NavLink>
  )
}
