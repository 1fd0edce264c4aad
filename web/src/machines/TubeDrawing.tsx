import type { CSSProperties } from 'react'
import type { InterfaceView } from '@/api/types'
import { Patterns } from '@/ui/Patterns'
import { Spot } from './Spot'

export type TubeDrawingProps = { readonly place: InterfaceView; readonly chosen: string; readonly onChoose: (key: string) => void }

const view = { width: 420, height: 340 } as const
/** Where each dimension's button stands over the drawing. */
const spots: Readonly<Record<string, CSSProperties>> = {
  outside: { left: 0, top: 0 },
  inside: { right: 0, top: '36%' },
  depth: { left: '34%', bottom: 0 },
}

/** A round opening in section with its three dimensions; pressing one chooses it for the next reading. Not to scale until it is read. */
export function TubeDrawing({ place, chosen, onChoose }: TubeDrawingProps) {
  const size = (key: string) => place.dimensions.find((d) => d.key === key)?.size?.value
  const outside = size('outside') ?? (size('inside') ?? 50) * 1.12
  const inside = size('inside') ?? outside / 1.12
  const scale = 150 / Math.max(outside, inside)
  const [ro, ri] = [(Math.max(outside, inside + 1) * scale) / 2, (inside * scale) / 2]
  const [left, right, axis] = [140, 300, 155]
  return (
    <div className="relative" style={{ aspectRatio: `${view.width} / ${view.height}` }}>
      <svg viewBox={`0 0 ${view.width} ${view.height}`} className="h-full w-full" aria-hidden>
        <Patterns />
        {[-1, 1].map((side) => (
          <rect
            key={side}
            x={left}
            width={right - left}
            y={side < 0 ? axis - ro : axis + ri}
            height={ro - ri}
            fill="url(#stipple)"
            stroke="currentColor"
            strokeWidth="1.5"
          />
        ))}
        <g stroke="currentColor" strokeWidth="1" fill="none">
          <path d={`M${left - 26} ${axis} H${right + 26}`} strokeDasharray="14 4 3 4" opacity="0.6" />
          <path
            d={`M${left - 16} ${axis - ro} V${axis + ro} M${left - 22} ${axis - ro} h20 M${left - 22} ${axis + ro} h20`}
            strokeWidth={chosen === 'outside' ? 3 : 1}
          />
          <path d={`M${left + 50} ${axis - ri} V${axis + ri}`} strokeWidth={chosen === 'inside' ? 3 : 1} />
          <path
            d={`M${left} ${axis + ro + 16} H${right} M${left} ${axis + ro + 6} v20 M${right} ${axis + ro + 6} v20`}
            strokeWidth={chosen === 'depth' ? 3 : 1}
          />
        </g>
      </svg>
      {place.dimensions.map((d) => (
        <Spot key={d.key} dimension={d} at={spots[d.key]} chosen={d.key === chosen} onChoose={onChoose} />
      ))}
    </div>
  )
}
