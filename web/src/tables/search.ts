import type { StandardView } from '@/api/types'

export type FoundRow = { readonly table: StandardView; readonly row: StandardView['rows'][number] }

/** Every row of every table that belongs to a size: nut, washer and holes of M6. */
export const rowsOfSize = (tables: readonly StandardView[], size: string): readonly FoundRow[] =>
  tables.flatMap((table) => table.rows.filter((row) => row.size === size).map((row) => ({ table, row })))

/** Rows that hold every word, in a name, a cell or the table's own name; a number with its unit finds its cell. */
export function search(tables: readonly StandardView[], text: string): readonly FoundRow[] {
  const words = text.toLowerCase().split(/\s+/).filter(Boolean)
  if (words.length === 0) return []
  return tables.flatMap((table) =>
    table.rows
      .filter((row) => {
        const cells = row.cells.flatMap((c) => [c.text, c.inches ?? ''])
        const within = [row.name, row.size ?? '', table.name, ...cells].join(' ').toLowerCase()
        return words.every((w) => within.includes(w))
      })
      .map((row) => ({ table, row })),
  )
}
