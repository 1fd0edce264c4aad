import { useMutation, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { api, ApiProblem, got } from '@/api/client'
import { refreshWindows } from '@/api/refresh'
import type { FitWindow } from '@/api/types'
import { Field } from '@/ui/Field'
import { useLeading } from '@/ui/leading'
import { ErrorNote } from '@/ui/ProblemNote'
import { bare } from './windows'

export type WindowFormProps = { readonly joint: string; readonly fit: FitWindow; readonly onDone: () => void }

const fields = [
  ['least', 'Least clearance'],
  ['aim', 'Aimed at'],
  ['greatest', 'Greatest clearance'],
  ['from', 'For sizes from'],
  ['to', 'For sizes to'],
] as const

/** Moves the window of a fit, with the reason. */
export function WindowForm({ joint, fit, onDone }: WindowFormProps) {
  const { leading } = useLeading()
  const client = useQueryClient()
  const [texts, setTexts] = useState(() => ({
    least: bare(fit.least, leading),
    aim: bare(fit.aim, leading),
    greatest: bare(fit.greatest, leading),
    from: '',
    to: '',
    because: '',
  }))
  const move = useMutation({
    mutationFn: () => got(api.POST('/api/fit-windows', { body: { joint, fit: fit.fit, ...texts, leading } })),
    onSuccess: async () => {
      await refreshWindows(client)
      onDone()
    },
  })
  const problem = move.error instanceof ApiProblem ? move.error : undefined
  return (
    <form
      aria-label={`Move ${fit.name}`}
      className="bg-base-200 flex flex-col gap-3 rounded-md p-3"
      onSubmit={(event) => {
        event.preventDefault()
        move.mutate()
      }}
    >
      <div className="grid grid-cols-2 items-start gap-3 sm:grid-cols-5">
        {fields.map(([key, label], i) => (
          <Field
            key={key}
            label={label}
            value={texts[key]}
            onChange={(text) => setTexts({ ...texts, [key]: text })}
            placeholder={key === 'from' || key === 'to' ? 'any' : ''}
            autoFocus={i === 0}
            problem={problem?.at(key)}
          />
        ))}
      </div>
      <Field
        label="Why"
        value={texts.because}
        onChange={(because) => setTexts({ ...texts, because })}
        placeholder="our pipes come dusty: a firmer fit sticks"
        problem={problem?.at('because')}
      />
      {move.error && !problem?.problems.length && <ErrorNote error={move.error} />}
      <div className="flex gap-3">
        <button className="btn btn-primary" disabled={move.isPending}>
          Move it
        </button>
        <button type="button" className="btn btn-ghost" onClick={onDone}>
          Leave it
        </button>
      </div>
    </form>
  )
}
