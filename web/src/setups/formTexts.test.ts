import { expect, it } from 'vitest'
import { fromTexts, lengths, toTexts, whole } from './formTexts'

const figures = new Set(['bedWidth', 'pace.wallSpeed'])

it('writes what is kept into fields and back', () => {
  const printer = { id: 'x', version: 3, name: 'Curlew', bedWidth: 220, nozzles: [0.4, 0.6], pace: { wallSpeed: 55.5 }, open: null }
  const texts = toTexts(printer)
  expect(texts).toEqual({ name: 'Curlew', bedWidth: '220', nozzles: '0.4, 0.6', 'pace.wallSpeed': '55.5' })
  expect(fromTexts(texts, figures)).toEqual({ name: 'Curlew', bedWidth: 220, nozzles: '0.4, 0.6', pace: { wallSpeed: 55.5 } })
})

it('leaves out what is empty and sends what is no number as it is', () => {
  expect(fromTexts({ name: ' Curlew ', bedWidth: ' ', 'pace.wallSpeed': '5o' }, figures)).toEqual({
    name: 'Curlew',
    pace: { wallSpeed: '5o' },
  })
})

it('reads nozzles however they are parted', () => {
  expect(lengths(' 0.4,0.6; 0.8  x')).toEqual([0.4, 0.6, 0.8, 'x'])
})

it('fills a group from elsewhere once any of it is given', () => {
  const usual = { 'pace.wallSpeed': '50', 'pace.power': '90' }
  expect(whole({ 'pace.wallSpeed': '20', 'pace.power': '' }, 'pace.', usual)).toEqual({ 'pace.wallSpeed': '20', 'pace.power': '90' })
  expect(whole({ 'pace.wallSpeed': ' ' }, 'pace.', usual)).toEqual({ 'pace.wallSpeed': ' ' })
})
