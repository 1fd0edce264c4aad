import { useState } from 'react'
import { Link } from 'react-router'
import { NewPart } from './NewPart'
import type { Work } from './Workbench'

/** The parts of the job side by side, and the door to another. */
export function PartTabs({ work }: { readonly work: Work }) {
  const { job, part } = work
  const [adding, setAdding] = useState(false)
  return (
    <div className="flex flex-wrap items-center gap-1" aria-label="Parts of the job" role="group">
      {job.parts.map((p) => (
        <Link
          key={p.id}
          to={`/jobs/${job.id}?part=${p.id}`}
          className={`flex min-h-9 items-center border-b-2 px-2 ${p.id === part.id ? 'border-primary font-semibold' : 'quiet border-transparent'}`}
          aria-current={p.id === part.id}
        >
          {p.name}
        </Link>
      ))}
      <button className="btn btn-ghost btn-sm" onClick={() => setAdding(true)}>
        Another part…
      </button>
      {adding && <NewPart work={work} onClose={() => setAdding(false)} />}
    </div>
  )
}
