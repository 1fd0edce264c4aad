import { useMutation, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { useNavigate } from 'react-router'
import { ApiProblem } from '@/api/client'
import type { MachineView } from '@/api/types'
import { Field } from '@/ui/Field'
import { ErrorNote } from '@/ui/ProblemNote'
import { Sheet } from '@/ui/Sheet'
import { useMakeNamed } from '@/ui/useMakeNamed'

export function NewMachine({ onClose }: { readonly onClose: () => void }) {
  const [name, setName] = useState('')
  const [note, setNote] = useState('')
  const client = useQueryClient()
  const navigate = useNavigate()
  const makeNamed = useMakeNamed()
  const add = useMutation({
    mutationFn: () => makeNamed<MachineView>('/api/machines', name, { name, note }),
    onSuccess: async (machine) => {
      await client.invalidateQueries({ queryKey: ['machines'] })
      await navigate(`/machines/${machine.id}`)
      onClose()
    },
  })
  const problem = add.error instanceof ApiProblem ? add.error.at('name') : undefined
  return (
    <Sheet title="Add a machine" onClose={onClose}>
      <form
        className="flex flex-col gap-4"
        onSubmit={(event) => {
          event.preventDefault()
          add.mutate()
        }}
      >
        <Field label="Name" value={name} onChange={setName} autoFocus problem={problem} />
        <Field label="Worth knowing" value={note} onChange={setNote} />
        {add.isError && !problem && <ErrorNote error={add.error} />}
        <button className="btn btn-primary" disabled={add.isPending}>
          Add
        </button>
      </form>
    </Sheet>
  )
}
