import { describe, expect, it } from 'vitest'
import type { ParameterSpec, PartState } from '@/api/types'
import { counts } from './asking'

const spec = (key: string, usual: string, when: Record<string, readonly string[]> = {}) =>
  ({ key, default: usual, when, options: [], kind: 'choice' }) as unknown as ParameterSpec
const state = (parameters: Record<string, string>, rest: Partial<PartState> = {}) =>
  ({ parameters, interfaces: {}, takes: {}, setups: {}, ...rest }) as unknown as PartState

describe('counts', () => {
  const held = spec('held', 'insert')
  const roof = spec('roof', 'plain', { held: ['nut'] })
  const layer = spec('layer', '0.2', { roof: ['closed'] })
  const all = [held, roof, layer]

  it('asks for what hangs on no choice', () => expect(counts(held, all, state({}))).toBe(true))

  it('asks only while the choice stands at one of its options, usual or given', () => {
    expect(counts(roof, all, state({}))).toBe(false)
    expect(counts(roof, all, state({ held: 'nut' }))).toBe(true)
  })

  it('asks only while a slot is open, or while no part is served', () => {
    const spacing = spec('spacing', '96', { drawer: ['open'], pattern: ['open'] })
    expect(counts(spacing, all, state({}))).toBe(true)
    expect(counts(spacing, all, state({}, { interfaces: { drawer: 'x' } }))).toBe(false)
    expect(counts(spacing, all, state({}, { takes: { pattern: { part: 'x', thing: 'holes' } } }))).toBe(false)
  })

  it('asks for what goes with an entry only once there is one', () => {
    const text = { ...spec('text', ''), kind: 'text' } as ParameterSpec
    const letters = spec('letters', 'sunk', { text: ['given'] })
    const width = spec('width', '80', { text: ['open'] })
    expect(counts(letters, [text, letters], state({}))).toBe(false)
    expect(counts(letters, [text, letters], state({ text: 'Glue' }))).toBe(true)
    expect(counts(width, [text, width], state({}))).toBe(true)
  })

  it('follows a chain of choices', () => {
    expect(counts(layer, all, state({ roof: 'closed' }))).toBe(false)
    expect(counts(layer, all, state({ held: 'nut', roof: 'closed' }))).toBe(true)
  })
})
