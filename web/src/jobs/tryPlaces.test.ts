import { describe, expect, it } from 'vitest'
import type { FamilyView, RevisionView, SeatView } from '@/api/types'
import { firstUntried, tryPlaces, tryWords } from './tryPlaces'

const seats = [
  {
    slot: 'item',
    name: 'scraper box',
    words: {
      proof: 'slice',
      rung: 'rung',
      measured: 'width of the pocket',
      feels: ['does not go in', 'pressed', 'firmly', 'freely', 'rocks'],
    },
  },
] as unknown as readonly SeatView[]
const family = { words: [{ key: 'works', says: 'does what it must', good: true }] } as unknown as FamilyView

const revision = (printed: readonly string[], slots: readonly string[]) =>
  ({ printed, slots, names: { 'item@2': 'scraper box · Rivets' }, tries: [] }) as unknown as RevisionView

describe('where a revision can be tried', () => {
  it('offers the seats that were printed, member by member, and what the part must do', () => {
    const places = tryPlaces(revision(['part@2', 'ring-item@3'], ['item@1', 'item@2', 'item@3', 'item@2#1']), seats)
    expect(places.map((p) => p.slot)).toEqual(['item@2', 'item@3', 'part'])
    expect(places[0]!.label).toBe('scraper box · Rivets')
  })

  it('offers the rungs of a ladder that was printed', () => {
    const places = tryPlaces(revision(['ladder-item'], ['item', 'item#1', 'item#2']), seats)
    expect(places.map((p) => p.label)).toEqual(['rung 1, scraper box', 'rung 2, scraper box', 'what it must do'])
  })

  it('has something to try for a part without a fitted size', () => {
    expect(tryPlaces(revision(['part'], []), []).map((p) => p.slot)).toEqual(['part'])
  })

  it('speaks the words of the joint, and of the family for the whole part', () => {
    expect(tryWords('item@2#1', seats, family)[0]).toEqual({ says: 'does not go in', entry: { feel: 'willNotStart', word: null } })
    expect(tryWords('part', seats, family)).toEqual([{ says: 'does what it must', entry: { feel: null, word: 'works' } }])
  })

  it('begins with what nobody has tried; a struck try does not count', () => {
    const places = [
      { slot: 'item', label: '' },
      { slot: 'part', label: '' },
    ]
    const tried = (struckBecause: string | null) =>
      ({ ...revision([], []), tries: [{ slot: 'item', struckBecause }] }) as unknown as RevisionView
    expect(firstUntried(tried(null), places)).toBe('part')
    expect(firstUntried(tried('wrong part'), places)).toBe('item')
  })
})
