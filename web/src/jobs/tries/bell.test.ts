import { expect, test } from 'vitest'
import { bell, density, extent } from './bell'

const belief = { best: 31.4, doubt: 0.1, from: 31.3, to: 31.55, scatter: 0.05 }

test('under a bell lies the whole of a belief, and two thirds within one deviation', () => {
  const range = extent([belief], [])
  const points = bell(belief, range, 600)
  const area = (within: (size: number) => boolean) =>
    points.slice(1).reduce((sum, [size, height], i) => sum + (within(size) ? height * (size - points[i]![0]) : 0), 0)
  expect(area(() => true)).toBeCloseTo(1, 2)
  expect(area((size) => Math.abs(size - 31.4) < 0.1)).toBeCloseTo(0.683, 1)
})

test('every rung and what fits is on the chart', () => {
  const [low, high] = extent([belief, { ...belief, best: 31.2 }], [30.5, 32.25])
  expect(low).toBeLessThan(30.5)
  expect(high).toBeGreaterThan(32.25)
})

test('what is certain is a narrow bell and no line without a height', () => {
  expect(density({ ...belief, doubt: 0 }, 31.4)).toBeGreaterThan(50)
  expect(Number.isFinite(density({ ...belief, doubt: 0 }, 31.4))).toBe(true)
})
