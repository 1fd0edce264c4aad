import type { CSSProperties } from 'react'
import type { InterfaceView } from '@/api/types'
import { Patterns } from '@/ui/Patterns'
import { Spot } from './Spot'

export type DuctDrawingProps = { readonly place: InterfaceView; readonly chosen: string; readonly onChoose: (key: string) => void }

const view = { width: 420, height: 380 } as const
const spots: Readonly<Record<string, CSSProperties>> = {
  outside: { left: '34%', top: 0 },
  outsideDepth: { left: 0, top: '24%' },
  inside: { left: '34%', top: '46%' },
  insideDepth: { right: 0, top: '24%' },
  corner: { right: 0, bottom: 0 },
  depth: { left: 0, bottom: 0 },
}

/** A rectangular opening seen from its mouth; pressing a dimension chooses it for the next reading. To proportion once it is read. */
export function DuctDrawing({ place, chosen, onChoose }: DuctDrawingProps) {
  const size = (key: string) => place.dimensions.find((d) => d.key === key)?.size?.value
  const width = size('outside') ?? (size('inside') ?? 80) + 4
  const height = size('outsideDepth') ?? (size('insideDepth') ?? 50) + 4
  const scale = Math.min(190 / width, 170 / height)
  const [w, h] = [width * scale, height * scale]
  const [iw, ih] = [(size('inside') ?? width - 4) * scale, (size('insideDepth') ?? height - 4) * scale]
  const corner = (size('corner') ?? 0) * scale
  const centre = { x: view.width / 2, y: view.height / 2 }
  const box = (across: number, up: number, radius: number) => ({
    x: centre.x - across / 2,
    y: centre.y - up / 2,
    width: across,
    height: up,
    rx: radius,
  })
  return (
    <div className="relative" style={{ aspectRatio: `${view.width} / ${view.height}` }}>
      <svg viewBox={`0 0 ${view.width} ${view.height}`} className="h-full w-full" aria-hidden>
        <Patterns />
        <rect {...box(w, h, corner)} fill="url(#stipple)" stroke="currentColor" strokeWidth={chosen.startsWith('outside') ? 3 : 1.5} />
        <rect
          {...box(Math.min(iw, w - 4), Math.min(ih, h - 4), Math.max(0, corner - 2))}
          className="fill-base-100"
          stroke="currentColor"
          strokeWidth={chosen.startsWith('inside') ? 3 : 1.5}
        />
      </svg>
      {place.dimensions.map((d) => (
        <Spot key={d.key} dimension={d} at={spots[d.key]} chosen={d.key === chosen} onChoose={onChoose} />
      ))}
    </div>
  )
}
