import { expect, it } from 'vitest'
import { printedInWords } from './inWords'

it('names what was printed as the part names it', () => {
  const printed = ['bin · Tacks', 'slice of the pocket · Cane'].map((name, i) => ({ body: 'part', member: i + 1, name }))
  expect(printedInWords({ printed })).toBe('bin · Tacks and slice of the pocket · Cane')
})
