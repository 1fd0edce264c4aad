import { describe, expect, it } from 'vitest'
import type { PartState, RevisionView } from '@/api/types'
import { commonLetterSize, memberName, memberState, pieceCount, printOf, rowAsText } from './rows'

const state: PartState = {
  parameters: { tall: '20', text: 'usual' },
  interfaces: {},
  process: 'p',
  takes: {},
  setups: {},
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
    expect(rowAsText(state.row!, [{ key: 'text', label: 'Label' }])).toBe(
      'Label\ttall\tcount\tgroup\nTacks\t\t1\t\nCord\t24\t3\tblue\n\t\t1\t',
    ))

  it('knows the revision of a member wherever it then stood in the list', () => {
    const [tacks, cord, plain] = state.row!
    const revision = (number: number, row: typeof state.row, members: number[]) =>
      ({ number, row, printed: members.map((member) => ({ body: 'part', member, name: '' })) }) as unknown as RevisionView
    const newestFirst = [revision(2, [cord!, tacks!], [1]), revision(1, [tacks!, cord!], [1, 2])]
    expect(printOf('part', tacks, newestFirst)).toEqual({ revision: 1, member: 1 })
    expect(printOf('part', cord, newestFirst)).toEqual({ revision: 2, member: 1 })
    expect(printOf('part', plain, newestFirst)).toBeUndefined()
    expect(printOf('inlay', tacks, newestFirst)).toBeUndefined()
  })

  it('knows the revision of a body of a part that is no row', () => {
    const revisions = [
      { number: 3, row: null, printed: [{ body: 'ring-first', member: null, name: '' }] } as unknown as RevisionView,
      { number: 1, row: null, printed: [{ body: 'part', member: null, name: '' }] } as unknown as RevisionView,
    ]
    expect(printOf('part', undefined, revisions)).toEqual({ revision: 1, member: 1 })
  })

  it('offers one height of letters where they differ', () => {
    expect(commonLetterSize([6.23, 4.28, null])).toBe(4.2)
    expect(commonLetterSize([4.2, 4.28])).toBeUndefined()
    expect(commonLetterSize([null, null])).toBeUndefined()
  })
})
