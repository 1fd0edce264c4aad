import { useQuery } from '@tanstack/react-query'
import { settingForms } from '@/api/queries'
import type { Filament } from '@/api/types'
import { Field } from '@/ui/Field'
import { Figures, KeptSheet } from './KeptSheet'
import { fromTexts, toTexts, type Texts } from './formTexts'

export type FilamentSheetProps = {
  readonly filament?: Filament | undefined
  readonly start?: Texts
  readonly onClose: () => void
  readonly onKept?: (filament: Filament) => void
}

/** A filament: what sort it is, and the figures that are known of it. */
export function FilamentSheet({ filament, start, onClose, onKept }: FilamentSheetProps) {
  const forms = useQuery(settingForms).data
  if (!forms) return null
  const figures = new Set(forms.filament.map((f) => f.key))
  const usualOf = (sort: string | undefined) => toTexts((forms.classes.find((c) => c.key === sort) ?? forms.classes[0])?.usual ?? {})
  return (
    <KeptSheet<Filament>
      path="filaments"
      called="filament"
      kept={filament}
      start={start ?? (filament ? toTexts(filament) : { ...usualOf(undefined), name: '' })}
      labels={[...forms.filament, { key: 'basis', label: 'Where from', unit: '' }]}
      body={(texts) => fromTexts(texts, figures)}
      onClose={onClose}
      onKept={onKept}
    >
      {(form) => (
        <>
          <label className="flex flex-col gap-1">
            <span className="font-semibold">Sort</span>
            <select
              className="select w-full"
              value={form.texts.class}
              onChange={(e) => {
                const usual = usualOf(e.target.value)
                const untouched = usualOf(form.texts.class)
                form.set('class', e.target.value)
                // What nobody has typed goes along with the sort.
                for (const key of [...figures, 'basis'])
                  if ((form.texts[key] ?? '') === (untouched[key] ?? '')) form.set(key, usual[key] ?? '')
              }}
            >
              {forms.classes.map((c) => (
                <option key={c.key} value={c.key}>
                  {c.words}
                </option>
              ))}
            </select>
          </label>
          <Figures {...form} fields={forms.filament} usual={{}} />
          <Field
            label="Where these figures come from"
            value={form.texts.basis ?? ''}
            onChange={(text) => form.set('basis', text)}
            problem={form.problemAt('basis')}
          />
          <p className="quiet">What nobody knows stays open; nothing is judged by it then.</p>
        </>
      )}
    </KeptSheet>
  )
}
