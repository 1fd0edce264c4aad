import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { Link } from 'react-router'
import { jobs, machines, standards } from '@/api/queries'
import { search } from '@/tables/search'
import { Sheet } from './Sheet'

type Found = { readonly to: string; readonly name: string; readonly kind: string; readonly text: string }

const mostRows = 12

/** Finds machines, their places, jobs and rows of tables by any word in them. */
export function Finder({ onClose }: { readonly onClose: () => void }) {
  const [text, setText] = useState('')
  const everything = useEverything()
  const words = text.toLowerCase().split(/\s+/).filter(Boolean)
  const tables = useQuery(standards).data ?? []
  const found = [
    ...everything.filter((f) => words.every((w) => f.text.toLowerCase().includes(w))),
    ...search(tables, text)
      .slice(0, mostRows)
      .map(({ table, row }) => ({
        to: row.size ? `/tables?size=${encodeURIComponent(row.size)}` : `/tables?table=${table.key}`,
        name: row.name,
        kind: table.name,
      })),
  ]
  return (
    <Sheet title="Find" onClose={onClose}>
      <input
        className="input w-full text-lg"
        data-search
        aria-label="Words to find"
        placeholder="sander, hose, lathe…"
        value={text}
        onChange={(e) => setText(e.target.value)}
      />
      <ul className="max-h-96 overflow-auto">
        {found.map((f) => (
          <li key={f.kind + f.to + f.name}>
            <Link to={f.to} onClick={onClose} className="hover:bg-base-200 flex min-h-11 items-center justify-between gap-4 rounded px-2">
              <span>{f.name}</span>
              <span className="quiet">{f.kind}</span>
            </Link>
          </li>
        ))}
      </ul>
      {found.length === 0 && <p className="quiet">Nothing has “{text}” in it.</p>}
    </Sheet>
  )
}

function useEverything(): readonly Found[] {
  const machineList = useQuery(machines).data ?? []
  const jobList = useQuery(jobs).data ?? []
  return [
    ...jobList.map((j) => ({ to: `/jobs/${j.id}`, name: j.name, kind: 'job', text: `${j.name} ${j.need}` })),
    ...machineList.map((m) => ({ to: `/machines/${m.id}`, name: m.name, kind: 'machine', text: `${m.name} ${m.note}` })),
    ...machineList.flatMap((m) =>
      m.interfaces.map((i) => ({ to: `/machines/${m.id}?place=${i.id}`, name: i.name, kind: i.kindName, text: i.name })),
    ),
  ]
}
