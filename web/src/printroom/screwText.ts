import type { DrawerScrew } from '@/api/types'

export const heads = [
  ['pan', 'pan heads'],
  ['cap', 'cap screws'],
  ['countersunk', 'countersunk'],
  ['wood', 'wood screws'],
] as const

export type ScrewRow = { readonly size: string; readonly head: string; readonly lengths: string }

/** The drawer as rows: one for each size and head, its lengths in order. */
export function toRows(screws: readonly DrawerScrew[]): readonly ScrewRow[] {
  const rows = new Map<string, { size: string; head: string; lengths: number[] }>()
  for (const { size, head, length } of screws) {
    const row = rows.get(`${size}/${head}`) ?? { size, head, lengths: [] }
    row.lengths.push(length)
    rows.set(`${size}/${head}`, row)
  }
  return [...rows.values()].map((r) => ({ size: r.size, head: r.head, lengths: r.lengths.toSorted((a, b) => a - b).join(', ') }))
}

/** The rows as screws; what is no number is left to be refused by name. */
export const toScrews = (rows: readonly ScrewRow[]): readonly DrawerScrew[] =>
  rows.flatMap(({ size, head, lengths }) =>
    lengths
      .split(/[\s,;]+/)
      .filter(Boolean)
      .map((text) => ({ size: size.trim(), head, length: Number(text) || 0 })),
  )
