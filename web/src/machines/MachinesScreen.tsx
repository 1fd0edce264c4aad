import { useInfiniteQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { Link, NavLink, useParams } from 'react-router'
import { foundMachines } from '@/api/queries'
import type { MachineSummary } from '@/api/types'
import { More } from '@/ui/More'
import { Loading } from '@/ui/Loading'
import { ErrorNote } from '@/ui/ProblemNote'
import { MachineSheet } from './MachineSheet'
import { NewMachine } from './NewMachine'
import { TakeCard } from './TakeCard'

/** The machines at one side, the chosen one with its places and readings beside them. */
export function MachinesScreen() {
  const { id } = useParams()
  const [words, setWords] = useState('')
  const [away, setAway] = useState(false)
  const list = useInfiniteQuery(foundMachines(words.trim(), away))
  const [adding, setAdding] = useState(false)
  if (list.isPending) return <Loading what="the machines" className="m-6 h-96" />
  if (list.isError) return <ErrorNote error={list.error} />
  const found = list.data.pages.flat()
  const shown = id ?? found[0]?.id
  return (
    <div className="grid min-h-0 grow grid-cols-1 lg:grid-cols-[17rem_minmax(0,1fr)]">
      <nav
        className="border-base-300 flex max-h-72 flex-col gap-1 overflow-auto border-b p-4 lg:max-h-none lg:border-r lg:border-b-0"
        aria-label="Machines"
      >
        <input
          className="input w-full shrink-0"
          aria-label="Find a machine"
          placeholder="name, note or place"
          value={words}
          onChange={(e) => setWords(e.target.value)}
        />
        <button className="btn btn-outline" onClick={() => setAdding(true)}>
          Add a machine
        </button>
        <div className="flex flex-wrap content-start gap-1 lg:flex-col lg:flex-nowrap">
          {found.map((m) => (
            <MachineLink key={m.id} machine={m} chosen={m.id === shown} />
          ))}
        </div>
        <More list={list} what="machines" />
        {found.length === 0 && <p className="quiet">{away ? 'Nothing is put away.' : words ? `No machine has “${words}” in it.` : ''}</p>}
        <div className="border-base-300 mt-2 flex flex-wrap border-t pt-2">
          <TakeCard />
          <button className="btn btn-ghost" aria-pressed={away} onClick={() => setAway(!away)}>
            {away ? 'Those in use' : 'Put away'}
          </button>
          <Link className="btn btn-ghost" to="/instruments">
            Instruments
          </Link>
        </div>
      </nav>
      {shown ? (
        <MachineSheet key={shown} id={shown} />
      ) : (
        <p className="quiet p-6 text-lg">No machine yet. Add the first: anything that a part must fit.</p>
      )}
      {adding && <NewMachine onClose={() => setAdding(false)} />}
    </div>
  )
}

/** What is far off the screen is not laid out. */
const entry = 'flex min-h-11 flex-col justify-center rounded px-3 py-1.5 [contain-intrinsic-size:auto_3.5rem] [content-visibility:auto]'

function MachineLink({ machine, chosen }: { readonly machine: MachineSummary; readonly chosen: boolean }) {
  const unread = machine.interfaces.filter((i) => !i.read).length
  return (
    <NavLink to={`/machines/${machine.id}`} className={`${entry} ${chosen ? 'bg-base-200 font-semibold' : 'hover:bg-base-200'}`}>
      {machine.name}
      <span className="quiet text-sm font-normal">
        {machine.interfaces.length === 0
          ? 'no place yet'
          : unread === machine.interfaces.length
            ? 'nothing read yet'
            : machine.interfaces.map((i) => i.name).join(', ')}
      </span>
    </NavLink>
  )
}
