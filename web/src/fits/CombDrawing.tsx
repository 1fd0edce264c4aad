import type { CombTooth } from '@/api/types'

export type CombDrawingProps = {
  readonly teeth: readonly CombTooth[]
  readonly wide: number
  readonly deep: number
  readonly chosen?: number | undefined
  readonly onChoose?: (tooth: number) => void
}

/** Strip in front of a tooth for its number, and length of what is prismatic, mm. */
const [front, long] = [9, 12]

/** A test print from above, as it lies on the bed; what was told of a tooth fills it. */
export function CombDrawing({ teeth, wide, deep, chosen, onChoose }: CombDrawingProps) {
  const plate = teeth.filter((t) => t.surface !== 'firstLayerFoot')
  const edge = (of: (t: CombTooth) => number) => Math.max(0, ...plate.map(of))
  return (
    <svg
      viewBox={`-1 -1 ${wide + 2} ${deep + 2}`}
      className="max-h-72 w-full"
      role="img"
      aria-label={`The test print from above, ${wide.toFixed(0)} × ${deep.toFixed(0)} mm, ${teeth.length} faces`}
    >
      {/* Up on the screen is away from the maker. */}
      <g transform={`translate(0 ${deep}) scale(1 -1)`}>
        <rect
          width={edge((t) => t.x + t.wide)}
          height={edge((t) => t.y + t.deep)}
          className="fill-base-200 stroke-base-content/60"
          strokeWidth={0.4}
        />
        {teeth.map((t) => (
          <g key={t.number} onClick={() => onChoose?.(t.number)} className={onChoose && 'cursor-pointer'}>
            {t.number === chosen && (
              <rect x={t.x} y={t.y} width={t.wide} height={t.deep} className="fill-primary/25 stroke-primary" strokeWidth={0.6} />
            )}
            <Face tooth={t} />
            <text
              transform={`translate(${t.x + t.wide / 2} ${t.surface === 'firstLayerFoot' ? t.y + t.deep / 2 - 2 : t.y + 2.4}) scale(1 -1)`}
              textAnchor="middle"
              className="fill-base-content"
              fontSize={6}
            >
              {t.number}
            </text>
          </g>
        ))}
      </g>
    </svg>
  )
}

/** What stands on a tile, hatched by what is material. */
function Face({ tooth: t }: { readonly tooth: CombTooth }) {
  const [x, y, wall] = [t.x + t.wide / 2, t.y + front + (t.deep - front) / 2, 3]
  const told = t.told.some((n) => n.struckBecause === null)
  const solid = { className: told ? 'fill-success/60 stroke-base-content' : 'fill-base-300 stroke-base-content', strokeWidth: 0.4 }
  const open = { className: 'fill-base-100 stroke-base-content', strokeWidth: 0.4 }
  const box = (w: number, d: number, look: typeof solid) => <rect x={x - w / 2} y={y - d / 2} width={w} height={d} {...look} />
  switch (t.surface) {
    case 'holeUpright':
      return (
        <>
          <circle cx={x} cy={y} r={t.size / 2 + wall} {...solid} />
          <circle cx={x} cy={y} r={t.size / 2} {...open} />
        </>
      )
    case 'outsideRound':
      return <circle cx={x} cy={y} r={t.size / 2} {...solid} />
    case 'outsideFlat':
      return box(long, t.size, solid)
    case 'pocket':
      return (
        <>
          {box(t.size + 2 * wall, long, solid)}
          {box(t.size, long, open)}
        </>
      )
    case 'holeLying':
      return (
        <>
          {box(t.size + 2 * wall, long, solid)}
          <path
            d={`M${x - t.size / 2} ${y - long / 2}v${long}M${x + t.size / 2} ${y - long / 2}v${long}`}
            {...solid}
            strokeDasharray="1.5 1"
            fill="none"
          />
        </>
      )
    case 'gapInPlace':
      return (
        <>
          <circle cx={x} cy={y} r={4 + t.size / 2 + wall} {...solid} />
          <circle cx={x} cy={y} r={4 + t.size / 2} {...open} />
          <circle cx={x} cy={y} r={4} {...solid} />
        </>
      )
    case 'firstLayerFoot':
      return <rect x={t.x} y={t.y} width={t.wide} height={t.deep} {...solid} />
    case 'threadFlank':
      return null
  }
}
