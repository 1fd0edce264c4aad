import { describe, expect, it } from 'vitest'
import type { CheckView, Verdict } from '@/api/types'
import { bySeverity, worst } from './verdicts'

const check = (key: string, verdict: Verdict): CheckView => ({
  key,
  verdict,
  title: '',
  says: '',
  figure: '',
  limit: '',
  source: '',
  remedies: [],
  used: null,
})

describe('checks', () => {
  it('are as bad as the worst of them', () => {
    expect(worst([])).toBe('good')
    expect(worst([check('a', 'good'), check('b', 'watch')])).toBe('watch')
    expect(worst([check('a', 'stop'), check('b', 'watch')])).toBe('stop')
  })

  it('stand worst first, otherwise in the order of the work', () => {
    const order = bySeverity([check('a', 'good'), check('b', 'watch'), check('c', 'stop'), check('d', 'watch'), check('e', 'good')])
    expect(order.map((c) => c.key)).toEqual(['c', 'b', 'd', 'a', 'e'])
  })
})
