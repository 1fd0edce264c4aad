import { useMutation, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { ApiProblem, sendJson } from '@/api/client'
import type { Instrument } from '@/api/types'
import { Field } from '@/ui/Field'
import { ErrorNote } from '@/ui/ProblemNote'
import { Sheet } from '@/ui/Sheet'
import { kindWords } from './kindWords'

const figures = [
  ['resolution', 'Shows steps of', '0.01'],
  ['maximumPermissibleError', 'May be off by, either way', '0.03'],
  ['repeatability', 'Repeats within (standard deviation)', '0.03'],
  ['reach', 'Reaches', '150'],
] as const

/** An instrument of ones own; figures in the unit it reads: mm, degrees, g. */
export function NewInstrument({ onClose }: { readonly onClose: () => void }) {
  const [name, setName] = useState('')
  const [kind, setKind] = useState<Instrument['kind']>('caliper')
  const [values, setValues] = useState<Readonly<Record<string, string>>>({})
  const client = useQueryClient()
  const add = useMutation({
    mutationFn: () =>
      sendJson('POST', '/api/instruments', {
        id: name
          .trim()
          .toLowerCase()
          .replace(/[^a-z0-9]+/g, '-'),
        name,
        kind,
        ...Object.fromEntries(figures.map(([key, , usual]) => [key, Number(values[key] ?? usual)])),
      }),
    onSuccess: async () => {
      await client.invalidateQueries({ queryKey: ['instruments'] })
      onClose()
    },
  })
  const refused = add.error instanceof ApiProblem ? add.error : undefined
  return (
    <Sheet title="Add an instrument" onClose={onClose}>
      <form
        className="flex flex-col gap-3"
        onSubmit={(event) => {
          event.preventDefault()
          add.mutate()
        }}
      >
        <Field label="Name" value={name} onChange={setName} autoFocus problem={refused?.at('name') ?? refused?.at('id')} />
        <select
          className="select w-full"
          aria-label="Kind of instrument"
          value={kind}
          onChange={(e) => setKind(e.target.value as Instrument['kind'])}
        >
          {Object.entries(kindWords).map(([key, words]) => (
            <option key={key} value={key}>
              {words}
            </option>
          ))}
        </select>
        {figures.map(([key, label, usual]) => (
          <Field
            key={key}
            label={label}
            value={values[key] ?? ''}
            placeholder={usual}
            onChange={(text) => setValues({ ...values, [key]: text })}
            problem={refused?.at(key)}
          />
        ))}
        {refused && refused.problems.length === 0 && <ErrorNote error={refused} />}
        <button className="btn btn-primary" disabled={add.isPending}>
          Add
        </button>
      </form>
    </Sheet>
  )
}
