import type { Leading } from '@/ui/leading'
import type { HomeReach, HomeUse, StorageEntry, ThingEntry } from '@/api/types'

export const reaches: Readonly<Record<HomeReach, string>> = { atHand: 'at hand', step: 'a step away', away: 'elsewhere' }

export const uses: Readonly<Record<HomeUse, string>> = {
  daily: 'every day',
  weekly: 'in most weeks',
  monthly: 'in some months',
  seldom: 'seldom',
}

/** A key that nothing in a list has yet. */
export const freeKey = (stem: string, taken: readonly string[]) => {
  for (let n = 1; ; n++) if (!taken.includes(`${stem}${n}`)) return `${stem}${n}`
}

export const emptyStorage = (key: string): StorageEntry => ({
  key,
  name: '',
  place: null,
  width: '',
  depth: '',
  height: '',
  reach: 'atHand',
  bears: null,
})

export const emptyThing = (key: string): ThingEntry => ({
  key,
  name: '',
  sort: '',
  place: null,
  width: '',
  depth: '',
  height: '',
  mass: null,
  use: 'weekly',
  count: 1,
  now: null,
  pinned: null,
})

/** Grams as typed; nothing for an empty field, and what is no number stays one that is refused. */
export const grams = (text: string): number | null => (text.trim() === '' ? null : Number(text.replace(',', '.')) || 0)

/** A list with one of its members changed, added, or taken out. */
export const put = <T extends { readonly key: string }>(list: readonly T[], member: T): T[] =>
  list.some((m) => m.key === member.key) ? list.map((m) => (m.key === member.key ? member : m)) : [...list, member]

export const without = <T extends { readonly key: string }>(list: readonly T[], key: string): T[] => list.filter((m) => m.key !== key)

/** Things without what points at a storage that is gone. */
export const freed = (things: readonly ThingEntry[], storage: string): ThingEntry[] =>
  things.map((t) => ({ ...t, now: t.now === storage ? null : t.now, pinned: t.pinned === storage ? null : t.pinned }))

/** Sizes beside each other in one unit system. */
export const sizes = (mm: readonly number[], system: Leading): string =>
  system === 'metric'
    ? `${mm.map((v) => Math.round(v * 10) / 10).join(' × ')} mm`
    : `${mm.map((v) => (v / 25.4).toFixed(2)).join(' × ')} in`
