import type { SizeBelief } from '@/api/types'

/** How far a bell is drawn to each side, in standard deviations. */
const reach = 3.2
/** A belief that is all but certain still has a width on the screen, mm. */
const thinnest = 0.004

const doubtOf = (belief: SizeBelief) => Math.max(thinnest, belief.doubt)

/** The density of a belief at a size, 1/mm. */
export const density = (belief: SizeBelief, size: number) => {
  const z = (size - belief.best) / doubtOf(belief)
  return Math.exp(-(z * z) / 2) / (doubtOf(belief) * Math.sqrt(2 * Math.PI))
}

/** From where to where a chart goes, mm, so that every bell, the sizes that fit and every rung is on it. */
export function extent(beliefs: readonly SizeBelief[], rungs: readonly number[]): readonly [number, number] {
  const all = [...rungs, ...beliefs.flatMap((b) => [b.best - reach * doubtOf(b), b.best + reach * doubtOf(b), b.from, b.to])]
  const [low, high] = [Math.min(...all), Math.max(...all)]
  const margin = Math.max(0.02, (high - low) * 0.04)
  return [low - margin, high + margin]
}

/** Points of a bell across a range, as size and density. */
export const bell = (belief: SizeBelief, [low, high]: readonly [number, number], points = 120): readonly (readonly [number, number])[] =>
  Array.from({ length: points + 1 }, (_, i) => {
    const size = low + ((high - low) * i) / points
    return [size, density(belief, size)] as const
  })
