import { useQuery } from '@tanstack/react-query'
import { moves } from '@/api/queries'
import { Figure } from '@/ui/Figure'
import { Percent } from '@/ui/Percent'
import { useWork } from './useWork'

/** What moves by another setup than the newest revision was printed with, and which proof is due; nothing where it was printed with this one. */
export function Moved() {
  const work = useWork()
  const moved = useQuery(moves(work.part, work.shown)).data
  if (!moved) return null
  return (
    <section aria-label="What another setup moves" className="border-base-300 flex flex-col gap-2 rounded-md border p-3">
      <h2 className="font-semibold">Another setup</h2>
      <p>{moved.says}</p>
      {moved.seats.length > 0 && (
        <ul className="flex flex-col gap-2">
          {moved.seats.map((s) => (
            <li key={s.name} className="flex flex-wrap items-center gap-x-3">
              <span className="w-full font-semibold">{s.name}</span>
              <Figure metric={s.was.metric} inches={s.was.inches} />
              →
              <Figure metric={s.now.metric} inches={s.now.inches} />
              <span className="ml-auto whitespace-nowrap">
                fits <Percent share={s.chanceWas} /> → <Percent share={s.chanceNow} />
              </span>
            </li>
          ))}
        </ul>
      )}
    </section>
  )
}
