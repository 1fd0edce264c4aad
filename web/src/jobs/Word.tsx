import type { ParameterSpec } from '@/api/types'
import { useWork } from './useWork'

/** One choice of a part, as a word in a sentence. */
export function Word({ spec }: { readonly spec: ParameterSpec }) {
  const work = useWork()
  const value = work.shown.parameters[spec.key] ?? spec.default ?? ''
  return (
    <select
      className="select w-auto min-w-20"
      aria-label={spec.label}
      value={value}
      onChange={(e) => work.editing.set({ [spec.key]: e.target.value })}
    >
      {spec.options.map((o) => (
        <option key={o.key} value={o.key}>
          {o.label}
        </option>
      ))}
    </select>
  )
}
