import type { TryPlaceView } from '@/api/types'

/** The seat of a place, without the rung of its ladder. */
export const seatOf = (slot: string) => slot.replace(/#\d+$/, '')

/** What is tried first: a seat of which nothing is told yet, on any rung; the last place is what the part must do. */
export function first(places: readonly TryPlaceView[]): TryPlaceView {
  const told = new Set(places.filter((p) => p.told.length > 0).map((p) => seatOf(p.slot)))
  return places.find((p) => !told.has(seatOf(p.slot))) ?? places[places.length - 1]!
}

/** What comes after a place that was just told of: the next rung of its ladder that nobody told of, or what is tried first now. */
export function following(places: readonly TryPlaceView[], tried: TryPlaceView): TryPlaceView {
  const now = places.map((p) => (p.slot === tried.slot ? { ...p, told: [...p.told, ''] } : p))
  const at = now.findIndex((p) => p.slot === tried.slot)
  const ladder =
    tried.step === null
      ? []
      : [...now.slice(at + 1), ...now.slice(0, at)].filter((p) => p.step !== null && seatOf(p.slot) === seatOf(tried.slot))
  return ladder.find((p) => p.told.length === 0) ?? first(now)
}
