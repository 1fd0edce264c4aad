import { useRef, useState, type KeyboardEvent, type PointerEvent } from 'react'
import type { FlatPicture, OutlineView } from '@/api/types'

export type Corner = OutlineView['points'][number]

/** How far an arrow key moves a corner, and with Shift, mm. */
const [step, far] = [0.1, 1]

const arrows: Readonly<Record<string, Corner>> = {
  ArrowLeft: { x: -1, y: 0 },
  ArrowRight: { x: 1, y: 0 },
  ArrowUp: { x: 0, y: 1 },
  ArrowDown: { x: 0, y: -1 },
}

export type CornerEditorProps = {
  readonly outline: OutlineView
  readonly keeping: boolean
  readonly onKeep: (from: OutlineView, corners: readonly Corner[]) => void
  readonly onDone: () => void
  /** The photograph that it was taken from, laid flat. */
  readonly behind: FlatPicture | null
}

/** The corners of an outline, to be moved by hand or by key, left away, or added. Nothing is kept until it is said. */
export function CornerEditor({ outline, keeping, onKeep, onDone, behind }: CornerEditorProps) {
  // What somebody else gives it meanwhile does not take away what was moved here.
  const [from] = useState(outline)
  const [corners, setCorners] = useState<readonly Corner[]>(from.points)
  const [chosen, setChosen] = useState<number | null>(null)
  const [held, setHeld] = useState<number | null>(null)
  const picture = useRef<SVGSVGElement>(null)
  const [wide, high] = [Math.max(...from.points.map((p) => p.x)), Math.max(...from.points.map((p) => p.y))]
  const room = 0.06 * Math.max(wide, high)
  const size = (wide + 2 * room) / 90
  const put = (index: number, corner: Corner) =>
    setCorners((all) => all.map((c, i) => (i === index ? { x: Math.round(corner.x * 100) / 100, y: Math.round(corner.y * 100) / 100 } : c)))
  const under = (event: PointerEvent): Corner | null => {
    const matrix = picture.current?.getScreenCTM()
    if (!matrix) return null
    const at = new DOMPoint(event.clientX, event.clientY).matrixTransform(matrix.inverse())
    return { x: at.x, y: -at.y }
  }
  const remove = (index: number) => {
    if (corners.length <= 3) return
    setCorners((all) => all.filter((_, i) => i !== index))
    setChosen(null)
  }
  const add = (index: number) => {
    const [one, next] = [corners[index]!, corners[(index + 1) % corners.length]!]
    setCorners((all) => all.toSpliced(index + 1, 0, { x: (one.x + next.x) / 2, y: (one.y + next.y) / 2 }))
    setChosen(index + 1)
  }
  const onKey = (event: KeyboardEvent, index: number) => {
    const arrow = arrows[event.key]
    const by = event.shiftKey ? far : step
    const corner = corners[index]!
    if (arrow) put(index, { x: corner.x + by * arrow.x, y: corner.y + by * arrow.y })
    else if (event.key === 'Delete') remove(index)
    else return
    event.preventDefault()
    event.stopPropagation()
  }
  return (
    <section aria-label="Corners" className="flex flex-col gap-2">
      <svg
        ref={picture}
        viewBox={`${-room} ${-high - room} ${wide + 2 * room} ${high + 2 * room}`}
        className="bg-base-100 max-h-96 w-full touch-none rounded"
        onPointerMove={(event) => {
          const at = held === null ? null : under(event)
          if (at) put(held!, at)
        }}
        onPointerUp={() => setHeld(null)}
        onPointerLeave={() => setHeld(null)}
      >
        {behind && (
          <image
            href={`data:image/jpeg;base64,${behind.jpeg}`}
            x={behind.left}
            y={-behind.low - behind.high}
            width={behind.wide}
            height={behind.high}
            preserveAspectRatio="none"
          />
        )}
        <polygon
          points={corners.map((c) => `${c.x},${-c.y}`).join(' ')}
          className={behind ? 'fill-none stroke-[#d63a2f]' : 'fill-base-300 stroke-base-content'}
          strokeWidth={1.5}
          vectorEffect="non-scaling-stroke"
        />
        {corners.map((corner, index) => (
          <circle
            key={index}
            cx={corner.x}
            cy={-corner.y}
            r={index === chosen ? size * 1.6 : size}
            tabIndex={0}
            role="button"
            aria-label={`Corner ${index + 1} at ${corner.x.toFixed(2)}, ${corner.y.toFixed(2)}`}
            aria-pressed={index === chosen}
            className={behind ? 'cursor-move fill-[#d63a2f]' : 'fill-primary cursor-move'}
            onFocus={() => setChosen(index)}
            onPointerDown={(event) => {
              event.currentTarget.focus()
              setHeld(index)
            }}
            onKeyDown={(event) => onKey(event, index)}
          />
        ))}
      </svg>
      {behind && (
        <p className="quiet text-sm">
          Behind it is the photograph, laid flat at the height of its upper edges: sides that the camera saw stand beside the outline.
        </p>
      )}
      <p className="quiet min-h-6 text-sm">
        {chosen === null || !corners[chosen]
          ? 'Drag a corner, or choose it and use the arrow keys: 0.1 mm, with Shift 1 mm.'
          : `Corner ${chosen + 1} of ${corners.length}: ${corners[chosen].x.toFixed(2)}, ${corners[chosen].y.toFixed(2)} mm of the drawing`}
      </p>
      <div className="flex flex-wrap gap-2">
        <button className="btn btn-primary" disabled={corners === from.points || keeping} onClick={() => onKeep(from, corners)}>
          Keep the corners
        </button>
        <button className="btn btn-ghost" disabled={corners === from.points} onClick={() => setCorners(from.points)}>
          As it was
        </button>
        <button className="btn btn-ghost" disabled={chosen === null} onClick={() => chosen !== null && add(chosen)}>
          Add one after it
        </button>
        <button
          className="btn btn-ghost"
          disabled={chosen === null || corners.length <= 3}
          onClick={() => chosen !== null && remove(chosen)}
        >
          Leave it away
        </button>
        <button className="btn btn-ghost" onClick={onDone}>
          {corners === from.points ? 'Done' : 'Leave without keeping'}
        </button>
      </div>
    </section>
  )
}
