import type { FitWindow } from '@/api/types'
import type { Leading } from '@/ui/leading'

/** A clearance as it is typed in the leading unit, without it. */
export const bare = (mm: number, leading: Leading) =>
  String(Number((leading === 'metric' ? mm : mm / 25.4).toFixed(leading === 'metric' ? 3 : 4)))

/** What a drawing of some windows must show, mm: all of them, touching, and a little room. */
export function endsOf(fits: readonly FitWindow[]): readonly [number, number] {
  const all = [0, ...fits.flatMap((f) => [f.least, f.greatest, ...(f.metal ? [f.metal.least, f.metal.greatest] : [])])]
  return [Math.min(...all) - 0.1, Math.max(...all) + 0.1]
}

/** For which sizes a moved window holds: nothing is said of all. */
export function sizesOf({ from, to }: { readonly from: number; readonly to: number }, most: number, says: (mm: number) => string) {
  if (from === 0) return to >= most ? '' : `, up to ${says(to)}`
  return to >= most ? `, from ${says(from)}` : `, from ${says(from)} to ${says(to)}`
}
