import type { ApiProblem } from '@/api/client'
import { Busy } from '@/ui/Busy'
import { ErrorNote } from '@/ui/ProblemNote'

type KeepOrTakeOutProps = {
  readonly isNew: boolean
  readonly busy: boolean
  /** What is wrong and has no field of its own here. */
  readonly problem: ApiProblem | undefined
  /** How the fields of this entry begin. */
  readonly path: string
  readonly onTakeOut: () => void
}

/** The end of an entry's form: what else is wrong, that homes are being found, and what can be done. */
export function KeepOrTakeOut({ isNew, busy, problem, path, onTakeOut }: KeepOrTakeOutProps) {
  return (
    <>
      {problem && !problem.problems.some((p) => p.field.startsWith(path)) && <ErrorNote error={problem} />}
      {busy && <Busy what="Finding homes" />}
      <div className="flex flex-wrap gap-2">
        <button className="btn btn-primary" disabled={busy}>
          Keep it
        </button>
        {!isNew && (
          <button type="button" className="btn btn-outline" disabled={busy} onClick={onTakeOut}>
            Take it out of the plan
          </button>
        )}
      </div>
    </>
  )
}
