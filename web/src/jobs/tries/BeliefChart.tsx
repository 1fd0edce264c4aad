import type { SizeBelief } from '@/api/types'
import { useLeading } from '@/ui/leading'
import { bell, extent } from './bell'
import { inLeading } from './size'

const [wide, high, side, below, label] = [420, 150, 10, 40, 64]

export type BeliefChartProps = {
  /** What was believed before the try that was just noted. */
  readonly before: SizeBelief | null
  readonly now: SizeBelief
  /** Drawn sizes of what was printed, mm, in order. */
  readonly rungs: readonly { readonly size: number; readonly name: string; readonly chosen: boolean }[]
}

/** Which size is to be drawn: the belief as a bell over drawn sizes, before the last try and now, with what fits and the rungs below it. */
export function BeliefChart({ before, now, rungs }: BeliefChartProps) {
  const { leading } = useLeading()
  const beliefs = before ? [before, now] : [now]
  const range = extent(
    beliefs,
    rungs.map((r) => r.size),
  )
  const bells = beliefs.map((b) => bell(b, range))
  const top = Math.max(...bells.flat().map(([, height]) => height))
  const x = (size: number) => side + ((size - range[0]) / (range[1] - range[0])) * (wide - 2 * side)
  const y = (height: number) => high - below - (height / top) * (high - below - 6)
  const path = (points: (typeof bells)[number]) => points.map(([size, height]) => `${x(size).toFixed(1)},${y(height).toFixed(1)}`).join(' ')
  const told = (b: SizeBelief) => `${inLeading(b.best, leading)} ± ${inLeading(2 * b.doubt, leading)}`
  const base = high - below
  return (
    <figure className="flex flex-col gap-1">
      <svg
        viewBox={`0 0 ${wide} ${high}`}
        className="figure w-full text-xs"
        role="img"
        aria-label={`Size to draw: ${told(now)}${before ? `; before the try ${told(before)}` : ''}`}
      >
        <rect x={x(now.from)} y={6} width={x(now.to) - x(now.from)} height={base - 6} className="fill-accent/15" />
        <polygon points={`${x(range[0])},${base} ${path(bells[bells.length - 1]!)} ${x(range[1])},${base}`} className="fill-primary/20" />
        {before && (
          <polyline points={path(bells[0]!)} className="stroke-base-content/70" fill="none" strokeWidth={1.5} strokeDasharray="5 4" />
        )}
        <polyline points={path(bells[bells.length - 1]!)} className="stroke-primary" fill="none" strokeWidth={2} />
        <line x1={side} x2={wide - side} y1={base} y2={base} className="stroke-base-content/40" />
        {rungs.map((r) => (
          <g key={r.size}>
            <line
              x1={x(r.size)}
              x2={x(r.size)}
              y1={base - 6}
              y2={base + 6}
              className="stroke-base-content"
              strokeWidth={r.chosen ? 3 : 1.25}
            />
            <text x={x(r.size)} y={base + 19} textAnchor="middle" className={`fill-base-content ${r.chosen ? 'font-bold' : ''}`}>
              {r.name}
            </text>
          </g>
        ))}
        {[now.from, now.to].map((size, i) => (
          <text
            key={i}
            x={i === 0 ? Math.max(x(size), side + label) : Math.min(x(size), wide - side - label)}
            y={high - 5}
            textAnchor={i === 0 ? 'end' : 'start'}
            className="fill-base-content"
          >
            {inLeading(size, leading)}
          </text>
        ))}
      </svg>
      <figcaption className="quiet text-sm">
        Drawn sizes. Shaded: what should fit. The bell: where the right one is believed to lie
        {before ? '; dashed, as it was before this try.' : '.'}
      </figcaption>
    </figure>
  )
}
