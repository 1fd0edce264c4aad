import { describe, expect, it } from 'vitest'
import type { InterfaceSlot } from '@/api/types'
import { isNext, withSlot } from './slots'

const slots: readonly InterfaceSlot[] = ['item1', 'item2', 'item3', 'drawer'].map((key) => ({
  key,
  label: key,
  kinds: [],
  need: 'sometimes',
  series: key.startsWith('item') ? 'things' : null,
  sentence: [],
  when: {},
}))
const shown = (places: Record<string, string>) => slots.filter((_, i) => isNext(slots, i, places)).map((s) => s.key)

describe('slots of a part', () => {
  it('show what is filled and the next that is open', () => {
    expect(shown({})).toEqual(['item1', 'drawer'])
    expect(shown({ item1: 'a' })).toEqual(['item1', 'item2', 'drawer'])
  })

  it('show a gap once, and what is filled behind it', () => expect(shown({ item3: 'c' })).toEqual(['item1', 'item3', 'drawer']))

  it('are emptied by an empty id', () => {
    expect(withSlot({ item1: 'a' }, 'item1', '')).toEqual({})
    expect(withSlot({ item1: 'a' }, 'item2', 'b')).toEqual({ item1: 'a', item2: 'b' })
  })
})
