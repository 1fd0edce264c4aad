import type { Leading } from '@/ui/leading'

/** A size in the leading unit, with it. */
export const inLeading = (mm: number, leading: Leading) => (leading === 'metric' ? `${mm.toFixed(2)} mm` : `${(mm / 25.4).toFixed(3)} in`)
