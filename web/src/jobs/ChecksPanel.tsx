import { useNavigate } from 'react-router'
import type { RemedyView } from '@/api/types'
import { Busy } from '@/ui/Busy'
import { Judgement } from '@/ui/Judgement'
import { isStation } from '@/ui/stations'
import { Asked } from './Asked'
import { bySeverity } from './verdicts'
import { useWork } from './useWork'

/** Every judgement with its figure, limit and source; a remedy is one press away. */
export function ChecksPanel() {
  const work = useWork()
  const checks = bySeverity(work.checks)
  const act = useRemedy()
  return (
    <div className="flex flex-col gap-4">
      <Asked />
      <div className="min-h-6">{work.cutting && <Busy what="Cutting it into layers, to judge how it prints" />}</div>
      <ul aria-label="Checks">
        {checks.map((check) => (
          <Judgement key={check.key} check={check} onRemedy={act} />
        ))}
      </ul>
      <Cautions cautions={work.design?.cautions ?? []} />
    </div>
  )
}

/** What pressing a remedy does. */
export function useRemedy() {
  const work = useWork()
  const navigate = useNavigate()
  return (remedy: RemedyView) => {
    if (remedy.changes) work.editing.set(remedy.changes)
    else if (remedy.measure)
      void navigate(
        `/jobs/${work.job.id}?part=${work.part.id}&at=measure&place=${remedy.measure.interface}&dimension=${remedy.measure.dimension}`,
        { replace: true },
      )
    else if (isStation(remedy.station)) work.setStation(remedy.station)
  }
}

export function Cautions({ cautions }: { readonly cautions: readonly string[] }) {
  if (cautions.length === 0) return null
  return (
    <section className="border-warning rounded-md border-2 p-3" aria-label="Cautions">
      {cautions.map((caution) => (
        <p key={caution} className="mb-1 last:mb-0">
          {caution}
        </p>
      ))}
    </section>
  )
}
