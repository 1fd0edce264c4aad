import type { DesignView, FamilyView, InterfaceSlot } from '@/api/types'
import { counts, type Decided } from './asking'

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

/** Whether a slot is asked for as things stand: it is next in its series, and what it hangs on is chosen, or it is filled already. */
export const isAsked = (family: Pick<FamilyView, 'slots' | 'parameters'>, at: number, state: Decided): boolean => {
  const slot = family.slots[at]!
  return isNext(family.slots, at, state.interfaces) && (slot.key in state.interfaces || counts(slot, family.parameters, state))
}

/** Parameters that dragging on the drawing sets. */
export const dragged = (design: DesignView | undefined): readonly string[] => [
  ...new Set(design?.drawing?.regions.flatMap((r) => (r.drag ? [r.drag.x, r.drag.y] : [])) ?? []),
]
