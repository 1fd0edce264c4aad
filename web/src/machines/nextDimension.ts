import type { InterfaceView } from '@/api/types'

const wantedReadings = 3

/** The dimension to read next: the one with the fewest readings that count, until each has three; then the first. */
export function nextDimension(place: InterfaceView): string {
  const counts = place.dimensions.map((d) => ({ key: d.key, count: d.readings.filter((r) => r.struckBecause === null).length }))
  const wanting = counts.filter((c) => c.count < wantedReadings).sort((a, b) => a.count - b.count)
  return (wanting[0] ?? counts[0])!.key
}
