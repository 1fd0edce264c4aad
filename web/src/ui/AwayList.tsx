import { ErrorNote } from './ProblemNote'
import { useAway, type Thing } from './useAway'

export type AwayListProps = {
  readonly thing: Thing
  /** What there is of the sort, put away or not. */
  readonly all: readonly { readonly id: string; readonly name: string }[]
  /** What they are called together: "jobs". */
  readonly called: string
}

/** What was put away, each with the way back; folded until it is asked for. */
export function AwayList({ thing, all, called }: AwayListProps) {
  const { isAway, put, error } = useAway(thing)
  const shelved = all.filter((item) => isAway(item.id))
  if (shelved.length === 0) return null
  return (
    <details>
      <summary className="min-h-11 cursor-pointer">
        {shelved.length} {called} put away
      </summary>
      <ul aria-label={`${called} put away`}>
        {shelved.map((item) => (
          <li key={item.id} className="flex min-h-11 items-center gap-3">
            <span>{item.name}</span>
            <button className="btn btn-ghost" onClick={() => put(item.id, false)}>
              Take {item.name} back
            </button>
          </li>
        ))}
      </ul>
      {error && <ErrorNote error={error} />}
    </details>
  )
}
