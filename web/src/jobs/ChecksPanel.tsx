import { useNavigate } from 'react-router'
import type { CheckView, RemedyView } from '@/api/types'
import { VerdictMark } from '@/ui/VerdictMark'
import { isStation } from '@/ui/stations'
import { Asked } from './Asked'
import { bySeverity } from './verdicts'
import type { Work } from './Workbench'

/** Every judgement with its figure, limit and source; a remedy is one press away. */
export function ChecksPanel({ work }: { readonly work: Work }) {
  const checks = bySeverity(work.design?.checks ?? [])
  return (
    <div className="flex flex-col gap-4">
      <Asked work={work} />
      <ul aria-label="Checks">
        {checks.map((check) => (
          <Check key={check.key} check={check} work={work} />
        ))}
      </ul>
      <Cautions cautions={work.design?.cautions ?? []} />
    </div>
  )
}

function Check({ check, work }: { readonly check: CheckView; readonly work: Work }) {
  return (
    <li className="border-base-300 flex gap-3 border-b py-3" data-verdict={check.verdict}>
      <VerdictMark verdict={check.verdict} />
      <div className="flex grow flex-col gap-1">
        <span className="font-semibold">{check.title}</span>
        <span>{check.says}</span>
        <span>
          <span className="figure font-semibold">{check.figure}</span> <span className="quiet">against</span> {check.limit}
        </span>
        <span className="quiet text-sm">{check.source}</span>
        <div className="flex flex-wrap gap-2">
          {check.remedies.map((remedy) => (
            <RemedyButton key={remedy.label} remedy={remedy} work={work} />
          ))}
        </div>
      </div>
    </li>
  )
}

function RemedyButton({ remedy, work }: { readonly remedy: RemedyView; readonly work: Work }) {
  const navigate = useNavigate()
  const act = () => {
    if (remedy.changes) work.editing.set(remedy.changes)
    else if (remedy.measure)
      void navigate(`/jobs/${work.job.id}?at=measure&place=${remedy.measure.interface}&dimension=${remedy.measure.dimension}`, {
        replace: true,
      })
    else if (isStation(remedy.station)) work.setStation(remedy.station)
  }
  return (
    <button className="btn btn-outline btn-primary" onClick={act}>
      {remedy.label}
    </button>
  )
}

export function Cautions({ cautions }: { readonly cautions: readonly string[] }) {
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
