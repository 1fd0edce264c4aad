import type { CheckView, RemedyView } from '@/api/types'
import { VerdictMark } from './VerdictMark'

export type JudgementProps = { readonly check: CheckView; readonly onRemedy: (remedy: RemedyView) => void }

/** One judgement with its figure, limit and source; a remedy is one press away. */
export function Judgement({ check, onRemedy }: JudgementProps) {
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
            <button key={remedy.label} className="btn btn-outline btn-primary" onClick={() => onRemedy(remedy)}>
              {remedy.label}
            </button>
          ))}
        </div>
      </div>
    </li>
  )
}
