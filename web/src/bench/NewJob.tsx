import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { useNavigate } from 'react-router'
import { away, processes } from '@/api/queries'
import type { FamilyView, Job, JobRequest } from '@/api/types'
import { FamilyChoice } from '@/jobs/FamilyChoice'
import { PartFields, startFields } from '@/jobs/PartFields'
import { useSetups } from '@/setups/useSetups'
import { Field } from '@/ui/Field'
import { Known } from '@/ui/Known'
import { ErrorNote } from '@/ui/ProblemNote'
import { Sheet } from '@/ui/Sheet'
import { useMakeNamed } from '@/ui/useMakeNamed'

/** Says what a job is for, what sort of part answers it, and which places it fits. */
export function NewJob({ onClose }: { readonly onClose: () => void }) {
  const [family, setFamily] = useState<FamilyView | null>(null)
  const asked = [useQuery(processes), useQuery(away)]
  return (
    <Sheet title={family ? `Start a job: ${family.name}` : 'Start a job'} onClose={onClose}>
      {family ? (
        <Known asked={asked} what="the setups">
          <Form family={family} />
        </Known>
      ) : (
        <FamilyChoice onChoose={setFamily} />
      )}
    </Sheet>
  )
}

function Form({ family }: { readonly family: FamilyView }) {
  const setups = useSetups()
  const [job, setJob] = useState({ name: '', need: '' })
  const [fields, setFields] = useState(() => startFields(family, []))
  const navigate = useNavigate()
  const client = useQueryClient()
  const makeNamed = useMakeNamed()
  const create = useMutation({
    mutationFn: (request: JobRequest) => makeNamed<Job>('/api/jobs', request.name, request),
    onSuccess: async (made) => {
      await client.invalidateQueries({ queryKey: ['jobs'] })
      void client.invalidateQueries({ queryKey: ['bench'] })
      await navigate(`/jobs/${made.id}?at=${family.slots.some((s) => s.need === 'always') ? 'measure' : 'reckon'}`)
    },
  })
  return (
    <form
      className="flex flex-col gap-4"
      onSubmit={(event) => {
        event.preventDefault()
        create.mutate({
          ...job,
          part: { ...fields, process: fields.process || (setups[0]?.id ?? ''), family: family.key, parameters: {} },
        })
      }}
    >
      <Field label="Name of the job" value={job.name} onChange={(name) => setJob({ ...job, name })} autoFocus />
      <Field label="What must it do?" value={job.need} onChange={(need) => setJob({ ...job, need })} />
      <PartFields family={family} fields={fields} onChange={setFields} />
      {create.isError && <ErrorNote error={create.error} />}
      <button className="btn btn-primary" disabled={create.isPending}>
        Start
      </button>
    </form>
  )
}
