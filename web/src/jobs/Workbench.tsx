import { useEffect, useMemo, useState } from 'react'
import { useSearchParams } from 'react-router'
import type { Role } from '@/api/queries'
import type { DesignView, FamilyView, Job, MachineSummary, Part, PartState, Process, Station } from '@/api/types'
import { ErrorNote } from '@/ui/ProblemNote'
import { isStation, stations } from '@/ui/stations'
import { useKeys } from '@/ui/useKeys'
import { ConflictSheet } from './ConflictSheet'
import { JobHeader } from './JobHeader'
import { memberState } from './rows'
import { SeatPane, type Mode } from './SeatPane'
import { StationBar } from './StationBar'
import { StationPanel } from './StationPanel'
import { useDraft } from './useDraft'
import { usePreview } from './usePreview'

export type WorkbenchProps = {
  readonly job: Job
  readonly part: Part
  /** The states before the present one, oldest first. */
  readonly earlier: readonly PartState[]
  readonly family: FamilyView
  readonly processes: readonly Process[]
  readonly machines: readonly MachineSummary[]
}

/** Triangles are asked for only where they are seen. */
const none: readonly Role[] = []
const seated: readonly Role[] = ['part', 'counterpart']
const proofs: readonly Role[] = ['coupon']
const seen = (mode: Mode, station: Station) => (mode === 'section' || mode === 'list' ? none : station === 'prove' ? proofs : seated)

/** One part on the bench: the seat drawing, and beside it what the station is about. */
export function Workbench({ job, part, earlier, family, processes, machines }: WorkbenchProps) {
  const [member, setMember] = useState(1)
  const editing = useDraft(part, earlier, member)
  const { draft } = editing
  const [station, setStation] = useStation()
  const [why, setWhy] = useState<string | null>(null)
  const [mode, setMode] = useState<Mode>('section')
  const shown = useMemo(() => memberState(draft.present, member), [draft.present, member])
  const preview = usePreview(part, shown, seen(mode, station))
  useUndoKeys(editing)
  useKeys({
    '[': () => setStation(stations[Math.max(0, stations.indexOf(station) - 1)]!),
    ']': () => setStation(stations[Math.min(stations.length - 1, stations.indexOf(station) + 1)]!),
    t: () => setStation('try'),
    ...(station === 'measure' ? {} : { r: () => setStation('measure'), digit: (e: KeyboardEvent) => setStation('measure', e.key) }),
  })
  const ask = (line: string) => {
    setWhy(line)
    setStation('reckon')
  }
  const work = {
    job,
    part,
    earlier,
    family,
    processes,
    machines,
    editing,
    station,
    setStation,
    design: preview.data,
    why,
    ask,
    member,
    setMember,
    shown,
  }
  return (
    <div className="flex min-h-0 grow flex-col lg:overflow-hidden">
      <JobHeader work={work} />
      <StationBar station={station} onChoose={setStation} checks={preview.data?.checks ?? []} />
      <div className="grid min-h-0 grow grid-cols-1 lg:grid-cols-[minmax(0,1fr)_27rem]">
        <SeatPane work={work} error={preview.error} stale={preview.isPlaceholderData} mode={mode} onMode={setMode} />
        <aside className="border-base-300 min-h-0 overflow-auto border-t p-4 lg:border-t-0 lg:border-l" aria-label={station}>
          {preview.error && station !== 'measure' && <ErrorNote error={preview.error} />}
          <StationPanel work={work} />
        </aside>
      </div>
      {draft.theirs && <ConflictSheet mine={draft.present} theirs={draft.theirs} onSettle={editing.settle} />}
    </div>
  )
}

export type Work = WorkbenchProps & {
  readonly editing: ReturnType<typeof useDraft>
  readonly station: Station
  readonly setStation: (station: Station) => void
  readonly design: DesignView | undefined
  /** The ledger line whose answer is open. */
  readonly why: string | null
  readonly ask: (line: string) => void
  /** Which member of a row is looked at, counted from 1. */
  readonly member: number
  readonly setMember: (member: number) => void
  /** The decisions of that member. */
  readonly shown: PartState
}

/** The station stands in the address, so that it survives a reload and can be linked to. */
function useStation(): readonly [Station, (station: Station, typed?: string) => void] {
  const [search, setSearch] = useSearchParams()
  const at = search.get('at')
  return [
    isStation(at) ? at : 'reckon',
    (station, typed) =>
      setSearch((now) => ({ ...(now.get('part') ? { part: now.get('part')! } : {}), at: station, ...(typed ? { typed } : {}) }), {
        replace: true,
      }),
  ]
}

function useUndoKeys({ undo, redo }: Pick<ReturnType<typeof useDraft>, 'undo' | 'redo'>) {
  useEffect(() => {
    const act = (event: KeyboardEvent) => {
      if (!(event.ctrlKey || event.metaKey) || event.target instanceof HTMLInputElement) return
      const key = event.key.toLowerCase()
      if (key === 'z' && !event.shiftKey) undo()
      else if (key === 'y' || key === 'z') redo()
      else return
      event.preventDefault()
    }
    window.addEventListener('keydown', act)
    return () => window.removeEventListener('keydown', act)
  }, [undo, redo])
}
