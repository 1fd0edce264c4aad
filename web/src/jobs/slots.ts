import type { DesignView, InterfaceSlot } from '@/api/types'

type Places = Readonly<Record<string, string>>

/** The places with one slot filled anew, or emptied by an empty id. */
export const withSlot = (places: Places, slot: string, id: string): Record<string, string> =>
  Object.fromEntries([...Object.entries(places).filter(([key]) => key !== slot), ...(id === '' ? [] : [[slot, id] as const])])

/** Of slots in a series (thing 1, thing 2…), the filled ones are shown and the next that is open; every other slot always. */
export function isNext(slots: readonly InterfaceSlot[], at: number, places: Places): boolean {
  const slot = slots[at]!
  if (slot.key in places || slot.series === null) return true
  return !slots.slice(0, at).some((before) => before.series === slot.series && !(before.key in places))
}

/** Parameters that dragging on the drawing sets. */
export const dragged = (design: DesignView | undefined): readonly string[] => [
  ...new Set(design?.drawing?.regions.flatMap((r) => (r.drag ? [r.drag.x, r.drag.y] : [])) ?? []),
]
