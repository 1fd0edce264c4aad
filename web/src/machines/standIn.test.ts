import { describe, expect, it } from 'vitest'
import type { Access } from '@/api/types'
import { standInFor } from './StandIn'

describe('the device that stands in', () => {
  it.each(['outside', 'inside', 'depth', 'length', 'position', 'pitch'] as const satisfies readonly Access[])(
    'is a caliper for %s',
    (access) => expect(standInFor(access)).toBe('caliper'),
  )
  it('is a scale for a mass', () => expect(standInFor('mass')).toBe('scale'))
  it.each(['around', 'radius', 'angle', 'count'] as const satisfies readonly Access[])('is none for %s', (access) =>
    expect(standInFor(access)).toBeNull(),
  )
})
