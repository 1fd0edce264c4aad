import { describe, expect, it } from 'vitest'
import type { Callout, DrawingView } from '@/api/types'
import { labelSize, layoutDrawing, spread } from './calloutLayout'

describe('spread', () => {
  it('leaves positions alone that are far enough apart', () => {
    expect(spread([10, 60, 200], 20, 0, 300)).toEqual([10, 60, 200])
  })

  it('moves crowded positions apart, keeps their order and stays within the ends', () => {
    const placed = spread([95, 90, 91, 99], 20, 0, 100)
    const sorted = [...placed].sort((a, b) => a - b)
    sorted.slice(1).forEach((at, i) => expect(at - sorted[i]!).toBeGreaterThanOrEqual(20))
    expect(sorted.at(-1)).toBeLessThanOrEqual(90)
    expect(placed[1]).toBeLessThan(placed[2]!)
    expect(placed[2]).toBeLessThan(placed[0]!)
  })
})

const callout = (
  line: string,
  side: Callout['side'],
  row: number,
  kind: Callout['kind'],
  x1: number,
  y1: number,
  x2: number,
  y2: number,
): Callout => ({
  line,
  kind,
  side,
  row,
  from: { x: x1, y: y1 },
  to: { x: x2, y: y2 },
  parameter: null,
  reads: null,
})

const drawing: DrawingView = {
  least: { x: -12, y: -52 },
  greatest: { x: 90, y: 52 },
  regions: [],
  texts: [],
  centreLines: [],
  callouts: [
    callout('first.measured', 'left', 2, 'diameter', -12, -50, -12, 50),
    callout('first.drawn', 'left', 1, 'diameter', 0, -50, 0, 50),
    callout('first.clearance', 'left', 0, 'diameter', 0, 50, 0, 50),
    callout('first.cuff', 'below', 1, 'length', 0, -52, 15, -52),
    callout('cone.length', 'below', 1, 'length', 15, -52, 30, -30),
    callout('second.cuff', 'below', 1, 'length', 30, -30, 45, -30),
    callout('height', 'below', 2, 'length', 0, -52, 45, -30),
    callout('wall', 'above', 1, 'diameter', 8, 48, 8, 52),
  ],
}

describe('the layout of a drawing', () => {
  it.each([
    [800, 560],
    [700, 480],
  ])('keeps every label inside %i x %i and off every other label', (width, height) => {
    const { callouts } = layoutDrawing(drawing, width, height)
    expect(callouts).toHaveLength(drawing.callouts.length)
    for (const { label } of callouts) {
      expect(label.x).toBeGreaterThanOrEqual(labelSize.width / 2)
      expect(label.x).toBeLessThanOrEqual(width - labelSize.width / 2)
      expect(label.y).toBeLessThanOrEqual(height - labelSize.height / 2)
    }
    callouts.forEach((a, i) =>
      callouts.slice(i + 1).forEach((b) => {
        const apart = Math.abs(a.label.x - b.label.x) >= labelSize.width || Math.abs(a.label.y - b.label.y) >= labelSize.height
        expect(apart, `${a.callout.line} and ${b.callout.line}`).toBe(true)
      }),
    )
  })

  it('sets labels that do not fit beside each other in rows, inside and off each other', () => {
    const many = (side: 'above' | 'below') =>
      Array.from({ length: 6 }, (_, i) => callout(`${side}${i}`, side, 1, side === 'above' ? 'diameter' : 'length', i, 48, i + 20, 52))
    const crowded = { ...drawing, callouts: [...drawing.callouts.filter((c) => c.side !== 'below'), ...many('above'), ...many('below')] }
    const { callouts } = layoutDrawing(crowded, 600, 620)
    expect(callouts).toHaveLength(crowded.callouts.length)
    callouts.forEach((a, i) => {
      expect(a.label.x, a.callout.line).toBeGreaterThanOrEqual(labelSize.width / 2)
      expect(a.label.x, a.callout.line).toBeLessThanOrEqual(600 - labelSize.width / 2)
      expect(a.label.y, a.callout.line).toBeLessThanOrEqual(620 - labelSize.height / 2)
      callouts.slice(i + 1).forEach((b) => {
        const apart = Math.abs(a.label.x - b.label.x) >= labelSize.width || Math.abs(a.label.y - b.label.y) >= labelSize.height
        expect(apart, `${a.callout.line} and ${b.callout.line}`).toBe(true)
      })
    })
  })

  it('draws the section alone where labels would crowd it out', () => {
    const { callouts, toScreen } = layoutDrawing(drawing, 420, 400)
    expect(callouts).toEqual([])
    expect(toScreen(drawing.least).x).toBeGreaterThanOrEqual(0)
    expect(toScreen(drawing.greatest).x).toBeLessThanOrEqual(420)
  })

  it('draws to one scale in both directions, heights upwards', () => {
    const { scale, toScreen } = layoutDrawing(drawing, 800, 560)
    const [a, b] = [toScreen({ x: 0, y: 0 }), toScreen({ x: 10, y: 10 })]
    expect(b.x - a.x).toBeCloseTo(10 * scale)
    expect(a.y - b.y).toBeCloseTo(10 * scale)
  })
})
