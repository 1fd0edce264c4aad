import { describe, expect, it } from 'vitest'
import { dropped } from './dropped'

const drag = { x: 'item1X', y: 'item1Y', at: { x: 20, y: 12.5 } }

describe('a face that is let go', () => {
  it('stands where it was drawn to, in half millimetres; up on the screen is to the back', () =>
    expect(dropped(drag, { x: 33, y: -50 }, 4)).toEqual({ item1X: '28.5', item1Y: '25' }))

  it('never leaves the sheet to the left or in front', () =>
    expect(dropped(drag, { x: -900, y: 900 }, 4)).toEqual({ item1X: '0', item1Y: '0' }))
})
