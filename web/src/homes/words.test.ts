import { expect, test } from 'vitest'
import { emptyStorage, emptyThing, freed, freeKey, grams, put, sizes, without } from './words'

test('a new member gets the first key that nobody has', () => {
  expect(freeKey('thing', [])).toBe('thing1')
  expect(freeKey('thing', ['thing1', 'thing3'])).toBe('thing2')
})

test('a member takes the place of its earlier self, a new one comes last, one taken out is gone', () => {
  const list = [emptyStorage('a'), emptyStorage('b')]
  expect(put(list, { ...emptyStorage('a'), name: 'top drawer' }).map((s) => s.name)).toEqual(['top drawer', ''])
  expect(put(list, emptyStorage('c')).map((s) => s.key)).toEqual(['a', 'b', 'c'])
  expect(without(list, 'a').map((s) => s.key)).toEqual(['b'])
})

test('a storage that is gone pins nothing and holds nothing', () => {
  const things = [
    { ...emptyThing('x'), now: 'a', pinned: 'b' },
    { ...emptyThing('y'), now: 'b', pinned: 'a' },
  ]
  expect(freed(things, 'a')).toEqual([
    { ...emptyThing('x'), now: null, pinned: 'b' },
    { ...emptyThing('y'), now: 'b', pinned: null },
  ])
})

test('grams are read with a comma or a point, and what is no number is not taken for none', () => {
  expect(grams(' ')).toBeNull()
  expect(grams('1250,5')).toBe(1250.5)
  expect(grams('heavy')).toBe(0)
})

test('sizes stand in the system that is asked for', () => {
  expect(sizes([412, 365.54, 58], 'metric')).toBe('412 × 365.5 × 58 mm')
  expect(sizes([25.4, 6.35], 'inch')).toBe('1.00 × 0.25 in')
})
