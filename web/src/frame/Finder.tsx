import { useInfiniteQuery, useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { Link } from 'react-router'
import { foundJobs, foundMachines, standards } from '@/api/queries'
import { search } from '@/tables/search'
import { Sheet } from '@/ui/Sheet'

type Found = { readonly to: string; readonly name: string; readonly kind: string }

const mostRows = 12

/** Finds machines, their places, jobs and rows of tables by any word in them. */
export function Finder({ onClose }: { readonly onClose: () => void }) {
  const [text, setText] = useState('')
  const kept = useKept(text.trim())
  const tables = useQuery(standards).data ?? []
  const found = [
    ...kept,
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

/** What the notebook has with these words in it; of a machine also those places whose names hold one of them. */
function useKept(text: string): readonly Found[] {
  const words = text.toLowerCase().split(/\s+/).filter(Boolean)
  const machineList = useInfiniteQuery(foundMachines(text)).data?.pages.flat() ?? []
  const jobList = useQuery(foundJobs(text)).data ?? []
  return [
    ...jobList.map((j) => ({ to: `/jobs/${j.id}`, name: j.name, kind: 'job' })),
    ...machineList.map((m) => ({ to: `/machines/${m.id}`, name: m.name, kind: 'machine' })),
    ...machineList.flatMap((m) =>
      m.interfaces
        .filter((i) => words.length === 0 || words.some((w) => i.name.toLowerCase().includes(w)))
        .map((i) => ({ to: `/machines/${m.id}?place=${i.id}`, name: i.name, kind: i.kindName })),
    ),
  ]
}
