import { describe, expect, it } from 'vitest'
import { inWords, slotInWords } from './inWords'

describe('printed bodies in words', () => {
  it('names the part, a ring and a ladder', () => {
    expect(['part', 'ring-first', 'ladder-second'].map(inWords)).toEqual([
      'the whole part',
      'ring of the first end',
      'ladder of the second end',
    ])
  })

  it('tells an end from a ring of its ladder', () => {
    expect(slotInWords('first')).toBe('the first end')
    expect(slotInWords('second#3')).toBe('ring 3 on the second end')
  })
})
