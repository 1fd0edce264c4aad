import type { DimensionView, InterfaceView } from '@/api/types'

const wantedReadings = 3

/** How many readings of a dimension count. */
export const counting = (d: Pick<DimensionView, 'readings'>) => d.readings.filter((r) => r.struckBecause === null).length

/** The dimension to read next: of the needed ones, that with the fewest readings, until each has three or follows from others; then the first. */
export function nextDimension(place: Pick<InterfaceView, 'dimensions'>): string {
  const counts = place.dimensions
    .filter((d) => d.need === 'needed' && d.access !== 'count' && !(counting(d) === 0 && d.size !== null))
    .map((d) => ({ key: d.key, count: counting(d) }))
  const once = place.dimensions.find((d) => d.need === 'needed' && d.access === 'count' && counting(d) === 0)
  const wanting = counts.filter((c) => c.count < wantedReadings).sort((a, b) => a.count - b.count)
  if (once && (wanting[0]?.count ?? 1) > 0) return once.key
  return (wanting[0] ?? counts[0] ?? place.dimensions[0])!.key
}
