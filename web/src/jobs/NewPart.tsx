import { useMutation, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { useNavigate } from 'react-router'
import type { FamilyView, Part, PartRequest } from '@/api/types'
import { ErrorNote } from '@/ui/ProblemNote'
import { Sheet } from '@/ui/Sheet'
import { useMakeNamed } from '@/ui/useMakeNamed'
import { FamilyChoice } from './FamilyChoice'
import { PartFields, startFields } from './PartFields'
import type { Work } from './Workbench'

/** Adds a part to the job: it shares its places, and may take its holes from another. */
export function NewPart({ work, onClose }: { readonly work: Work; readonly onClose: () => void }) {
  const [family, setFamily] = useState<FamilyView | null>(null)
  return (
    <Sheet title={family ? `Another part: ${family.name}` : 'Another part'} onClose={onClose}>
      {family ? <Form work={work} family={family} onClose={onClose} /> : <FamilyChoice onChoose={setFamily} />}
    </Sheet>
  )
}

function Form({ work, family, onClose }: { readonly work: Work; readonly family: FamilyView; readonly onClose: () => void }) {
  const { job, part } = work
  const [fields, setFields] = useState(() => ({ ...startFields(family, job.parts), process: part.state.process }))
  const [serves, setServes] = useState(family.serves ? part.id : '')
  const navigate = useNavigate()
  const client = useQueryClient()
  const makeNamed = useMakeNamed()
  const add = useMutation({
    mutationFn: (request: PartRequest) => makeNamed<Part>(`/api/jobs/${job.id}/parts`, request.name, request),
    onSuccess: async (added) => {
      await client.invalidateQueries({ queryKey: ['jobs'] })
      void client.invalidateQueries({ queryKey: ['bench'] })
      onClose()
      await navigate(`/jobs/${job.id}?part=${added.id}`)
    },
  })
  return (
    <form
      className="flex flex-col gap-4"
      onSubmit={(event) => {
        event.preventDefault()
        add.mutate({ ...fields, family: family.key, parameters: {}, serves: serves === '' ? null : serves })
      }}
    >
      <PartFields family={family} fields={fields} onChange={setFields} />
      {family.serves && (
        <label className="flex flex-col gap-1">
          <span className="font-semibold">Takes its holes from</span>
          <select className="select w-full" value={serves} onChange={(e) => setServes(e.target.value)}>
            <option value="">what is given to it</option>
            {job.parts.map((p) => (
              <option key={p.id} value={p.id}>
                {p.name}
              </option>
            ))}
          </select>
        </label>
      )}
      {add.isError && <ErrorNote error={add.error} />}
      <button className="btn btn-primary" disabled={add.isPending}>
        Add it
      </button>
    </form>
  )
}
