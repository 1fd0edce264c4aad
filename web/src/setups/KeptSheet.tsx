import { useMutation, useQueryClient } from '@tanstack/react-query'
import { useEffect, useRef, useState, type ReactNode } from 'react'
import { ApiProblem } from '@/api/client'
import { refreshComputed } from '@/api/refresh'
import type { SettingPath } from '@/api/queries'
import type { Problem, SettingField } from '@/api/types'
import { Field } from '@/ui/Field'
import { ErrorNote } from '@/ui/ProblemNote'
import { Sheet } from '@/ui/Sheet'
import { TwoVersions } from '@/ui/TwoVersions'
import { useMakeNamed } from '@/ui/useMakeNamed'
import { toTexts, type Texts } from './formTexts'

/** A printer, a filament or a setup as it is kept. */
export type Kept = { readonly id: string; readonly version: number; readonly name: string }

/** What a figure or word of a form is called. */
export type Label = Pick<SettingField, 'key' | 'label' | 'unit'>

export type FormProps = {
  readonly texts: Texts
  readonly set: (key: string, text: string) => void
  readonly problemAt: (key: string) => Problem | undefined
}

export type KeptSheetProps<T extends Kept> = {
  /** Where it is kept: "printers". */
  readonly path: SettingPath
  /** What one is called: "printer". */
  readonly called: string
  /** What is changed; left out for a new one. */
  readonly kept?: T | undefined
  /** What a new one starts from. */
  readonly start?: Texts
  /** What is compared when two have changed it. */
  readonly labels: readonly Label[]
  /** What is sent for some texts. */
  readonly body: (texts: Texts) => object
  readonly children: (form: FormProps) => ReactNode
  readonly onClose: () => void
  readonly onKept?: ((kept: T) => void) | undefined
}

/** Enters or changes something that is printed with. What is wrong stands at its field; two who change one thing are both heard. */
export function KeptSheet<T extends Kept>({ path, called, kept, start, labels, body, children, onClose, onKept }: KeptSheetProps<T>) {
  const [texts, setTexts] = useState<Texts>(start ?? (kept ? toTexts(kept) : {}))
  const [version, setVersion] = useState(kept?.version ?? 0)
  const client = useQueryClient()
  const named = useMakeNamed()
  const save = useMutation({
    mutationFn: (from: number) =>
      kept
        ? named<T>(`/api/${path}/${kept.id}`, texts.name ?? '', { ...body(texts), version: from }, 'PUT')
        : named<T>(`/api/${path}`, texts.name ?? '', body(texts)),
    onSuccess: async (saved) => {
      await Promise.all([path, 'processes', 'spools', 'bench'].map((name) => client.invalidateQueries({ queryKey: [name] })))
      void refreshComputed(client)
      onKept?.(saved)
      onClose()
    },
  })
  const refused = save.error instanceof ApiProblem ? save.error : undefined
  const theirs = refused?.body.theirs as T | undefined
  const shown = useRef<HTMLFormElement>(null)
  // What is wrong may be far up a long form.
  useEffect(() => shown.current?.querySelector<HTMLElement>('[aria-invalid=true]')?.focus(), [refused])
  if (theirs) {
    const of = toTexts(theirs)
    const rows = [{ key: 'name', label: 'Name', unit: '' }, ...labels].map(({ key, label, unit }) => ({
      label,
      mine: `${texts[key] ?? 'open'} ${unit}`,
      theirs: `${of[key] ?? 'open'} ${unit}`,
    }))
    const settle = (keep: 'mine' | 'theirs') => {
      setVersion(theirs.version)
      if (keep === 'mine') return save.mutate(theirs.version)
      setTexts(of)
      save.reset()
    }
    return (
      <Sheet title={`Somebody else changed this ${called}`} onClose={onClose}>
        <TwoVersions rows={rows} onSettle={settle} />
      </Sheet>
    )
  }
  const form: FormProps = {
    texts,
    set: (key, text) => setTexts((now) => ({ ...now, [key]: text })),
    problemAt: (key) => refused?.at(key),
  }
  return (
    <Sheet title={kept ? `Change the ${called}` : `New ${called}`} onClose={onClose}>
      <form
        ref={shown}
        className="flex flex-col gap-4"
        onSubmit={(event) => {
          event.preventDefault()
          save.mutate(version)
        }}
      >
        <Field label="Name" value={texts.name ?? ''} onChange={(text) => form.set('name', text)} problem={refused?.at('name')} />
        {children(form)}
        {save.error && !refused?.problems.length && <ErrorNote error={save.error} />}
        <button className="btn btn-primary" disabled={save.isPending}>
          {kept ? 'Keep the change' : `Add the ${called}`}
        </button>
      </form>
    </Sheet>
  )
}

export type FiguresProps = FormProps & {
  readonly fields: readonly SettingField[]
  /** What a field left empty comes to, by key. */
  readonly usual: Texts
}

/** Figures side by side, each with its unit. */
export function Figures({ fields, usual, texts, set, problemAt }: FiguresProps) {
  return (
    <div className="grid grid-cols-2 gap-3">
      {fields.map(({ key, label, unit }) => (
        <Field
          key={key}
          label={unit ? `${label}, ${unit}` : label}
          value={texts[key] ?? ''}
          onChange={(text) => set(key, text)}
          placeholder={usual[key] ?? 'open'}
          problem={problemAt(key)}
        />
      ))}
    </div>
  )
}

/** A part of a form that is opened when it is wanted, or when something in it is wrong. */
export function Folded({ title, isWrong, children }: { readonly title: string; readonly isWrong: boolean; readonly children: ReactNode }) {
  return (
    <details open={isWrong || undefined}>
      <summary className="flex min-h-11 cursor-pointer items-center font-semibold">{title}</summary>
      {children}
    </details>
  )
}
