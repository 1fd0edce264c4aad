import { useId } from 'react'
import type { Problem } from '@/api/types'
import { ProblemNote } from './ProblemNote'

export type FieldProps = {
  readonly label: string
  readonly value: string
  readonly onChange: (value: string) => void
  readonly autoFocus?: boolean
  readonly placeholder?: string
  readonly problem?: Problem | undefined
}

/** A labelled text field; what is wrong with it stands under it. */
export function Field({ label, value, onChange, autoFocus, placeholder, problem }: FieldProps) {
  const note = useId()
  return (
    <label className="flex flex-col gap-1">
      <span className="font-semibold">{label}</span>
      <input
        className="input w-full"
        value={value}
        onChange={(e) => onChange(e.target.value)}
        autoFocus={autoFocus}
        placeholder={placeholder}
        aria-invalid={problem !== undefined}
        aria-describedby={problem ? note : undefined}
      />
      {problem && <ProblemNote problem={problem} id={note} />}
    </label>
  )
}
