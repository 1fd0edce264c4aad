import { describe, expect, it } from 'vitest'
import type { DimensionView, QuantityView, ReadingView } from '@/api/types'
import { nextDimension } from './nextDimension'

const reading = (struck: boolean): ReadingView => ({
  id: crypto.randomUUID(),
  text: '50',
  metric: '50.00 mm',
  inches: null,
  instrument: 'caliper',
  at: '2026-11-24T10:00:00Z',
  remark: null,
  struckBecause: struck ? 'slipped' : null,
  direction: null,
})

const dimension = (key: string, counting: number, more: Partial<DimensionView> & { readonly struck?: number } = {}): DimensionView => ({
  key,
  label: key,
  how: '',
  access: 'outside',
  need: 'needed',
  size: null,
  freedom: null,
  warning: null,
  readings: [...Array(counting).keys()].map(() => reading(false)).concat([...Array(more.struck ?? 0).keys()].map(() => reading(true))),
  estimates: [],
  ways: [],
  roundness: null,
  ...more,
})

const next = (...dimensions: DimensionView[]) => nextDimension({ dimensions })

describe('the dimension to read next', () => {
  it('is the first one while nothing is read', () => expect(next(dimension('inside', 0), dimension('depth', 0))).toBe('inside'))
  it('is the one with the fewest readings', () =>
    expect(next(dimension('inside', 2), dimension('outside', 1), dimension('depth', 2))).toBe('outside'))
  it('does not count what was struck out', () =>
    expect(next(dimension('inside', 1), dimension('outside', 0, { struck: 3 }))).toBe('outside'))
  it('starts over once each has three', () => expect(next(dimension('inside', 3), dimension('outside', 4))).toBe('inside'))
  it('leaves what only helps to the maker', () =>
    expect(next(dimension('inside', 1), dimension('wall', 0, { need: 'helps' }), dimension('outside', 2))).toBe('inside'))
  it('does not ask for what already follows from other readings', () => {
    const follows = { size: { value: 50 } as QuantityView }
    expect(next(dimension('circle', 0, follows), dimension('diameter', 1), dimension('inner', 2, { need: 'helps' }))).toBe('diameter')
  })
  it('asks for a count once', () => {
    const count = (n: number) => dimension('count', n, { access: 'count' })
    expect(next(dimension('circle', 3), count(0))).toBe('count')
    expect(next(dimension('circle', 3), count(1))).toBe('circle')
  })
  it('stays with the one in hand until it has its three, and moves on sooner when told to', () => {
    const place = (inside: number) => ({ dimensions: [dimension('inside', inside), dimension('depth', 0)] })
    expect(nextDimension(place(1), 'inside')).toBe('inside')
    expect(nextDimension(place(3), 'inside')).toBe('depth')
    expect(nextDimension(place(1), undefined, 'inside')).toBe('depth')
    expect(nextDimension({ dimensions: [dimension('inside', 1)] }, undefined, 'inside')).toBe('inside')
  })
})
