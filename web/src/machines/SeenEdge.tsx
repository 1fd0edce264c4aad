import type { SeenEdge as Seen } from '@/api/types'

const beside = 0.2

/** The part of a photograph where a thing lies, with the edge that was found drawn over it, and as wide as its doubt. */
export function SeenEdge({ seen }: { readonly seen: Seen }) {
  const [xs, ys] = [seen.edge.map((p) => p.x), seen.edge.map((p) => p.y)]
  const [left, top] = [Math.min(...xs), Math.min(...ys)]
  const [width, height] = [Math.max(...xs) - left, Math.max(...ys) - top]
  const room = beside * Math.max(width, height)
  const points = seen.edge.map((p) => `${p.x},${p.y}`).join(' ')
  return (
    <svg
      viewBox={`${left - room} ${top - room} ${width + 2 * room} ${height + 2 * room}`}
      className="max-h-96 w-full rounded"
      role="img"
      aria-label="The photograph with the edge that was found"
    >
      <image href={`data:image/jpeg;base64,${seen.jpeg}`} width={seen.width} height={seen.height} />
      <polygon points={points} className="fill-none stroke-[#d63a2f] opacity-40" strokeWidth={seen.band} />
      <polygon points={points} className="fill-none stroke-[#d63a2f]" strokeWidth={1.5} vectorEffect="non-scaling-stroke" />
    </svg>
  )
}
