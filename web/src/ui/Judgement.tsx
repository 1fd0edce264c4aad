import type { CheckView, RemedyView } from '@/api/types'
import { VerdictMark } from './VerdictMark'

export type JudgementProps = { readonly check: CheckView; readonly onRemedy: (remedy: RemedyView) => void }

/** How far the bar goes: what is there, and half as much again. */
const reach = 1.5

/** What is used of what is there: a bar against a mark at all of it. */
function UsedBar({ used }: { readonly used: number }) {
  return (
    <span
      role="img"
      aria-label={`${Math.round(used * 100)} % used of what is there`}
      className="bg-base-300 relative my-1 block h-2 w-full max-w-80"
    >
      <span className="bg-base-content absolute inset-y-0 left-0" style={{ width: `${(100 * Math.min(used, reach)) / reach}%` }} />
      <span className="border-primary absolute -inset-y-1 border-l-2" style={{ left: `${100 / reach}%` }} />
    </span>
  )
}

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
        {check.used !== null && <UsedBar used={check.used} />}
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
