import { useIsMutating, useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { history } from '@/api/queries'
import type { RevisionView } from '@/api/types'
import { freezing } from '@/jobs/freezing'
import { useWork } from '@/jobs/useWork'
import { Loading } from '@/ui/Loading'
import { TryForm } from './TryForm'

/** How a print fitted, in words a hand can feel; the answer is the corrected size. */
export function TryPanel() {
  const work = useWork()
  const revisions = useQuery(history(work.part.id)).data?.revisions ?? []
  const newest = revisions[0]
  // What is noted now is of the print that is just being numbered, not of the one before.
  const numbering = useIsMutating({ mutationKey: freezing(work.part.id) }) > 0
  if (numbering) return <Loading what="the new print" />
  if (!newest) return <NothingPrinted />
  return <TryBoard key={newest.number} revisions={revisions} newest={newest} />
}

type TryBoardProps = { readonly revisions: readonly RevisionView[]; readonly newest: RevisionView }

function TryBoard({ revisions, newest }: TryBoardProps) {
  const [number, setNumber] = useState(newest.number)
  const revision = revisions.find((r) => r.number === number) ?? newest
  return (
    <div className="flex flex-col gap-5">
      <label className="flex items-center gap-3">
        <span className="font-semibold">Revision</span>
        <select className="select figure" value={revision.number} onChange={(e) => setNumber(Number(e.target.value))}>
          {revisions.map((r) => (
            <option key={r.number} value={r.number}>
              {r.number}
            </option>
          ))}
        </select>
        <span className="quiet text-sm">{revision.process}</span>
      </label>
      <TryForm key={revision.number} revision={revision} />
    </div>
  )
}

/** What to do before there is anything to try. */
function NothingPrinted() {
  const work = useWork()
  return (
    <div className="flex flex-col gap-3">
      <p className="text-lg">Nothing is printed yet. A proof is tried in minutes, the part itself after its print.</p>
      <div className="flex flex-wrap gap-2">
        <button className="btn btn-primary" onClick={() => work.setStation('prove')}>
          Print a proof
        </button>
        <button className="btn btn-outline" onClick={() => work.setStation('print')}>
          Print the part
        </button>
      </div>
    </div>
  )
}
