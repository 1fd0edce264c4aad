import { lazy, Suspense, useMemo } from 'react'
import type { BodyView } from '@/api/types'
import { Loading } from '@/ui/Loading'
import { CalloutList } from './CalloutList'
import { MemberSelect } from './MemberSelect'
import { PartWords } from './PartWords'
import { SeatDrawing } from './SeatDrawing'
import { useWork } from './useWork'

const SeatView = lazy(() => import('@/viewer/SeatView').then((m) => ({ default: m.SeatView })))

export type Mode = 'section' | 'solid' | 'both' | 'list'
const modes: readonly (readonly [Mode, string])[] = [
  ['section', 'Section'],
  ['solid', 'In the round'],
  ['both', 'Both'],
  ['list', 'List'],
]

export type SeatPaneProps = {
  readonly error: Error | null
  /** Whether what is shown is being reckoned anew. */
  readonly busy: boolean
  readonly mode: Mode
  readonly onMode: (mode: Mode) => void
}

/** Machine and part together: as a section with callouts, in the round, both, or as a list of the same callouts. */
export function SeatPane({ error, busy, mode, onMode }: SeatPaneProps) {
  const work = useWork()
  const { design } = work
  const onBed = work.station === 'prove' || work.station === 'print'
  const bodies = useMemo(() => shownOf(design?.bodies ?? []), [design?.bodies])
  return (
    <section className="flex min-h-0 min-w-0 flex-col" aria-label="Seat drawing" aria-busy={busy}>
      <div className="flex flex-wrap items-center gap-1 px-4 pt-2">
        {modes.map(([key, name]) => (
          <button
            key={key}
            className={`btn ${mode === key ? 'btn-outline btn-primary' : 'btn-ghost'}`}
            aria-pressed={mode === key}
            onClick={() => onMode(key)}
          >
            {name}
          </button>
        ))}
        <MemberSelect />
      </div>
      {!design && !error && <Loading what="the drawing" className="m-4 h-96" />}
      {design && !design.drawing && (
        <p className="m-6 text-xl">{design.checks.find((c) => c.verdict === 'stop')?.says ?? 'Nothing to draw yet.'}</p>
      )}
      {design?.drawing && (
        <div
          className={`grid min-h-[28rem] grow lg:min-h-0 ${mode === 'both' ? 'grid-rows-2 xl:grid-cols-2 xl:grid-rows-1' : 'grid-cols-1'}`}
        >
          {(mode === 'section' || mode === 'both') && <SeatDrawing drawing={design.drawing} />}
          {(mode === 'solid' || mode === 'both') && (
            <Suspense fallback={<Loading what="the view in the round" className="m-4 h-full" />}>
              <SeatView bodies={bodies} motions={design.motions} apart={onBed} />
            </Suspense>
          )}
          {mode === 'list' && <CalloutList drawing={design.drawing} />}
        </div>
      )}
      <PartWords drawn={mode !== 'solid'} />
    </section>
  )
}

/** Where pieces are shown as they lie on the bed, they are not shown as they stand too. */
const shownOf = (bodies: readonly BodyView[]) =>
  bodies.some((b) => b.role === 'lying') ? bodies.filter((b) => b.role === 'lying') : bodies
