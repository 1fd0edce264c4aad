import { useInfiniteQuery, useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { Link } from 'react-router'
import { bench as benchQuery, foundJobs } from '@/api/queries'
import type { BenchItem } from '@/api/types'
import { AwayList } from '@/ui/AwayList'
import { More } from '@/ui/More'
import { ErrorNote } from '@/ui/ProblemNote'
import { Loading } from '@/ui/Loading'
import { Percent } from '@/ui/Percent'
import { StationTrack } from '@/ui/StationTrack'
import { useAway } from '@/ui/useAway'
import { MeasureNext } from './MeasureNext'
import { NewJob } from './NewJob'
import { TakeJobFile } from './TakeJobFile'

/** What to do next, a sentence for each part on the go. */
export function BenchScreen() {
  const bench = useInfiniteQuery(benchQuery)
  const items = bench.data?.pages.flatMap((p) => p.items)
  const [starting, setStarting] = useState(false)
  const shelved = useQuery(foundJobs('', true)).data ?? []
  const shelf = useAway('jobs')
  return (
    <div className="mx-auto flex w-full max-w-6xl flex-col gap-6 p-6">
      <div className="flex flex-wrap items-center justify-between gap-4">
        <h1 className="text-3xl font-bold">Next on the bench</h1>
        <div className="flex flex-wrap gap-3">
          <TakeJobFile />
          <button className="btn btn-primary" onClick={() => setStarting(true)}>
            Start a job
          </button>
        </div>
      </div>
      {bench.isPending && <Loading what="the bench" className="h-80" />}
      {bench.isError && <ErrorNote error={bench.error} />}
      {shelf.error && <ErrorNote error={shelf.error} />}
      {items?.length === 0 && <EmptyBench />}
      {items && (
        <ul className="flex flex-col gap-4">
          {items.map((item) => (
            <Item key={item.part} item={item} onPutAway={() => shelf.put(item.job, true)} />
          ))}
        </ul>
      )}
      <More list={bench} what="parts" />
      <MeasureNext />
      <a className="link w-fit" href="/api/workshop.zip" download>
        Save the whole workshop as one file
      </a>
      <AwayList thing="jobs" all={shelved} called={shelf.ids.length === 1 ? 'job' : 'jobs'} />
      {starting && <NewJob onClose={() => setStarting(false)} />}
    </div>
  )
}

type ItemProps = { readonly item: BenchItem; readonly onPutAway: () => void }

function Item({ item, onPutAway }: ItemProps) {
  return (
    <li className="flex items-center gap-2">
      <Link
        to={`/jobs/${item.job}?part=${item.part}&at=${item.station}`}
        className="border-base-300 hover:border-primary block min-w-0 grow rounded-md border p-5"
      >
        <div className="flex flex-wrap items-start justify-between gap-x-8 gap-y-3">
          <div className="min-w-72 flex-1">
            <p className={`text-2xl leading-snug ${item.done ? 'quiet' : 'font-semibold'}`}>
              <span className="sr-only">{item.jobName}: </span>
              {item.says}
              {item.reckoning && <span className="quiet text-base font-normal"> Being reckoned anew.</span>}
            </p>
            <p className="mt-2">
              <span className="font-semibold">{item.jobName}.</span> <span className="quiet">{item.need}</span>
            </p>
          </div>
          {item.chance !== null && !item.done && <Chance chance={item.chance} />}
        </div>
        <StationTrack at={item.station} done={item.done} />
      </Link>
      <button className="btn btn-ghost quiet" aria-label={`Put away ${item.jobName}`} onClick={onPutAway}>
        Put away
      </button>
    </li>
  )
}

function Chance({ chance }: { readonly chance: number }) {
  return (
    <div className="text-right">
      <div className="text-3xl font-semibold">
        <Percent share={chance} />
      </div>
      <div className="quiet text-sm">chance that the next print fits</div>
    </div>
  )
}

function EmptyBench() {
  return (
    <div className="border-base-300 rounded-md border border-dashed p-8">
      <p className="text-xl">Nothing is on the go.</p>
      <p className="quiet mt-2">
        Start a job with a name and what it must do; what it fits is measured as you go. Machines that you use often are kept under{' '}
        <Link to="/machines" className="link">
          Machines
        </Link>
        .
      </p>
    </div>
  )
}
