import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { ApiProblem } from '@/api/client'
import { away, filaments } from '@/api/queries'
import { Field } from '@/ui/Field'
import { Known } from '@/ui/Known'
import { ErrorNote } from '@/ui/ProblemNote'
import { Sheet } from '@/ui/Sheet'
import { useAway } from '@/ui/useAway'
import { useMakeNamed } from '@/ui/useMakeNamed'

/** Enters a spool with its first weighing. */
export function NewSpool({ onClose }: { readonly onClose: () => void }) {
  const asked = [useQuery(filaments), useQuery(away)]
  return (
    <Sheet title="Weigh in a spool" onClose={onClose}>
      <Known asked={asked} what="the filaments">
        <Form onClose={onClose} />
      </Known>
    </Sheet>
  )
}

function Form({ onClose }: { readonly onClose: () => void }) {
  const { isAway } = useAway('filaments')
  const offered = (useQuery(filaments).data ?? []).filter((f) => !isAway(f.id))
  const [form, setForm] = useState({ name: '', filament: '', colour: '', tare: '', gross: '' })
  const client = useQueryClient()
  const makeNamed = useMakeNamed()
  const add = useMutation({
    mutationFn: () =>
      makeNamed('/api/spools', form.name, {
        ...form,
        filament: form.filament || offered[0]?.id,
        tare: Number(form.tare),
        gross: Number(form.gross),
      }),
    onSuccess: async () => {
      await client.invalidateQueries({ queryKey: ['spools'] })
      onClose()
    },
  })
  const problem = add.error instanceof ApiProblem ? add.error : undefined
  const set = (key: keyof typeof form) => (value: string) => setForm({ ...form, [key]: value })
  return (
    <form
      className="flex flex-col gap-4"
      onSubmit={(event) => {
        event.preventDefault()
        add.mutate()
      }}
    >
      <Field label="Name on the spool" value={form.name} onChange={set('name')} autoFocus problem={problem?.at('name')} />
      <label className="flex flex-col gap-1">
        <span className="font-semibold">Filament</span>
        <select className="select w-full" value={form.filament || offered[0]?.id} onChange={(e) => set('filament')(e.target.value)}>
          {offered.map((f) => (
            <option key={f.id} value={f.id}>
              {f.name}
            </option>
          ))}
        </select>
      </label>
      <Field label="Colour, as lists name it" value={form.colour} onChange={set('colour')} problem={problem?.at('colour')} />
      <div className="grid grid-cols-2 gap-4">
        <Field label="Empty spool, g" value={form.tare} onChange={set('tare')} placeholder="210" problem={problem?.at('tare')} />
        <Field label="The scale shows, g" value={form.gross} onChange={set('gross')} placeholder="874" problem={problem?.at('gross')} />
      </div>
      {add.isError && !problem?.problems.length && <ErrorNote error={add.error} />}
      <button className="btn btn-primary" disabled={add.isPending || form.gross === ''}>
        Keep it
      </button>
    </form>
  )
}
