import { describe, expect, it } from 'vitest'
import type { ParameterSpec } from '@/api/types'
import { standing, stepped } from './stepping'

const angle: ParameterSpec = {
  key: 'coneAngle',
  label: 'Cone half angle',
  slot: null,
  kind: 'angle',
  default: '30',
  minimum: 5,
  maximum: 75,
  step: 1,
  options: [],
  help: '',
  unit: '°',
  countedIn: '',
  askedAt: 'reckon',
  when: {},
  sets: { coneBy: 'angle' },
}

describe('stepping a value', () => {
  it('goes to the next whole step and makes the choice that goes with it', () => {
    expect(stepped(angle, 30, 1)).toEqual({ coneAngle: '31', coneBy: 'angle' })
    expect(stepped(angle, 29.36, 1).coneAngle).toBe('30')
    expect(stepped(angle, 29.36, -1).coneAngle).toBe('29')
  })

  it('starts from what was just entered, or else from what was computed', () => {
    expect(standing('31', 30)).toBe(31)
    expect(standing('3/8 in', 9.525)).toBe(9.525)
    expect(standing(undefined, 29.36)).toBe(29.36)
  })

  it('stays within the range', () => {
    expect(stepped(angle, 75, 1).coneAngle).toBe('75')
    expect(stepped(angle, 5.2, -1).coneAngle).toBe('5')
  })

  it('steps through nothing without rounding dust', () => {
    const clearance = { ...angle, key: 'c', step: 0.05, minimum: -1, maximum: 3, when: {}, sets: {} }
    expect(stepped(clearance, 0.05, -1)).toEqual({ c: '0' })
    expect(stepped(clearance, 0.1, 1)).toEqual({ c: '0.15' })
  })
})
