import type { Callout, DrawingView } from '@/api/types'

export type Point = { readonly x: number; readonly y: number }
export type Line = { readonly from: Point; readonly to: Point }

/** A callout on the screen: the middle of its label and the thin lines that tie it to the drawing, px. */
export type PlacedCallout = {
  readonly callout: Callout
  readonly label: Point
  readonly dimension: readonly Line[]
  readonly leader: Line
  readonly marker: Point | null
}

export type Layout = { readonly scale: number; readonly toScreen: (p: Point) => Point; readonly callouts: readonly PlacedCallout[] }

export const labelSize = { width: 158, height: 62 } as const

const gap = 8
const row = labelSize.height + gap
const margin = { side: labelSize.width + 52, above: 18, below: 46 } as const

/** How many rows the labels above or below take: as few as they fit into beside each other. */
const rowsOf = (callouts: readonly Callout[], side: Callout['side'], width: number) =>
  Math.ceil(callouts.filter((c) => c.side === side).length / Math.max(1, Math.floor(width / (labelSize.width + gap))))

/** Where no label stands above, the drawing takes the room. */
const around = ({ callouts }: DrawingView, width: number): Margin => ({
  side: margin.side,
  above: margin.above + rowsOf(callouts, 'above', width) * row,
  below: margin.below + Math.max(1, rowsOf(callouts, 'below', width)) * row,
})

/** In a narrower rectangle the labels would leave no room for the drawing, and it stands alone. */
const narrowest = 2 * margin.side + 140

/** Puts a drawing and its callouts into a rectangle: the drawing as large as it goes, labels around it, none on another. */
export function layoutDrawing(drawing: DrawingView, width: number, height: number): Layout {
  if (width < narrowest) return { ...fit(drawing, width, height, { side: 20, above: 20, below: 20 }), callouts: [] }
  const { scale, toScreen } = fit(drawing, width, height, around(drawing, width))
  const [least, greatest] = [toScreen(drawing.least), toScreen(drawing.greatest)]
  const place = { toScreen, frame: { left: least.x, right: greatest.x, above: greatest.y, below: least.y }, width, height }
  return {
    scale,
    toScreen,
    callouts: [
      ...besides(drawing.callouts, 'left', place),
      ...besides(drawing.callouts, 'right', place),
      ...aboveOrBelow(drawing.callouts, 'above', place),
      ...aboveOrBelow(drawing.callouts, 'below', place),
    ],
  }
}

type Margin = { readonly side: number; readonly above: number; readonly below: number }

function fit({ least, greatest }: DrawingView, width: number, height: number, margin: Margin) {
  const room = { x: Math.max(40, width - 2 * margin.side), y: Math.max(40, height - margin.above - margin.below) }
  const scale = Math.min(room.x / (greatest.x - least.x), room.y / (greatest.y - least.y))
  const middle = { x: (least.x + greatest.x) / 2, y: (least.y + greatest.y) / 2 }
  const toScreen = (p: Point) => ({
    x: width / 2 + (p.x - middle.x) * scale,
    y: margin.above + room.y / 2 - (p.y - middle.y) * scale,
  })
  return { scale, toScreen }
}

/** Moves wanted positions apart until no two are closer than their size, staying within the ends where that is possible. */
export function spread(wanted: readonly number[], size: number, from: number, to: number): number[] {
  const order = wanted.map((at, index) => ({ at, index })).sort((a, b) => a.at - b.at || a.index - b.index)
  const placed = order.map((o) => Math.min(Math.max(o.at, from + size / 2), to - size / 2))
  for (let i = 1; i < placed.length; i++) placed[i] = Math.max(placed[i]!, placed[i - 1]! + size)
  const over = (placed.at(-1) ?? 0) - (to - size / 2)
  if (over > 0) placed[placed.length - 1]! -= over
  for (let i = placed.length - 2; i >= 0; i--) placed[i] = Math.min(placed[i]!, placed[i + 1]! - size)
  const result = new Array<number>(wanted.length)
  order.forEach((o, i) => (result[o.index] = placed[i]!))
  return result
}

type Place = {
  readonly toScreen: (p: Point) => Point
  readonly frame: { readonly left: number; readonly right: number; readonly above: number; readonly below: number }
  readonly width: number
  readonly height: number
}

/** Rows at the side: the gap at the top, then the outermost dimension, then the inner one. */
function besides(all: readonly Callout[], side: 'left' | 'right', inside: Place): PlacedCallout[] {
  const { toScreen, frame, width, height } = inside
  const mine = all.filter((c) => c.side === side)
  const outwards = side === 'left' ? -1 : 1
  const x = side === 'left' ? labelSize.width / 2 + 4 : width - labelSize.width / 2 - 4
  const centre = (frame.above + frame.below) / 2
  const wanted = mine.map((c) => (c.row === 0 ? frame.above : c.row === 2 ? centre : frame.below))
  // Where labels above reach over the column, it begins below them.
  const reaches = aboveOrBelow(all, 'above', inside).some((p) => Math.abs(p.label.x - x) < labelSize.width + gap)
  const from = reaches ? rowsOf(all, 'above', width) * row : 0
  const ys = spread(wanted, row, from, height - Math.max(1, rowsOf(all, 'below', width)) * row - 6)
  return mine.map((callout, i) => {
    const [start, end] = [toScreen(callout.from), toScreen(callout.to)]
    const label = { x, y: ys[i]! }
    const edge = { x: x - (outwards * labelSize.width) / 2, y: label.y }
    if (callout.row === 0) return { callout, label, dimension: [], marker: start, leader: { from: edge, to: start } }
    const at = (side === 'left' ? frame.left : frame.right) + outwards * (14 * callout.row - 2)
    const [top, bottom] = [Math.min(start.y, end.y), Math.max(start.y, end.y)]
    return {
      callout,
      label,
      marker: null,
      dimension: [
        { from: { x: at, y: top }, to: { x: at, y: bottom } },
        { from: start, to: { x: at, y: start.y } },
        { from: end, to: { x: at, y: end.y } },
      ],
      leader: { from: edge, to: { x: at, y: Math.min(Math.max(label.y, top), bottom) } },
    }
  })
}

function aboveOrBelow(all: readonly Callout[], side: 'above' | 'below', { toScreen, frame, width, height }: Place): PlacedCallout[] {
  const mine = all.filter((c) => c.side === side)
  const middles = mine.map((c) => (toScreen(c.from).x + toScreen(c.to).x) / 2)
  // From left to right, row after row: neighbours stand in rows of their own.
  const rows = rowsOf(all, side, width)
  const order = mine.map((_, i) => i).sort((a, b) => middles[a]! - middles[b]! || a - b)
  const labels = new Array<Point>(mine.length)
  for (let k = 0; k < rows; k++) {
    const own = order.filter((_, at) => at % rows === k)
    const xs = spread(
      own.map((i) => middles[i]!),
      labelSize.width + gap,
      0,
      width,
    )
    const off = labelSize.height / 2 + 4 + k * row
    own.forEach((i, at) => (labels[i] = { x: xs[at]!, y: side === 'above' ? off : height - off }))
  }
  return mine.map((callout, i) => {
    const [from, to] = [toScreen(callout.from), toScreen(callout.to)]
    const label = labels[i]!
    const y = label.y
    const edge = { x: label.x, y: side === 'above' ? y + labelSize.height / 2 : y - labelSize.height / 2 }
    if (callout.kind !== 'length') {
      const at = { x: (from.x + to.x) / 2, y: (from.y + to.y) / 2 }
      return { callout, label, dimension: [], marker: at, leader: { from: edge, to: at } }
    }
    const line = frame.below + 10 + 16 * callout.row
    const [left, right] = [Math.min(from.x, to.x), Math.max(from.x, to.x)]
    return {
      callout,
      label,
      marker: null,
      dimension: [
        { from: { x: left, y: line }, to: { x: right, y: line } },
        { from, to: { x: from.x, y: line } },
        { from: to, to: { x: to.x, y: line } },
      ],
      leader: { from: edge, to: { x: Math.min(Math.max(label.x, left), right), y: line } },
    }
  })
}
