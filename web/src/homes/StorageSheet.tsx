import { useState } from 'react'
import type { ApiProblem } from '@/api/client'
import type { StorageEntry } from '@/api/types'
import { PlaceSelect } from '@/jobs/PlaceSelect'
import { Field } from '@/ui/Field'
import { Sheet } from '@/ui/Sheet'
import { Choice } from './Choice'
import { KeepOrTakeOut } from './KeepOrTakeOut'
import { Sides } from './Sides'
import { useExactSides } from './useExactSides'
import { grams, reaches } from './words'

const measured = { label: 'a drawer that is measured', kinds: ['cavity'], need: 'sometimes' as const }

export type EntrySheetProps<T> = {
  readonly entry: T
  readonly isNew: boolean
  readonly number: number
  readonly problem: ApiProblem | undefined
  readonly busy: boolean
  readonly onKeep: (entry: T) => void
  readonly onTakeOut: () => void
  readonly onClose: () => void
}

/** A drawer or a shelf: its clear sizes, and how far the hand goes. */
export function StorageSheet({ entry, isNew, number, problem, busy, onKeep, onTakeOut, onClose }: EntrySheetProps<StorageEntry>) {
  const [form, setForm] = useState(entry)
  const [bears, setBears] = useState(entry.bears?.toString() ?? '')
  const exact = useExactSides()
  const set = (changed: Partial<StorageEntry>) => setForm({ ...form, ...changed })
  const at = (field: string) => problem?.problems.find((p) => p.field === `storages.${number}.${field}`)
  return (
    <Sheet title={isNew ? 'A drawer or a shelf' : entry.name} onClose={onClose}>
      <form
        className="flex flex-col gap-4"
        onSubmit={(event) => {
          event.preventDefault()
          void exact({ ...form, bears: grams(bears) }).then(onKeep)
        }}
      >
        <Field label="Name" value={form.name} onChange={(name) => set({ name })} placeholder="top drawer" problem={at('name')} />
        <PlaceSelect slot={measured} value={form.place ?? ''} onChange={(id) => set({ place: id === '' ? null : id })} />
        <Sides form={form} onChange={set} measured={form.place !== null} problem={at} />
        <Choice label="How far the hand goes" value={form.reach} words={reaches} onChange={(reach) => set({ reach })} />
        <Field label="It bears, g" value={bears} onChange={setBears} placeholder="nobody knows" problem={at('bears')} />
        <KeepOrTakeOut isNew={isNew} busy={busy} problem={problem} path={`storages.${number}.`} onTakeOut={onTakeOut} />
      </form>
    </Sheet>
  )
}
