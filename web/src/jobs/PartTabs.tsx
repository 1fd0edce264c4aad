import { useState } from 'react'
import { Link } from 'react-router'
import { ErrorNote } from '@/ui/ProblemNote'
import { useAway } from '@/ui/useAway'
import { NewPart } from './NewPart'
import { useWork } from './useWork'

/** The parts of the job side by side, and the door to another. */
export function PartTabs() {
  const { job, part } = useWork()
  const [adding, setAdding] = useState(false)
  const shelf = useAway('parts')
  // The one on the screen stays in sight.
  const parts = job.parts.filter((p) => p.id === part.id || !shelf.isAway(p.id))
  const shelved = shelf.isAway(part.id)
  return (
    <div className="flex flex-wrap items-center gap-1" aria-label="Parts of the job" role="group">
      {parts.map((p) => (
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
      <Link className="btn btn-ghost btn-sm" to={`/jobs/${job.id}/homes`}>
        Where things live
      </Link>
      {job.parts.length > 1 && (
        <button className="btn btn-ghost btn-sm" onClick={() => shelf.put(part.id, !shelved)}>
          {shelved ? 'Take this part back' : 'Put this part away'}
        </button>
      )}
      {parts.length < job.parts.length && (
        <select className="select select-sm w-auto" aria-label="Parts put away" value="" onChange={(e) => shelf.put(e.target.value, false)}>
          <option value="">{job.parts.length - parts.length} put away</option>
          {job.parts
            .filter((p) => !parts.includes(p))
            .map((p) => (
              <option key={p.id} value={p.id}>
                Take {p.name} back
              </option>
            ))}
        </select>
      )}
      {shelf.error && <ErrorNote error={shelf.error} />}
      {adding && <NewPart onClose={() => setAdding(false)} />}
    </div>
  )
}
