import { useMutation, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { api, ApiProblem, got } from '@/api/client'
import { refreshReadings } from '@/api/refresh'
import type { InterfaceView } from '@/api/types'
import { Field } from '@/ui/Field'
import { ErrorNote } from '@/ui/ProblemNote'
import { Sheet } from '@/ui/Sheet'
import { TwoVersions } from '@/ui/TwoVersions'

export type EditPlaceProps = { readonly place: InterfaceView; readonly onClose: () => void }

/** What a place is called, and what is repeated on it: steps, holes, points, obstructions. */
export function EditPlace({ place, onClose }: EditPlaceProps) {
  const [version, setVersion] = useState(place.version)
  const [name, setName] = useState(place.name)
  const [items, setItems] = useState<readonly string[]>(place.items)
  const client = useQueryClient()
  const save = useMutation({
    mutationFn: (change: { readonly archived: boolean; readonly version: number }) =>
      got(api.PUT('/api/interfaces/{id}', { params: { path: { id: place.id } }, body: { name, items: [...items], ...change } })),
    onSuccess: async () => {
      await refreshReadings(client)
      onClose()
    },
  })
  const refused = save.error instanceof ApiProblem ? save.error : undefined
  const theirs = refused?.status === 409 ? (refused.body.theirs as InterfaceView) : undefined
  const settle = (keep: 'mine' | 'theirs') => {
    if (!theirs) return
    setVersion(theirs.version)
    if (keep === 'mine') return save.mutate({ archived: false, version: theirs.version })
    setName(theirs.name)
    setItems(theirs.items)
    save.reset()
  }
  return (
    <Sheet title={theirs ? 'Somebody else changed this place' : 'Edit the place'} onClose={onClose}>
      {theirs ? (
        <TwoVersions
          rows={[
            { label: 'name', mine: name, theirs: theirs.name },
            { label: 'items', mine: items.join(', '), theirs: theirs.items.join(', ') },
          ]}
          onSettle={settle}
        />
      ) : (
        <form
          className="flex flex-col gap-4"
          onSubmit={(event) => {
            event.preventDefault()
            save.mutate({ archived: false, version })
          }}
        >
          <Field label="Name" value={name} onChange={setName} problem={refused?.at('name')} />
          {place.itemName && <Items what={place.itemName} items={items} onChange={setItems} refused={refused} />}
          {refused && !refused.at('name') && !refused.problems.some((p) => p.field.startsWith('items.')) && <ErrorNote error={refused} />}
          <div className="flex flex-wrap gap-3">
            <button className="btn btn-primary" disabled={save.isPending}>
              Save
            </button>
            <button
              type="button"
              className="btn btn-outline"
              disabled={save.isPending}
              onClick={() => save.mutate({ archived: true, version })}
            >
              Put this place away
            </button>
          </div>
        </form>
      )}
    </Sheet>
  )
}

type ItemsProps = {
  readonly what: string
  readonly items: readonly string[]
  readonly onChange: (items: readonly string[]) => void
  readonly refused: ApiProblem | undefined
}

function Items({ what, items, onChange, refused }: ItemsProps) {
  return (
    <div className="flex flex-col gap-2">
      {items.map((item, i) => (
        <Field
          key={i}
          label={`${what} ${i + 1}`}
          value={item}
          onChange={(text) => onChange(items.map((old, j) => (j === i ? text : old)))}
          problem={refused?.problems.find((p) => p.field === `items.${i}`)}
        />
      ))}
      <div className="flex gap-2">
        <button type="button" className="btn btn-outline" onClick={() => onChange([...items, `${what} ${items.length + 1}`])}>
          Another {what}
        </button>
        {items.length > 0 && (
          <button type="button" className="btn btn-ghost" onClick={() => onChange(items.slice(0, -1))}>
            Leave out the last
          </button>
        )}
      </div>
    </div>
  )
}
