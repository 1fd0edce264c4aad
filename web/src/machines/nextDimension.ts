import type { DimensionView, InterfaceView } from '@/api/types'

const wantedReadings = 3

/** How many readings of a dimension count. */
export const counting = (d: Pick<DimensionView, 'readings'>) => d.readings.filter((r) => r.struckBecause === null).length

/** How many readings of a dimension are wanted: a count is right or wrong, everything else is read three times. */
export const wanted = (d: Pick<DimensionView, 'access'>) => (d.access === 'count' ? 1 : wantedReadings)

/** The dimension to read next: the one in hand until it has its readings; then, of the needed ones, that with the fewest, unless it follows from others.
 * @param leave a dimension that is left with fewer readings than wanted */
export function nextDimension(place: Pick<InterfaceView, 'dimensions'>, inHand?: string, leave?: string): string {
  const lacks = (d: DimensionView) => counting(d) < wanted(d)
  const held = place.dimensions.find((d) => d.key === inHand)
  if (held && lacks(held)) return held.key
  const needed = place.dimensions.filter((d) => d.need === 'needed' && !(counting(d) === 0 && d.size !== null))
  const lacking = needed.filter((d) => lacks(d) && d.key !== leave)
  const fewest = lacking.reduce<DimensionView | undefined>((least, d) => (least && counting(least) <= counting(d) ? least : d), undefined)
  return (fewest ?? needed.find((d) => d.key !== leave) ?? place.dimensions[0])!.key
}
