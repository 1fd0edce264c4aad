import type { SeenEdge as Seen } from '@/api/types'

/** A photograph with the edge that was found drawn over it. */
export function SeenEdge({ seen }: { readonly seen: Seen }) {
  return (
    <svg
      viewBox={`0 0 ${seen.width} ${seen.height}`}
      className="w-full rounded"
      role="img"
      aria-label="The photograph with the edge that was found"
    >
      <image href={`data:image/jpeg;base64,${seen.jpeg}`} width={seen.width} height={seen.height} />
      <polygon
        points={seen.edge.map((p) => `${p.x},${p.y}`).join(' ')}
        className="fill-none stroke-[#d63a2f]"
        strokeWidth={2}
        vectorEffect="non-scaling-stroke"
      />
    </svg>
  )
}
