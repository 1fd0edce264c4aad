import type { ParameterSpec, PartState } from '@/api/types'

/** The option or entry that stands, given or usual. */
export const standingEntry = (spec: ParameterSpec, state: PartState) => state.parameters[spec.key] ?? spec.default ?? ''

/** Whether a parameter counts as the choices stand now. */
export const counts = (spec: ParameterSpec, specs: readonly ParameterSpec[], state: PartState): boolean =>
  Object.entries(spec.when).every(([choice, options]) => {
    const on = specs.find((s) => s.key === choice)
    return on !== undefined && counts(on, specs, state) && options.includes(standingEntry(on, state))
  })
