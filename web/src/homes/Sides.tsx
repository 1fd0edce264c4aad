import type { Problem } from '@/api/types'
import { Field } from '@/ui/Field'
import { useLeading } from '@/ui/leading'

type Form = { readonly width: string; readonly depth: string; readonly height: string }

type SidesProps = {
  readonly form: Form
  readonly measured: boolean
  readonly onChange: (changed: Partial<Form>) => void
  readonly problem: (field: string) => Problem | undefined
}

/** Three sizes in any notation; where a place is measured, only those that go before what was read. */
export function Sides({ form, measured, onChange, problem }: SidesProps) {
  const { leading } = useLeading()
  const usual = measured ? 'as read' : leading === 'metric' ? 'mm' : 'in'
  return (
    <div className="grid grid-cols-3 gap-3">
      <Field label="Width" value={form.width} placeholder={usual} onChange={(width) => onChange({ width })} problem={problem('width')} />
      <Field label="Depth" value={form.depth} placeholder={usual} onChange={(depth) => onChange({ depth })} problem={problem('depth')} />
      <Field
        label="Height"
        value={form.height}
        placeholder={usual}
        onChange={(height) => onChange({ height })}
        problem={problem('height')}
      />
    </div>
  )
}
