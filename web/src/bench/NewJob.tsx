import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { Link, useNavigate } from 'react-router'
import { sendJson } from '@/api/client'
import { families, machines, processes } from '@/api/queries'
import type { Job, JobRequest, MachineSummary } from '@/api/types'
import { Field } from '@/ui/Field'
import { ErrorNote } from '@/ui/ProblemNote'
import { Sheet } from '@/ui/Sheet'

/** Says what a job is for and which two places it joins. */
export function NewJob({ onClose }: { readonly onClose: () => void }) {
  const family = useQuery(families).data?.[0]
  const machineList = useQuery(machines).data ?? []
  const processList = useQuery(processes).data ?? []
  const [form, setForm] = useState({ name: '', need: '', first: '', second: '', process: '' })
  const navigate = useNavigate()
  const client = useQueryClient()
  const create = useMutation({
    mutationFn: (request: JobRequest) => sendJson<Job>('POST', '/api/jobs', request),
    onSuccess: async (job) => {
      await client.invalidateQueries({ queryKey: ['jobs'] })
      void client.invalidateQueries({ queryKey: ['bench'] })
      await navigate(`/jobs/${job.id}?at=measure`)
    },
  })
  const places = machineList.flatMap((m) => m.interfaces)
  if (places.length < 2) return <NeedsPlaces onClose={onClose} />
  const set = (key: keyof typeof form) => (value: string) => setForm({ ...form, [key]: value })
  const process = form.process || (processList[0]?.id ?? '')
  return (
    <Sheet title={`Start a job: ${family?.name ?? ''}`} onClose={onClose}>
      <form
        className="flex flex-col gap-4"
        onSubmit={(event) => {
          event.preventDefault()
          if (!family) return
          create.mutate({
            name: form.name,
            need: form.need,
            part: { name: family.name, family: family.key, interfaces: chosen(form), process, parameters: {} },
          })
        }}
      >
        <Field label="Name of the job" value={form.name} onChange={set('name')} autoFocus />
        <Field label="What must it do?" value={form.need} onChange={set('need')} />
        <PlaceSelect label="From" machines={machineList} value={form.first} onChange={set('first')} />
        <PlaceSelect label="To" machines={machineList} value={form.second} onChange={set('second')} />
        <label className="flex flex-col gap-1">
          <span className="font-semibold">Setup</span>
          <select className="select w-full" aria-label="Setup" value={process} onChange={(e) => set('process')(e.target.value)}>
            {processList.map((p) => (
              <option key={p.id} value={p.id}>
                {p.name}
              </option>
            ))}
          </select>
        </label>
        {create.isError && <ErrorNote error={create.error} />}
        <button className="btn btn-primary" disabled={create.isPending}>
          Start
        </button>
      </form>
    </Sheet>
  )
}

const chosen = (form: { readonly first: string; readonly second: string }) =>
  Object.fromEntries(Object.entries({ first: form.first, second: form.second }).filter(([, id]) => id !== ''))

type PlaceSelectProps = {
  readonly label: string
  readonly machines: readonly MachineSummary[]
  readonly value: string
  readonly onChange: (id: string) => void
}

function PlaceSelect({ label, machines: list, value, onChange }: PlaceSelectProps) {
  return (
    <label className="flex flex-col gap-1">
      <span className="font-semibold">{label}</span>
      <select className="select w-full" aria-label={label} value={value} onChange={(e) => onChange(e.target.value)}>
        <option value="">Choose a place…</option>
        {list.map((m) => (
          <optgroup key={m.id} label={m.name}>
            {m.interfaces.map((i) => (
              <option key={i.id} value={i.id}>
                {i.name}
              </option>
            ))}
          </optgroup>
        ))}
      </select>
    </label>
  )
}

function NeedsPlaces({ onClose }: { readonly onClose: () => void }) {
  return (
    <Sheet title="Start a job" onClose={onClose}>
      <p>An adapter joins two places. Enter both machines and their openings first.</p>
      <Link to="/machines" className="btn btn-primary w-fit">
        Go to the machines
      </Link>
    </Sheet>
  )
}
