import type { ParameterSpec, PartState } from '@/api/types'

/** The option or entry that stands, given or usual. */
export const standingEntry = (spec: ParameterSpec, state: PartState) => state.parameters[spec.key] ?? spec.default ?? ''

/** Whether a parameter counts as the choices stand now. A condition on a slot asks whether it is "named" or "open"; so does "serves". */
export const counts = (spec: ParameterSpec, specs: readonly ParameterSpec[], state: PartState): boolean =>
  Object.entries(spec.when).every(([condition, options]) => {
    const on = specs.find((s) => s.key === condition)
    if (on) return counts(on, specs, state) && options.includes(standingEntry(on, state))
    const named = condition === 'serves' ? !!state.serves : condition in state.interfaces
    return options.includes(named ? 'named' : 'open')
  })
