import { useQuery } from '@tanstack/react-query'
import { combs } from '@/api/queries'
import { day } from '@/ui/moments'
import { Loading } from '@/ui/Loading'
import { ErrorNote } from '@/ui/ProblemNote'
import { CombBoard } from './CombBoard'

/** Test prints that were made of a setup, the newest open. */
export function CombBoards({ setup }: { readonly setup: string }) {
  const made = useQuery(combs(setup))
  if (made.error) return <ErrorNote error={made.error} />
  if (!made.data) return <Loading what="test prints" className="h-16" />
  return made.data.map((comb, i) => (
    <details key={comb.id} open={i === 0} className="border-base-300 rounded-md border p-4">
      <summary className="cursor-pointer text-xl font-bold">Test print of {day(comb.at)}</summary>
      <CombBoard comb={comb} />
    </details>
  ))
}
