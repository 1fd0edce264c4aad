import { Fragment, useLayoutEffect, useMemo, useRef, useState, type PointerEvent, type ReactNode } from 'react'
import type { DrawingView } from '@/api/types'
import { Patterns } from '@/ui/Patterns'
import { layoutDrawing, type Layout, type Line, type PlacedCallout, type Point } from './calloutLayout'
import { dropped } from './dropped'

export type SectionPictureProps = {
  readonly drawing: DrawingView
  readonly label: string
  /** What stands at a callout. */
  readonly at: (placed: PlacedCallout) => ReactNode
  /** Key of the line drawn bold. */
  readonly bold?: string
  /** Told where a face that can be dragged was let go, in its own parameters. */
  readonly onDrag?: (entries: Readonly<Record<string, string>>) => void
}

const fills = { part: 'url(#hatch)', machine: 'url(#stipple)', opening: 'var(--color-base-100)' } as const

/** A drawing as large as its place allows, with its callouts around it. */
export function SectionPicture({ drawing, label, at, bold, onDrag }: SectionPictureProps) {
  const [held, setHeld] = useState<Held | null>(null)
  const [ref, size] = useSize()
  const layout = useMemo(() => layoutDrawing(drawing, size.width, size.height), [drawing, size])
  return (
    <div ref={ref} className="relative h-full min-h-0 min-w-0 overflow-hidden">
      {size.width > 0 && (
        <>
          <svg width={size.width} height={size.height} className="absolute inset-0" role="img" aria-label={label}>
            <Patterns />
            {drawing.regions.map((region, i) => (
              <path
                key={i}
                d={outline(region.outline, layout)}
                fill={fills[region.matter]}
                stroke="currentColor"
                strokeWidth={region.matter === 'part' ? 1.8 : 1}
                {...(region.drag && onDrag ? dragging(region.drag, held, setHeld, layout.scale, onDrag) : {})}
              />
            ))}
            {drawing.centreLines.map((line, i) => (
              <Stroke key={i} line={{ from: layout.toScreen(line.from), to: layout.toScreen(line.to) }} dash="16 4 3 4" />
            ))}
            {drawing.texts.map((t, i) => (
              <text
                key={i}
                {...layout.toScreen(t.at)}
                fontSize={(t.size * layout.scale) / 0.668}
                fontWeight={700}
                textAnchor="middle"
                pointerEvents="none"
                dy={(t.size * layout.scale) / 2}
                fill="currentColor"
                stroke="var(--color-base-100)"
                strokeWidth={3}
                paintOrder="stroke"
              >
                {t.text}
              </text>
            ))}
            {layout.callouts.map((placed) => (
              <CalloutLines key={placed.callout.line} placed={placed} bold={placed.callout.line === bold} />
            ))}
          </svg>
          {layout.callouts.map((placed) => (
            <Fragment key={placed.callout.line}>{at(placed)}</Fragment>
          ))}
        </>
      )}
    </div>
  )
}

/** What is being dragged, and how far, px. */
type Held = { readonly key: string; readonly from: Point; readonly by: Point }

/** A face that is dragged follows the pointer; let go, it says where it stands now, in whole half millimetres. */
function dragging(
  drag: NonNullable<DrawingView['regions'][number]['drag']>,
  held: Held | null,
  setHeld: (held: Held | null) => void,
  scale: number,
  onDrag: NonNullable<SectionPictureProps['onDrag']>,
) {
  const mine = held?.key === drag.x ? held : null
  const by = (event: PointerEvent) => ({ x: event.clientX - (mine?.from.x ?? 0), y: event.clientY - (mine?.from.y ?? 0) })
  return {
    className: 'cursor-move touch-none',
    ...(mine ? { transform: `translate(${mine.by.x} ${mine.by.y})` } : {}),
    onPointerDown: (event: PointerEvent<SVGPathElement>) => {
      event.currentTarget.setPointerCapture(event.pointerId)
      setHeld({ key: drag.x, from: { x: event.clientX, y: event.clientY }, by: { x: 0, y: 0 } })
    },
    onPointerMove: (event: PointerEvent) => mine && setHeld({ ...mine, by: by(event) }),
    onPointerUp: (event: PointerEvent) => {
      if (!mine) return
      const moved = by(event)
      setHeld(null)
      if (Math.abs(moved.x) + Math.abs(moved.y) > 3) onDrag(dropped(drag, moved, scale))
    },
    onPointerCancel: () => setHeld(null),
  }
}

const outline = (points: DrawingView['regions'][number]['outline'], { toScreen }: Layout) =>
  `M${points
    .map(toScreen)
    .map((p) => `${p.x.toFixed(2)} ${p.y.toFixed(2)}`)
    .join('L')}Z`

function CalloutLines({ placed, bold }: { readonly placed: PlacedCallout; readonly bold: boolean }) {
  const [main, ...extensions] = placed.dimension
  return (
    <g className={bold ? 'text-primary' : undefined}>
      {extensions.map((line, i) => (
        <Stroke key={i} line={line} faint />
      ))}
      {main && <Stroke line={main} ticks bold={bold} />}
      <Stroke line={placed.leader} faint />
      {placed.marker && (
        <g fill="none" stroke="currentColor" strokeWidth={bold ? 3 : 1.5}>
          <circle cx={placed.marker.x} cy={placed.marker.y} r="7" />
          <circle cx={placed.marker.x} cy={placed.marker.y} r="3.5" />
        </g>
      )}
    </g>
  )
}

type StrokeProps = {
  readonly line: Line
  readonly faint?: boolean
  readonly dash?: string
  readonly ticks?: boolean
  readonly bold?: boolean
}

function Stroke({ line: { from, to }, faint, dash, ticks, bold }: StrokeProps) {
  const across = Math.abs(to.x - from.x) > Math.abs(to.y - from.y) ? { x: 0, y: 5 } : { x: 5, y: 0 }
  return (
    <g stroke="currentColor" strokeWidth={bold ? 3 : 1} opacity={faint ? 0.4 : 0.8}>
      <line x1={from.x} y1={from.y} x2={to.x} y2={to.y} strokeDasharray={dash} />
      {ticks &&
        [from, to].map((end, i) => (
          <line key={i} x1={end.x - across.x} y1={end.y - across.y} x2={end.x + across.x} y2={end.y + across.y} strokeWidth="2" />
        ))}
    </g>
  )
}

function useSize() {
  const ref = useRef<HTMLDivElement>(null)
  const [size, setSize] = useState({ width: 0, height: 0 })
  // Measured before the first paint, so that the drawing does not come a frame late.
  useLayoutEffect(() => {
    const element = ref.current
    if (!element) return
    const measure = () => setSize({ width: element.clientWidth, height: element.clientHeight })
    measure()
    const observer = new ResizeObserver(measure)
    observer.observe(element)
    return () => observer.disconnect()
  }, [])
  return [ref, size] as const
}
