import { describe, expect, it } from 'vitest'
import { printedInWords, slotInWords } from './inWords'

const revision = {
  printed: ['part@1', 'ring-item@2'],
  names: { 'part@1': 'bin · Tacks', 'ring-item@2': 'slice of the pocket · Cane', 'item@2': 'box · Cane' },
}

describe('a revision in words', () => {
  it('names what was printed as the part names it', () => {
    expect(printedInWords(revision)).toBe('bin · Tacks and slice of the pocket · Cane')
  })

  it('names where it was tried, and never shows a key', () => {
    expect(slotInWords('item@2', revision)).toBe('box · Cane')
    expect(slotInWords('item@2#3', revision)).toBe('number 3 of the ladder, box · Cane')
    expect([slotInWords('part', revision), slotInWords('gone', revision)]).toEqual(['the part', 'the seat'])
    expect(printedInWords({ printed: ['part', 'ring-gone'], names: {} })).toBe('the part and a proof')
  })
})
