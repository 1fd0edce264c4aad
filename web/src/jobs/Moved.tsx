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
        <table className="table-sm table">
          <thead>
            <tr>
              <th>Fit</th>
              <th>Drawn then</th>
              <th>Drawn now</th>
              <th>Fits</th>
            </tr>
          </thead>
          <tbody>
            {moved.seats.map((s) => (
              <tr key={s.name}>
                <th scope="row">{s.name}</th>
                <td>
                  <Figure metric={s.was.metric} inches={s.was.inches} />
                </td>
                <td>
                  <Figure metric={s.now.metric} inches={s.now.inches} />
                </td>
                <td className="whitespace-nowrap">
                  <Percent share={s.chanceWas} /> → <Percent share={s.chanceNow} />
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
    </section>
  )
}
