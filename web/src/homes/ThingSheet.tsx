import { useState } from 'react'
import type { StorageEntry, ThingEntry } from '@/api/types'
import { PlaceSelect } from '@/jobs/PlaceSelect'
import { Field } from '@/ui/Field'
import { Sheet } from '@/ui/Sheet'
import { Choice } from './Choice'
import { KeepOrTakeOut } from './KeepOrTakeOut'
import { Sides } from './Sides'
import type { EntrySheetProps } from './StorageSheet'
import { useExactSides } from './useExactSides'
import { grams, uses } from './words'

const kinds = ['block', 'turned', 'traced', 'foot', 'post', 'board']
const measured = { label: 'a thing that is measured', kinds, need: 'sometimes' as const }

type ThingSheetProps = EntrySheetProps<ThingEntry> & { readonly storages: readonly StorageEntry[] }

/** A thing that wants a home. */
export function ThingSheet({ entry, isNew, number, storages, problem, busy, onKeep, onTakeOut, onClose }: ThingSheetProps) {
  const [form, setForm] = useState(entry)
  const [texts, setTexts] = useState({ mass: entry.mass?.toString() ?? '', count: `${entry.count}` })
  const exact = useExactSides()
  const set = (changed: Partial<ThingEntry>) => setForm({ ...form, ...changed })
  const at = (field: string) => problem?.problems.find((p) => p.field === `things.${number}.${field}`)
  const named = (nothing: string) => ({ '': nothing, ...Object.fromEntries(storages.map((s) => [s.key, s.name])) })
  return (
    <Sheet title={isNew ? 'A thing that wants a home' : entry.name} onClose={onClose}>
      <form
        className="flex flex-col gap-4"
        onSubmit={(event) => {
          event.preventDefault()
          void exact({ ...form, mass: grams(texts.mass), count: Math.trunc(Number(texts.count)) || 0 }).then(onKeep)
        }}
      >
        <div className="grid grid-cols-[2fr_1fr] gap-3">
          <Field label="Name" value={form.name} onChange={(name) => set({ name })} placeholder="bent knife" problem={at('name')} />
          <Field label="How many alike" value={texts.count} onChange={(count) => setTexts({ ...texts, count })} problem={at('count')} />
        </div>
        <PlaceSelect slot={measured} value={form.place ?? ''} onChange={(id) => set({ place: id === '' ? null : id })} />
        <Sides form={form} onChange={set} measured={form.place !== null} problem={at} />
        <div className="grid grid-cols-2 gap-3">
          <Choice label="It is used" value={form.use} words={uses} onChange={(use) => set({ use })} />
          <Field
            label="Kept with its kind"
            value={form.sort}
            onChange={(sort) => set({ sort })}
            placeholder="carving"
            problem={at('sort')}
          />
          <Choice
            label="It lies now in"
            value={form.now ?? ''}
            words={named('none of these')}
            onChange={(now) => set({ now: now || null })}
          />
          <Choice
            label="Its home"
            value={form.pinned ?? ''}
            words={named('where it suits')}
            onChange={(pin) => set({ pinned: pin || null })}
          />
        </div>
        <Field
          label="It weighs, g"
          value={texts.mass}
          onChange={(mass) => setTexts({ ...texts, mass })}
          placeholder="not weighed"
          problem={at('mass')}
        />
        <KeepOrTakeOut isNew={isNew} busy={busy} problem={problem} path={`things.${number}.`} onTakeOut={onTakeOut} />
      </form>
    </Sheet>
  )
}
