import type { FamilyView, PartState, RevisionView, RowItem } from '@/api/types'

/** The decisions that make one member of a row, counted from 1; the part itself when there is none. */
export function memberState(state: PartState, member: number): PartState {
  const item = state.row?.[member - 1]
  return item ? { ...state, parameters: { ...state.parameters, ...item.entries }, row: null } : state
}

/** What tells a member from the others, in short. */
export const memberName = (item: RowItem, member: number) => Object.values(item.entries)[0] ?? `member ${member}`

/** All pieces of a row. */
export const pieceCount = (row: readonly RowItem[]) => row.reduce((sum, item) => sum + item.count, 0)

/** A row as the list it was read from, headed as a maker heads it, to be changed and read again. */
export function rowAsText(row: readonly RowItem[], columns: FamilyView['columns']): string {
  const keys = [...new Set(row.flatMap((item) => Object.keys(item.entries)))]
  const grouped = row.some((item) => item.group !== '')
  const heading = [...keys.map((k) => columns.find((c) => c.key === k)?.label ?? k), 'count', ...(grouped ? ['group'] : [])]
  const lines = row.map((item) => [...keys.map((k) => item.entries[k] ?? ''), String(item.count), ...(grouped ? [item.group ?? ''] : [])])
  return [heading, ...lines].map((cells) => cells.join('\t')).join('\n')
}

/** A body as it was printed: in which revision, and as which member of the row it then was. */
export type Print = { readonly revision: number; readonly member: number }

/** The newest print of a body of a part, or of a member of its row: it is known by what it decides, wherever it then stood in the list. */
export function printOf(body: string, item: RowItem | undefined, revisions: readonly RevisionView[]): Print | undefined {
  for (const r of revisions) {
    const row = r.row ?? []
    const printed = r.printed.filter((p) => p.body === body)
    if (!item && row.length === 0 && printed.length > 0) return { revision: r.number, member: 1 }
    const same = item && printed.find((p) => p.member !== null && row[p.member - 1] && sameEntries(row[p.member - 1]!, item))
    if (same) return { revision: r.number, member: same.member! }
  }
  return undefined
}

/** The height that every plate of a set has room for, mm, when their letters differ; none when they are alike already. */
export function commonLetterSize(sizes: readonly (number | null)[]): number | undefined {
  const given = sizes.filter((s) => s !== null)
  const least = Math.floor(Math.min(...given) * 10) / 10
  return given.length > 1 && Math.max(...given) - least > 0.15 ? least : undefined
}

function sameEntries(a: RowItem, b: RowItem): boolean {
  const keys = new Set([...Object.keys(a.entries), ...Object.keys(b.entries)])
  return [...keys].every((k) => a.entries[k] === b.entries[k])
}
