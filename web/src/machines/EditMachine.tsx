import { useMutation, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { useNavigate } from 'react-router'
import { api, ApiProblem, got } from '@/api/client'
import type { MachineView } from '@/api/types'
import { Field } from '@/ui/Field'
import { ErrorNote } from '@/ui/ProblemNote'
import { Sheet } from '@/ui/Sheet'
import { TwoVersions } from '@/ui/TwoVersions'
import { useMakeNamed } from '@/ui/useMakeNamed'

export type EditMachineProps = { readonly machine: MachineView; readonly copy?: boolean; readonly onClose: () => void }

/** What a machine is called; or another of the same make, with the same places and nothing read. */
export function EditMachine({ machine, copy = false, onClose }: EditMachineProps) {
  const [version, setVersion] = useState(machine.version)
  const [name, setName] = useState(copy ? `${machine.name} 2` : machine.name)
  const [note, setNote] = useState(machine.note)
  const client = useQueryClient()
  const navigate = useNavigate()
  const makeNamed = useMakeNamed()
  const save = useMutation({
    mutationFn: (change: { readonly archived: boolean; readonly version: number }) =>
      copy
        ? makeNamed<MachineView>(`/api/machines/${machine.id}/copies`, name, { name, note })
        : got(api.PUT('/api/machines/{id}', { params: { path: { id: machine.id } }, body: { name, note, ...change } })),
    onSuccess: async (saved) => {
      await client.invalidateQueries({ queryKey: ['machines'] })
      if (copy) await navigate(`/machines/${saved.id}`)
      onClose()
    },
  })
  const refused = save.error instanceof ApiProblem ? save.error : undefined
  const theirs = refused?.body.theirs as MachineView | undefined
  const problem = refused?.at('name')
  const settle = (keep: 'mine' | 'theirs') => {
    if (!theirs) return
    setVersion(theirs.version)
    if (keep === 'mine') return save.mutate({ archived: machine.archived, version: theirs.version })
    setName(theirs.name)
    setNote(theirs.note)
    save.reset()
    void client.invalidateQueries({ queryKey: ['machines'] })
  }
  return (
    <Sheet title={copy ? 'Another like it' : theirs ? 'Somebody else changed this machine' : 'Edit the machine'} onClose={onClose}>
      {theirs ? (
        <TwoVersions
          rows={[
            { label: 'name', mine: name, theirs: theirs.name },
            { label: 'worth knowing', mine: note, theirs: theirs.note },
            { label: 'kept', mine: machine.archived ? 'put away' : 'listed', theirs: theirs.archived ? 'put away' : 'listed' },
          ]}
          onSettle={settle}
        />
      ) : (
        <form
          className="flex flex-col gap-4"
          onSubmit={(event) => {
            event.preventDefault()
            save.mutate({ archived: machine.archived, version })
          }}
        >
          {copy && <p className="quiet">It gets the same places with nothing read: a size is measured, never assumed.</p>}
          <Field label="Name" value={name} onChange={setName} autoFocus problem={problem} />
          <Field label="Worth knowing" value={note} onChange={setNote} />
          {refused && !problem && <ErrorNote error={refused} />}
          <div className="flex flex-wrap gap-3">
            <button className="btn btn-primary" disabled={save.isPending}>
              {copy ? 'Add' : 'Save'}
            </button>
            {!copy && (
              <button
                type="button"
                className="btn btn-outline"
                disabled={save.isPending}
                onClick={() => save.mutate({ archived: !machine.archived, version })}
              >
                {machine.archived ? 'Bring it back' : 'Put the machine away'}
              </button>
            )}
          </div>
        </form>
      )}
    </Sheet>
  )
}
