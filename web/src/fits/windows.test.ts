import { describe, expect, it } from 'vitest'
import type { FitWindow } from '@/api/types'
import { bare, endsOf, sizesOf } from './windows'

const fit = (least: number, greatest: number, metal?: readonly [number, number]) =>
  ({ least, greatest, metal: metal ? { least: metal[0], greatest: metal[1] } : null }) as FitWindow

describe('windows of fits', () => {
  it('are typed in the leading unit', () => {
    expect(bare(-0.15, 'metric')).toBe('-0.15')
    expect(bare(0.254, 'inch')).toBe('0.01')
  })
  it('are drawn with touching and all that stands beside them in sight', () => {
    const [low, top] = endsOf([fit(0.2, 0.55), fit(0.5, 1, [0.03, 1.2])])
    expect([low, top].map((v) => Number(v.toFixed(6)))).toEqual([-0.1, 1.3])
  })
  it.each([
    [0, 20000, ''],
    [0, 20, ', up to 20'],
    [20, 20000, ', from 20'],
    [20, 30, ', from 20 to 30'],
  ])('say for which sizes they hold: %d to %d', (from, to, says) => {
    expect(sizesOf({ from, to }, 20000, String)).toBe(says)
  })
})
