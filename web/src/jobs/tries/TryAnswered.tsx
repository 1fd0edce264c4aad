import { useQuery } from '@tanstack/react-query'
import { history } from '@/api/queries'
import type { TryAnswer } from '@/api/types'
import { capital } from '@/jobs/inWords'
import { TryHelps } from '@/jobs/TryLine'
import { useWork } from '@/jobs/useWork'
import { Percent } from '@/ui/Percent'

/** What a try changed, once it is noted. */
export function TryAnswered({ answer }: { readonly answer: TryAnswer }) {
  const told = useQuery(history(useWork().part.id))
    .data?.revisions.flatMap((r) => r.tries)
    .find((t) => t.id === answer.try)
  if (answer.what === null)
    return (
      <div role="status" className="border-accent flex flex-col items-start gap-2 rounded-md border-2 p-3">
        <p className="text-lg">Noted. Keep and the bench tell it from now on.</p>
        <TryHelps helps={told?.helps ?? []} />
      </div>
    )
  return (
    <div role="status" className="border-accent rounded-md border-2 p-3">
      <p className="text-lg">
        {capital(answer.what)} is now <span className="figure font-semibold">{answer.after}</span>; it was{' '}
        <span className="figure">{answer.before}</span>.
      </p>
      {answer.chanceBefore !== null && answer.chanceAfter !== null && (
        <p>
          Chance of a fit: <Percent share={answer.chanceBefore} /> before, <Percent share={answer.chanceAfter} /> now.
        </p>
      )}
    </div>
  )
}
