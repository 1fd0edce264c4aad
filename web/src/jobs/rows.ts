import type { PartState, RevisionView, RowItem } from '@/api/types'

/** The decisions that make one member of a row, counted from 1; the part itself when there is none. */
export function memberState(state: PartState, member: number): PartState {
  const item = state.row?.[member - 1]
  return item ? { ...state, parameters: { ...state.parameters, ...item.entries }, row: null } : state
}

/** What tells a member from the others, in short. */
export const memberName = (item: RowItem, member: number) => Object.values(item.entries)[0] ?? `member ${member}`

/** All pieces of a row. */
export const pieceCount = (row: readonly RowItem[]) => row.reduce((sum, item) => sum + item.count, 0)

/** A row as the list it was read from, to be changed and read again. */
export function rowAsText(row: readonly RowItem[]): string {
  const keys = [...new Set(row.flatMap((item) => Object.keys(item.entries)))]
  const grouped = row.some((item) => item.group !== '')
  const heading = [...keys, 'count', ...(grouped ? ['group'] : [])]
  const lines = row.map((item) => [...keys.map((k) => item.entries[k] ?? ''), String(item.count), ...(grouped ? [item.group ?? ''] : [])])
  return [heading, ...lines].map((cells) => cells.join('\t')).join('\n')
}

/** The newest revision in which a member was printed: it is known by what it decides, wherever it then stood in the list. */
export const printedIn = (item: RowItem, revisions: readonly RevisionView[]) =>
  revisions.find((r) => r.row?.some((then, i) => r.printed.includes(`part@${i + 1}`) && sameEntries(then, item)))?.number

function sameEntries(a: RowItem, b: RowItem): boolean {
  const keys = new Set([...Object.keys(a.entries), ...Object.keys(b.entries)])
  return [...keys].every((k) => a.entries[k] === b.entries[k])
}
