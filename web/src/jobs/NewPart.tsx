import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { useNavigate } from 'react-router'
import type { FamilyView, Part, PartRequest, PartState, TakenSlot } from '@/api/types'
import { families } from '@/api/queries'
import { ErrorNote } from '@/ui/ProblemNote'
import { Sheet } from '@/ui/Sheet'
import { useMakeNamed } from '@/ui/useMakeNamed'
import { FamilyChoice } from './FamilyChoice'
import { PartFields, startFields } from './PartFields'
import { TakenSelect } from './TakenSelect'
import { offersOf, withTaken } from './taking'
import { useWork } from './useWork'

/** Adds a part to the job: it shares its places, and may take its holes from another. */
export function NewPart({ onClose }: { readonly onClose: () => void }) {
  const [family, setFamily] = useState<FamilyView | null>(null)
  return (
    <Sheet title={family ? `Another part: ${family.name}` : 'Another part'} onClose={onClose}>
      {family ? <Form family={family} onClose={onClose} /> : <FamilyChoice onChoose={setFamily} />}
    </Sheet>
  )
}

function Form({ family, onClose }: { readonly family: FamilyView; readonly onClose: () => void }) {
  const { job, part } = useWork()
  const all = useQuery(families).data ?? []
  const [fields, setFields] = useState(() => ({ ...startFields(family, job.parts), process: part.state.process }))
  const offered = (slot: TakenSlot) => offersOf(job.parts, all, slot)
  const [takes, setTakes] = useState<PartState['takes']>(() => {
    // The part it was added from gives its holes, if it has some.
    const slot = family.takes[0]
    const first = slot && offered(slot).find((o) => o.part === part.id)
    return slot && first ? withTaken({}, slot.key, first) : {}
  })
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
        add.mutate({ ...fields, family: family.key, parameters: {}, takes })
      }}
    >
      <PartFields family={family} fields={fields} onChange={setFields} />
      {family.takes
        .filter((slot) => offered(slot).length > 0)
        .map((slot) => (
          <label key={slot.key} className="flex flex-col gap-1">
            <span className="font-semibold">{slot.label}</span>
            <TakenSelect
              slot={slot}
              offered={offered(slot)}
              value={takes[slot.key]}
              onChange={(from) => setTakes(withTaken(takes, slot.key, from))}
              className="select w-full"
            />
          </label>
        ))}
      {add.isError && <ErrorNote error={add.error} />}
      <button className="btn btn-primary" disabled={add.isPending}>
        Add it
      </button>
    </form>
  )
}
