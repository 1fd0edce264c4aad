import { useMutation, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { ApiProblem } from '@/api/client'
import type { Process } from '@/api/types'
import { Field } from '@/ui/Field'
import { ErrorNote } from '@/ui/ProblemNote'
import { Sheet } from '@/ui/Sheet'
import { useMakeNamed } from '@/ui/useMakeNamed'

const texts = [
  ['name', 'Name of the setup'],
  ['printer', 'Printer'],
  ['material', 'Filament'],
] as const
const numbers = [
  ['lineWidth', 'Line width, mm', '0.45'],
  ['layerHeight', 'Layer height, mm', '0.2'],
  ['density', 'Density, g/cm³', '1.24'],
  ['bedWidth', 'Bed width, mm', '220'],
  ['bedDepth', 'Bed depth, mm', '220'],
  ['buildHeight', 'Build height, mm', '250'],
] as const
const settings = [
  ['walls', 'Walls, lines', '3'],
  ['fill', 'Fill, share of 1', '0.15'],
  ['wallSpeed', 'Wall speed, mm/s', '50'],
  ['fillSpeed', 'Fill speed, mm/s', '80'],
  ['acceleration', 'Acceleration, mm/s²', '1500'],
  ['flowLimit', 'Melts at most, mm³/s', '10'],
  ['power', 'Power, W', '90'],
  ['filamentPrice', 'A kilogram costs', '22'],
  ['energyPrice', 'A kWh costs', '0.3'],
] as const

export type NewSetupProps = { readonly onClose: () => void; readonly onMade: (process: Process) => void }

/** A printer with a filament. How sizes come out starts from common practice; tries teach the rest. */
export function NewSetup({ onClose, onMade }: NewSetupProps) {
  const [form, setForm] = useState<Readonly<Record<string, string>>>({})
  const client = useQueryClient()
  const makeNamed = useMakeNamed()
  const add = useMutation({
    mutationFn: () => makeNamed<Process>('/api/processes', form.name ?? '', request(form)),
    onSuccess: async (process) => {
      await client.invalidateQueries({ queryKey: ['processes'] })
      onMade(process)
      onClose()
    },
  })
  const problems = add.error instanceof ApiProblem ? add.error : undefined
  const field = (key: string, label: string, placeholder?: string) => (
    <Field
      key={key}
      label={label}
      value={form[key] ?? ''}
      onChange={(value) => setForm({ ...form, [key]: value })}
      problem={problems?.at(key)}
      {...(placeholder ? { placeholder } : {})}
    />
  )
  return (
    <Sheet title="New setup" onClose={onClose}>
      <form
        className="flex flex-col gap-4"
        onSubmit={(event) => {
          event.preventDefault()
          add.mutate()
        }}
      >
        {texts.map(([key, label]) => field(key, label))}
        <div className="grid grid-cols-2 gap-3">{numbers.map(([key, label, usual]) => field(key, label, usual))}</div>
        <p className="quiet">For time and money; open fields start from what is usual.</p>
        <div className="grid grid-cols-2 gap-3">{settings.map(([key, label, usual]) => field(`settings.${key}`, label, usual))}</div>
        {add.error && !problems && <ErrorNote error={add.error} />}
        <button className="btn btn-primary" disabled={add.isPending}>
          Add the setup
        </button>
      </form>
    </Sheet>
  )
}

/** What was left empty starts from what is usual; what is no number is sent as it is and refused in words. */
function request(form: Readonly<Record<string, string>>) {
  const entry = (text: string): string | number => (Number.isFinite(Number(text)) ? Number(text) : text)
  const given = (keys: readonly (readonly [string, string, string])[], path = '') =>
    Object.fromEntries(keys.filter(([key]) => form[path + key]?.trim()).map(([key]) => [key, entry(form[path + key] ?? '')]))
  const { name = '', printer = '', material = '' } = form
  return { name, printer, material, ...given(numbers), settings: given(settings, 'settings.') }
}
