import { useQuery } from '@tanstack/react-query'
import { Link } from 'react-router'
import { measureNext } from '@/api/queries'
import { Percent } from '@/ui/Percent'

/** Across open jobs, the readings that would raise the chance of a first fit most. */
export function MeasureNext() {
  const list = useQuery(measureNext).data ?? []
  if (list.length === 0) return null
  return (
    <section aria-label="Measure next" className="flex flex-col gap-2">
      <h2 className="text-xl font-semibold">One reading more that would help most</h2>
      <ul>
        {list.map((w) => (
          <li key={w.reads.interface + w.reads.dimension} className="border-base-300 border-b">
            <Link
              className="hover:bg-base-200 flex min-h-12 items-center justify-between gap-4 rounded px-2 py-1"
              to={`/jobs/${w.job}?at=measure&place=${w.reads.interface}&dimension=${encodeURIComponent(w.reads.dimension)}`}
            >
              <span>
                Read the {w.name} with the {w.instrument}. <span className="quiet">{w.jobName}.</span>
              </span>
              <span className="figure shrink-0">
                <Percent share={w.before} /> → <Percent share={w.after} />
              </span>
            </Link>
          </li>
        ))}
      </ul>
    </section>
  )
}
