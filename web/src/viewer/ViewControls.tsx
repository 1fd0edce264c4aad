import type { MotionView } from '@/api/types'
import { between, inBothUnits, type Pick } from './between'

export type CutAxis = 'none' | 'x' | 'y' | 'z'

const cuts: readonly (readonly [CutAxis, string])[] = [
  ['none', 'whole'],
  ['y', 'cut from the front'],
  ['x', 'cut from the side'],
  ['z', 'cut from above'],
]

export type ViewControlsProps = {
  readonly cut: CutAxis
  readonly onCut: (cut: CutAxis) => void
  readonly depth: number
  readonly onDepth: (depth: number) => void
  readonly pulled: boolean
  /** Left out where there is one piece alone. */
  readonly onPulled: ((pulled: boolean) => void) | undefined
  readonly onFit: () => void
  readonly motions: readonly MotionView[]
  readonly put: Readonly<Record<string, number>>
  readonly onPut: (key: string, at: number) => void
  readonly picks: readonly Pick[]
}

/** What opens, moves and measures the view. */
export function ViewControls(p: ViewControlsProps) {
  return (
    <div className="border-base-300 flex flex-wrap items-center gap-x-4 gap-y-1 border-t px-3 py-1 text-sm">
      <select
        className="select select-sm w-40"
        aria-label="Cutting plane"
        value={p.cut}
        onChange={(e) => p.onCut(e.target.value as CutAxis)}
      >
        {cuts.map(([key, words]) => (
          <option key={key} value={key}>
            {words}
          </option>
        ))}
      </select>
      {p.cut !== 'none' && <Slider label="how deep" at={p.depth} onAt={p.onDepth} />}
      {p.onPulled && (
        <button
          className={`btn btn-sm ${p.pulled ? 'btn-outline btn-primary' : 'btn-ghost'}`}
          aria-pressed={p.pulled}
          onClick={() => p.onPulled!(!p.pulled)}
        >
          Pieces apart
        </button>
      )}
      <button className="btn btn-ghost btn-sm" onClick={p.onFit}>
        Fit to view
      </button>
      {p.motions
        .filter((m) => !m.drivenBy)
        .map((m) => (
          <Slider
            key={m.key}
            label={m.name}
            at={p.put[m.key] ?? 0}
            onAt={(at) => p.onPut(m.key, at)}
            ends={[m.rests[0]?.name, m.rests.at(-1)?.name]}
          />
        ))}
      <p className="quiet ml-auto" aria-live="polite">
        {told(p.picks)}
      </p>
    </div>
  )
}

function told(picks: readonly Pick[]): string {
  const [a, b] = picks
  if (!a) return 'Press two faces to measure between them.'
  if (!b) return 'Press another face.'
  const { mm, parallel } = between(a, b)
  return `${inBothUnits(mm)} ${parallel ? 'between two parallel faces' : 'from point to point'}`
}

type SliderProps = {
  readonly label: string
  readonly at: number
  readonly onAt: (at: number) => void
  readonly ends?: readonly (string | undefined)[]
}

function Slider({ label, at, onAt, ends = [] }: SliderProps) {
  return (
    <label className="flex items-center gap-2">
      <span>{label}</span>
      <span className="quiet">{ends[0]}</span>
      <input
        type="range"
        className="range range-sm w-32"
        min={0}
        max={1}
        step={0.01}
        value={at}
        onChange={(e) => onAt(Number(e.target.value))}
      />
      <span className="quiet">{ends[1]}</span>
    </label>
  )
}
