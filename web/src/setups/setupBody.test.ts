import { expect, it } from 'vitest'
import type { Printer, Setup, SettingForms } from '@/api/types'
import { setupBody } from './setupBody'

const field = (key: string) => ({ key, label: key, unit: 'mm', least: 0, most: 9, mayBeOpen: false })
const forms = {
  setup: ['nozzle', 'walls', 'pace.wallSpeed', 'pace.power'].map(field),
  allowance: ['value', 'standardUncertainty'].map(field),
  surfaces: [
    { key: 'pocket', words: 'pocket', usual: { value: 0.15, standardUncertainty: 0.1, basis: 'usual' } },
    { key: 'outsideFlat', words: 'flat outside', usual: { value: -0.06, standardUncertainty: 0.06, basis: 'usual' } },
  ],
} as unknown as SettingForms
const printer = { pace: { wallSpeed: 50, power: 90 } } as Printer

it('sends speeds of its own whole, or none', () => {
  expect(setupBody({ name: 'a', nozzle: '0.4', 'pace.wallSpeed': '25' }, forms, printer, undefined)).toEqual({
    name: 'a',
    nozzle: 0.4,
    pace: { wallSpeed: 25, power: 90 },
  })
  expect(setupBody({ name: 'a', 'pace.wallSpeed': '' }, forms, printer, undefined)).toEqual({ name: 'a' })
})

it('fills the figures of a surface and says where they come from; what stands stays as it is', () => {
  const before = { allowances: { outsideFlat: { value: -0.1, standardUncertainty: 0.02, basis: 'two tries' } } } as unknown as Setup
  const texts = {
    'allowances.pocket.value': '0.22',
    'allowances.outsideFlat.value': '-0.1',
    'allowances.outsideFlat.standardUncertainty': '0.02',
    'allowances.outsideFlat.basis': 'two tries',
  }
  expect(setupBody(texts, forms, printer, before)).toEqual({
    allowances: {
      pocket: { value: 0.22, standardUncertainty: 0.1, basis: 'Entered by hand.' },
      outsideFlat: { value: -0.1, standardUncertainty: 0.02, basis: 'two tries' },
    },
  })
})

it('takes back to what is usual a surface that is emptied', () => {
  const texts = { 'allowances.pocket.value': '', 'allowances.pocket.standardUncertainty': ' ', 'allowances.pocket.basis': 'two tries' }
  expect(setupBody(texts, forms, printer, undefined)).toEqual({})
})
