import { expect, test } from 'vitest'
import type { TryPlaceView } from '@/api/types'
import { first, following } from './places'

const place = (slot: string, told: readonly string[] = []): TryPlaceView => ({
  slot,
  label: slot,
  name: slot,
  step: slot.includes('#') ? `ring ${slot.split('#')[1]}` : null,
  measured: slot === 'part' ? null : 'diameter',
  drawn: slot === 'part' ? null : 30,
  told: [...told],
  believed: null,
  chance: null,
  off: false,
  like: null,
  choices: [],
})

test('a ladder is told of rung by rung, then comes the next seat, then what the part must do', () => {
  const places = [place('first#1'), place('first#2'), place('first#3', ['slides']), place('second'), place('part')]
  expect(following(places, places[1]!).slot).toBe('first#1')
  expect(following([place('first#1', ['rattles']), ...places.slice(1)], places[1]!).slot).toBe('second')
  expect(first(places).slot).toBe('second')
  expect(following([...places.slice(0, 3), place('second'), place('part')], places[3]!).slot).toBe('part')
})

test('what stands alone is no rung of the ladder beside it', () => {
  const places = [place('first'), place('first#1'), place('first#2'), place('part')]
  expect(first(places).slot).toBe('first')
  expect(following(places, places[0]!).slot).toBe('part')
})
