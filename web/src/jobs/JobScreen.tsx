import { useQuery } from '@tanstack/react-query'
import { useEffect } from 'react'
import { useParams, useSearchParams } from 'react-router'
import { earlierStates, families, job as jobQuery, processes } from '@/api/queries'
import type { FamilyView, Job, Part, Process } from '@/api/types'
import { ApiProblem } from '@/api/client'
import { Loading } from '@/ui/Loading'
import { ErrorNote } from '@/ui/ProblemNote'
import { NoSuchJob } from './NoSuchJob'
import { useChangedParts } from './useChangedParts'
import { Workbench } from './Workbench'

export function JobScreen() {
  const { id = '' } = useParams()
  const [search] = useSearchParams()
  const [opened, familyList, processList] = [useQuery(jobQuery(id)), useQuery(families), useQuery(processes)]
  const asked = search.get('part')
  const known = !opened.data || !asked || opened.data.parts.some((p) => p.id === asked)
  const { refetch } = opened
  useChangedParts(opened.data)
  // Somebody else may have added it after the job was read.
  useEffect(() => {
    if (!known) void refetch()
  }, [known, asked, refetch])
  const isMissing = opened.error instanceof ApiProblem && opened.error.status === 404
  const failed = [opened, familyList, processList].find((q) => q.isError)
  if (failed?.error && !isMissing) return <ErrorNote error={failed.error} />
  if ((!opened.data && !isMissing) || (!known && opened.isFetching) || !familyList.data || !processList.data)
    return <Loading what="the job" className="m-6 h-96" />
  const job = opened.data
  // A reading that is asked for leads to a part that fits its place.
  const fits = (p: Part) => Object.values(p.state.interfaces).includes(search.get('place') ?? '')
  const part = job?.parts.find((p) => p.id === asked) ?? job?.parts.find(fits) ?? job?.parts[0]
  const family = familyList.data.find((f) => f.key === part?.family)
  if (!job || !part || !family) return <NoSuchJob />
  return <Opened key={part.id} job={job} part={part} family={family} processes={processList.data} />
}

type OpenedProps = {
  readonly job: Job
  readonly part: Part
  readonly family: FamilyView
  readonly processes: readonly Process[]
}

/** The part with what undo reaches back to. */
function Opened(props: OpenedProps) {
  const earlier = useQuery(earlierStates(props.part.id))
  if (earlier.isError) return <ErrorNote error={earlier.error} />
  if (!earlier.data) return <Loading what="the job" className="m-6 h-96" />
  return <Workbench {...props} earlier={earlier.data} />
}
