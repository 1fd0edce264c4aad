import { useQuery } from '@tanstack/react-query'
import { useNavigate } from 'react-router'
import { waysOn } from '@/api/queries'
import type { WayOn } from '@/api/types'
import { Busy } from '@/ui/Busy'
import { Percent } from '@/ui/Percent'
import { ErrorNote } from '@/ui/ProblemNote'
import { useWork } from './useWork'

/** What may be done next, by what it takes until the part fits; the first takes least. */
export function WaysOn() {
  const work = useWork()
  const ways = useQuery(waysOn(work.part, work.shown))
  if (ways.isError) return <ErrorNote error={ways.error} />
  if (ways.isPending || ways.isPlaceholderData) return <Busy what="Weighing what to do next" />
  if (ways.data.length === 0) return null
  return (
    <section aria-label="What next" className="flex flex-col gap-1">
      <h2 className="font-semibold">What next, by what it takes until the part fits</h2>
      <ol className="flex flex-col">
        {ways.data.map((way, i) => (
          <Way key={way.says} way={way} best={i === 0} />
        ))}
      </ol>
    </section>
  )
}

type WayProps = { readonly way: WayOn; readonly best: boolean }

function Way({ way, best }: WayProps) {
  const work = useWork()
  const navigate = useNavigate()
  const go = () =>
    way.reads
      ? void navigate(`/jobs/${work.job.id}?at=measure&place=${way.reads.interface}&dimension=${encodeURIComponent(way.reads.dimension)}`)
      : work.setStation(way.station)
  return (
    <li className="border-base-300 border-b">
      <button className="hover:bg-base-200 flex min-h-12 w-full flex-col rounded px-2 py-1 text-left" onClick={go}>
        <span className={best ? 'font-semibold' : ''}>
          {way.says} {best && <span className="text-accent">Takes least.</span>}
        </span>
        <span className="flex flex-wrap gap-x-4 text-sm">
          <span className="figure">{way.time}</span>
          <span className="figure">{way.mass}</span>
          <span className="figure">
            {way.hands} <span className="quiet font-sans">of yours</span>
          </span>
          <span className="figure">
            <Percent share={way.chance} /> <span className="quiet font-sans">at the first print</span>
          </span>
        </span>
        {best && <span className="quiet text-sm">{way.why}</span>}
      </button>
    </li>
  )
}
