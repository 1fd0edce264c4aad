import type { SeenScan as Seen } from '@/api/types'

/** A scan from the front as it was laid: what was never scanned, and where it was cut. */
export function SeenScan({ seen }: { readonly seen: Seen }) {
  const room = 0.06 * Math.max(seen.wide, seen.high)
  const points = seen.side.map((p) => `${p.x},${seen.high - p.y}`).join(' ')
  return (
    <svg
      viewBox={`${-room} ${-room} ${seen.wide + 2 * room} ${seen.high + 2 * room}`}
      className="max-h-72 w-full rounded"
      role="img"
      aria-label="The scan from the front, where it was cut, and what was never scanned"
    >
      <polygon points={points} className="fill-base-300 stroke-base-content" strokeWidth={1} vectorEffect="non-scaling-stroke" />
      {seen.sections.map((section) => (
        <line
          key={section.x}
          x1={section.x}
          x2={section.x}
          y1={seen.high - section.low}
          y2={seen.high - section.high}
          className={section.scanned ? 'stroke-primary' : 'stroke-error'}
          strokeWidth={1}
          strokeDasharray={section.scanned ? undefined : '2 3'}
          vectorEffect="non-scaling-stroke"
        />
      ))}
      {seen.holes.map((hole, i) => (
        <circle
          key={i}
          cx={hole.x}
          cy={seen.high - hole.z}
          r={hole.across / 2}
          className="stroke-error fill-none"
          strokeWidth={1.5}
          strokeDasharray="4 3"
          vectorEffect="non-scaling-stroke"
        />
      ))}
      {seen.at !== null && (
        <line
          x1={-room}
          x2={seen.wide + room}
          y1={seen.high - seen.at}
          y2={seen.high - seen.at}
          className="stroke-primary"
          strokeWidth={2}
          vectorEffect="non-scaling-stroke"
        />
      )}
    </svg>
  )
}
