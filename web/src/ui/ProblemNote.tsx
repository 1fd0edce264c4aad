import { ApiProblem } from '@/api/client'
import type { Problem } from '@/api/types'

/** What is wrong with one entry, and what to do. Points at the place in the entry where that is known. */
export function ProblemNote({ problem, id }: { readonly problem: Problem; readonly id?: string }) {
  const { value, position } = problem
  return (
    <div role="alert" id={id} className="text-error text-[15px] leading-snug">
      {value !== null && position !== null && (
        <div className="figure" aria-hidden>
          {value.slice(0, position)}
          <mark className="bg-error text-error-content px-0.5">{value[position] ?? ' '}</mark>
          {value.slice(position + 1)}
        </div>
      )}
      {problem.message} {problem.remedy}
    </div>
  )
}

/** Everything an answer says is wrong. */
export function ErrorNote({ error }: { readonly error: Error }) {
  const problems = error instanceof ApiProblem ? error.problems : []
  if (problems.length === 0)
    return (
      <p role="alert" className="text-error">
        {error.message}
      </p>
    )
  return (
    <div className="flex flex-col gap-2">
      {problems.map((problem) => (
        <ProblemNote key={problem.field + problem.message} problem={problem} />
      ))}
    </div>
  )
}
