import type { DrawingView } from '@/api/types'
import type { Point } from './calloutLayout'

type Drag = NonNullable<DrawingView['regions'][number]['drag']>

const fineness = 0.5

/** The entries that put a dragged face where it was let go: never left of or before the edge.
 * @param moved px on the screen, y down
 * @param scale px to the millimetre */
export function dropped(drag: Drag, moved: Point, scale: number): Record<string, string> {
  const place = (at: number, by: number) => String(Math.max(0, Math.round((at + by / scale) / fineness) * fineness))
  return { [drag.x]: place(drag.at.x, moved.x), [drag.y]: place(drag.at.y, -moved.y) }
}
