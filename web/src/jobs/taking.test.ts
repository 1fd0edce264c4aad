import { expect, it } from 'vitest'
import type { FamilyView, Part, TakenSlot } from '@/api/types'
import { offersOf, withTaken } from './taking'

const families = [
  {
    key: 'pull',
    gives: [
      { key: 'holes', label: 'holes', kind: 'holes' },
      { key: 'spacing', label: 'spacing as printed', kind: 'size' },
    ],
  },
  { key: 'template', gives: [] },
] as unknown as FamilyView[]
const parts = [
  { id: 'a', name: 'labelled pull', family: 'pull' },
  { id: 'b', name: 'template', family: 'template' },
] as unknown as Part[]

it('offers what suits a slot, called by the part that gives it', () => {
  expect(offersOf(parts, families, { kind: 'size' } as TakenSlot)).toEqual([
    { part: 'a', thing: 'spacing', name: 'labelled pull: spacing as printed' },
  ])
  expect(offersOf(parts.slice(1), families, { kind: 'holes' } as TakenSlot)).toEqual([])
})

it('changes one slot and leaves the others', () => {
  const takes = { pattern: { part: 'a', thing: 'holes' } }
  expect(withTaken(takes, 'spaced', { part: 'a', thing: 'spacing' })).toEqual({ ...takes, spaced: { part: 'a', thing: 'spacing' } })
  expect(withTaken(takes, 'pattern', undefined)).toEqual({})
})
