import { describe, expect, it } from 'vitest'
import { toRows, toScrews } from './screwText'

describe('the drawer of screws', () => {
  const screws = [
    { size: 'M4', head: 'pan', length: 25 },
    { size: 'M4', head: 'pan', length: 16 },
    { size: 'M4', head: 'cap', length: 20 },
  ]

  it('gathers lengths by size and head, in order', () =>
    expect(toRows(screws)).toEqual([
      { size: 'M4', head: 'pan', lengths: '16, 25' },
      { size: 'M4', head: 'cap', lengths: '20' },
    ]))

  it('comes back the same', () =>
    expect(toScrews(toRows(screws)).toSorted((a, b) => a.length - b.length)).toEqual(screws.toSorted((a, b) => a.length - b.length)))

  it('takes any spacing between lengths and leaves a misread one to be refused', () =>
    expect(toScrews([{ size: ' M5 ', head: 'wood', lengths: '16 20;  x' }]).map((s) => [s.size, s.length])).toEqual([
      ['M5', 16],
      ['M5', 20],
      ['M5', 0],
    ]))
})
