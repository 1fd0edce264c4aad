import type { ParameterSpec } from '@/api/types'

/** Where stepping starts: from the entry as it stands, since keys come faster than answers; from the computed value where Emboq decides. */
export const standing = (entry: string | undefined, computed: number) => (entry && /^-?\d+(\.\d+)?$/.test(entry) ? Number(entry) : computed)

/** The entries that step a value up or down: to the next whole step, within its range, with the choices it makes. */
export function stepped(spec: ParameterSpec, value: number, steps: number): Record<string, string> {
  const next = (steps > 0 ? Math.floor(value / spec.step + 1e-6) : Math.ceil(value / spec.step - 1e-6)) * spec.step + steps * spec.step
  const within = Math.min(Math.max(next, spec.minimum), spec.maximum)
  return { [spec.key]: String(Number(within.toFixed(4))), ...spec.sets }
}
