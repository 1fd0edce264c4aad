import { useEffect, useMemo, useState } from 'react'
import { useSearchParams } from 'react-router'
import { useQuery } from '@tanstack/react-query'
import { machinesOf, motions as motionsQuery, plan as planQuery, type Role } from '@/api/queries'
import type { MachineSummary, Part, PartState, Station } from '@/api/types'
import { ErrorNote } from '@/ui/ProblemNote'
import { isStation, stations } from '@/ui/stations'
import { typing, useKeys } from '@/ui/useKeys'
import { ConflictSheet } from './ConflictSheet'
import { JobHeader } from './JobHeader'
import { memberState } from './rows'
import { SeatPane, type Mode } from './SeatPane'
import { StationBar } from './StationBar'
import { StationPanel } from './StationPanel'
import { useDraft } from './useDraft'
import { usePreview } from './usePreview'
import { WorkContext, type Work } from './useWork'

export type WorkbenchProps = Pick<Work, 'job' | 'part' | 'earlier' | 'family' | 'processes'>

const none: readonly Role[] = []
const seated: readonly Role[] = ['part', 'counterpart']
const printedPart: readonly Role[] = ['part']
const lying: readonly Role[] = ['part', 'lying']
const proofs: readonly Role[] = ['coupon']

/** Triangles are asked for where they are seen, and where fitted sizes are gauged in them. */
function seen(mode: Mode, station: Station): readonly Role[] {
  if (station === 'prove') return proofs
  if (mode === 'solid' || mode === 'both') return station === 'print' ? lying : seated
  return station === 'check' || station === 'print' ? printedPart : none
}

/** One part on the bench: the seat drawing, and beside it what the station is about. */
export function Workbench({ job, part, earlier, family, processes }: WorkbenchProps) {
  const [member, setMember] = useState(1)
  const editing = useDraft(part, earlier, member)
  const { draft } = editing
  const machines = useMachines([draft.present, draft.saved, draft.theirs?.state])
  const [station, setStation] = useStation()
  const [why, setWhy] = useState<string | null>(null)
  const [mode, setMode] = useState<Mode>('section')
  const shown = useMemo(() => memberState(draft.present, member), [draft.present, member])
  const preview = usePreview(part, shown, seen(mode, station))
  const printed = usePrinted(part, shown, station, preview.data?.drawing !== undefined && preview.data?.drawing !== null)
  const moved = useMoved(part, shown, station, (preview.data?.motions.length ?? 0) > 0)
  const checks = [...(preview.data?.checks ?? []), ...printed.checks, ...moved.checks]
  useUndoKeys(editing)
  useKeys({
    '[': () => setStation(stations[Math.max(0, stations.indexOf(station) - 1)]!),
    ']': () => setStation(stations[Math.min(stations.length - 1, stations.indexOf(station) + 1)]!),
    t: () => setStation('try'),
    Escape: () => setWhy(null),
    ...(station === 'measure' ? {} : { r: () => setStation('measure') }),
    ...(station === 'measure' || station === 'try' ? {} : { digit: (e: KeyboardEvent) => setStation('measure', e.key) }),
  })
  const ask = (line: string) => {
    setWhy(line)
    setStation('reckon')
  }
  const work: Work = {
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
    checks,
    cutting: printed.cutting || moved.looking,
    why,
    ask,
    member,
    setMember,
    shown,
  }
  return (
    <WorkContext value={work}>
      <div className="flex min-h-0 grow flex-col lg:overflow-hidden">
        <JobHeader />
        <StationBar station={station} onChoose={setStation} checks={checks} />
        <div className="grid min-h-0 grow grid-cols-1 lg:grid-cols-[minmax(0,1fr)_27rem]">
          <SeatPane error={preview.error} busy={preview.isFetching} mode={mode} onMode={setMode} />
          <aside className="border-base-300 min-h-0 overflow-auto border-t p-4 lg:border-t-0 lg:border-l" aria-label={station}>
            {preview.error && station !== 'measure' && <ErrorNote error={preview.error} />}
            <StationPanel />
          </aside>
        </div>
        {draft.theirs && (
          <ConflictSheet
            base={draft.saved}
            mine={draft.present}
            theirs={draft.theirs}
            family={family}
            machines={machines}
            processes={processes}
            onSettle={editing.settle}
          />
        )}
      </div>
    </WorkContext>
  )
}

/** The machines of all places that some states name. */
function useMachines(states: readonly (PartState | undefined)[]): readonly MachineSummary[] {
  const places = [...new Set(states.flatMap((state) => Object.values(state?.interfaces ?? {})))].sort()
  return useQuery(machinesOf(places)).data ?? []
}

/** What the layers of the part say of the way it lies; asked for where it matters, for it takes a moment. */
function usePrinted(part: Part, shown: PartState, station: Station, built: boolean) {
  const asked = built && (station === 'check' || station === 'print')
  const plan = useQuery({ ...planQuery(part, shown, printedPart), enabled: asked })
  return { checks: asked && plan.data && !plan.isPlaceholderData ? plan.data.checks : [], cutting: asked && plan.isFetching }
}

/** Whether its bodies run into each other as they move. */
function useMoved(part: Part, shown: PartState, station: Station, moves: boolean) {
  const asked = moves && station === 'check'
  const found = useQuery({ ...motionsQuery(part, shown), enabled: asked })
  return { checks: asked && found.data && !found.isPlaceholderData ? found.data : [], looking: asked && found.isFetching }
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
      // In a field it is the field's own undo; under an open sheet nobody sees the part.
      if (!(event.ctrlKey || event.metaKey) || typing(event.target) || document.querySelector('dialog[open]')) return
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
