import { describe, expect, it } from 'vitest'
import type { PartState, RevisionView } from '@/api/types'
import { memberName, memberState, pieceCount, printedIn, rowAsText } from './rows'

const state: PartState = {
  parameters: { tall: '20', text: 'usual' },
  interfaces: {},
  process: 'p',
  serves: null,
  row: [
    { count: 1, entries: { text: 'Tacks' }, group: '' },
    { count: 3, entries: { text: 'Cord', tall: '24' }, group: 'blue' },
    { count: 1, entries: {}, group: '' },
  ],
}

describe('a row', () => {
  it('gives each member its own decisions over the common ones', () => {
    expect(memberState(state, 1).parameters).toEqual({ tall: '20', text: 'Tacks' })
    expect(memberState(state, 2).parameters).toEqual({ tall: '24', text: 'Cord' })
    expect(memberState(state, 2).row).toBeNull()
  })

  it('is the part itself where there is no such member', () => {
    expect(memberState(state, 9)).toBe(state)
    expect(memberState({ ...state, row: null }, 1).parameters.text).toBe('usual')
  })

  it('names members by what tells them apart', () =>
    expect(state.row!.map((m, i) => memberName(m, i + 1))).toEqual(['Tacks', 'Cord', 'member 3']))

  it('counts every copy', () => expect(pieceCount(state.row!)).toBe(5))

  it('is written as a list with a heading', () =>
    expect(rowAsText(state.row!)).toBe('text\ttall\tcount\tgroup\nTacks\t\t1\t\nCord\t24\t3\tblue\n\t\t1\t'))

  it('knows the revision of a member wherever it then stood in the list', () => {
    const [tacks, cord, plain] = state.row!
    const revision = (number: number, row: typeof state.row, printed: string[]) => ({ number, row, printed }) as RevisionView
    const newestFirst = [revision(2, [cord!, tacks!], ['part@1']), revision(1, [tacks!, cord!], ['part@1', 'part@2'])]
    expect(printedIn(tacks!, newestFirst)).toBe(1)
    expect(printedIn(cord!, newestFirst)).toBe(2)
    expect(printedIn(plain!, newestFirst)).toBeUndefined()
  })
})
