import { describe, expect, it } from 'vitest'
import type { InterfaceView, ReadingView } from '@/api/types'
import { nextDimension } from './nextDimension'

const reading = (struck: string | null): ReadingView => ({
  id: 'r',
  text: '50',
  metric: '50.00 mm',
  inches: '2 in',
  instrument: 'caliper',
  at: '2026-01-01T00:00:00Z',
  remark: null,
  struckBecause: struck,
})

const place = (counts: Readonly<Record<string, number>>, struck = 0): InterfaceView => ({
  id: 'i',
  name: 'port',
  kind: 'tube',
  kindName: 'tube',
  dimensions: Object.entries(counts).map(([key, count]) => ({
    key,
    label: key,
    how: '',
    size: null,
    warning: null,
    readings: [...Array.from({ length: count }, () => reading(null)), ...Array.from({ length: struck }, () => reading('slipped'))],
  })),
})

describe('the dimension to read next', () => {
  it('is the first while nothing is read', () => expect(nextDimension(place({ inside: 0, outside: 0, depth: 0 }))).toBe('inside'))
  it('is the one with the fewest readings', () => expect(nextDimension(place({ inside: 2, outside: 1, depth: 1 }))).toBe('outside'))
  it('does not count what was struck out', () => expect(nextDimension(place({ inside: 3, outside: 2 }, 5))).toBe('outside'))
  it('begins again when each has three', () => expect(nextDimension(place({ inside: 3, outside: 4 }))).toBe('inside'))
})
