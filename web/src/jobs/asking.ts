import type { ParameterSpec, PartState } from '@/api/types'

/** The option or entry that stands, given or usual. */
export const standingEntry = (spec: ParameterSpec, state: Pick<PartState, 'parameters'>) => state.parameters[spec.key] ?? spec.default ?? ''

/** What is decided of a part. */
export type Decided = Pick<PartState, 'parameters' | 'interfaces' | 'takes'>

/** Whether a parameter counts as the choices stand now. A condition on another entry asks whether it is "given" or "open"; on a slot, or on something
 * taken, whether it is "named" or "open". */
export const counts = (spec: Pick<ParameterSpec, 'when'>, specs: readonly ParameterSpec[], state: Decided): boolean =>
  Object.entries(spec.when).every(([condition, options]) => {
    const on = specs.find((s) => s.key === condition)
    const entry = on && standingEntry(on, state)
    if (on) return counts(on, specs, state) && options.includes(on.kind === 'choice' ? (entry ?? '') : entry ? 'given' : 'open')
    const named = condition in state.interfaces || condition in state.takes
    return options.includes(named ? 'named' : 'open')
  })
