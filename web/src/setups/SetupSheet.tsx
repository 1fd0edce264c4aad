import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { filaments, printers, settingForms } from '@/api/queries'
import type { Setup, SettingForms } from '@/api/types'
import { ProblemNote } from '@/ui/ProblemNote'
import { useAway } from '@/ui/useAway'
import { FilamentSheet } from './FilamentSheet'
import { Figures, Folded, KeptSheet, type FormProps, type Kept } from './KeptSheet'
import { PrinterSheet } from './PrinterSheet'
import { setupBody } from './setupBody'
import { toTexts, type Texts } from './formTexts'

export type SetupSheetProps = {
  readonly setup?: Setup | undefined
  readonly start?: Texts
  readonly onClose: () => void
  readonly onKept?: (setup: Setup) => void
}

/** A printer with a filament: nozzle, lines, layers, and how sizes come out. What is left empty starts from what is usual; tries teach the rest. */
export function SetupSheet({ setup, start, onClose, onKept }: SetupSheetProps) {
  const forms = useQuery(settingForms).data
  const [printerList, filamentList] = [useQuery(printers).data, useQuery(filaments).data]
  const [adding, setAdding] = useState<Adding | null>(null)
  const [printersAway, filamentsAway] = [useAway('printers'), useAway('filaments')]
  if (!forms || !printerList || !filamentList) return null
  const beginning =
    start ??
    (setup
      ? toTexts(setup)
      : {
          printer: printerList.find((p) => !printersAway.isAway(p.id))?.id ?? '',
          filament: filamentList.find((f) => !filamentsAway.isAway(f.id))?.id ?? '',
        })
  const own = forms.setup.filter((f) => f.key !== 'nozzle' && !f.key.startsWith('pace.'))
  const pace = forms.setup.filter((f) => f.key.startsWith('pace.'))
  const usual = { ...toTexts(forms.usualSetup), lineWidth: 'nozzle and an eighth', layerHeight: 'half of the nozzle' }
  const onAdded = { onClose: () => setAdding(null), onKept: (made: Kept) => adding?.choose(made.id) }
  return (
    <>
      <KeptSheet<Setup>
        path="setups"
        called="setup"
        kept={setup}
        start={beginning}
        labels={[...forms.setup, ...surfaceLabels(forms)]}
        body={(texts) =>
          setupBody(
            texts,
            forms,
            printerList.find((p) => p.id === texts.printer),
            setup,
          )
        }
        onClose={onClose}
        onKept={onKept}
      >
        {(form) => {
          const printer = printerList.find((p) => p.id === form.texts.printer)
          return (
            <>
              <Choice label="Printer" at="printer" all={printerList} away="printers" form={form} onAdd={setAdding} />
              <Choice label="Filament" at="filament" all={filamentList} away="filaments" form={form} onAdd={setAdding} />
              <label className="flex flex-col gap-1">
                <span className="font-semibold">Nozzle</span>
                <select className="select w-full" value={form.texts.nozzle ?? ''} onChange={(e) => form.set('nozzle', e.target.value)}>
                  {!printer?.nozzles.includes(Number(form.texts.nozzle)) && <option value={form.texts.nozzle ?? ''}>choose</option>}
                  {printer?.nozzles.map((n) => (
                    <option key={n} value={String(n)}>
                      {n} mm
                    </option>
                  ))}
                </select>
                {form.problemAt('nozzle') && <ProblemNote problem={form.problemAt('nozzle')!} />}
              </label>
              <Figures {...form} fields={own} usual={usual} />
              <Folded title="How sizes come out" isWrong={surfaceLabels(forms).some((f) => form.problemAt(f.key))}>
                <Allowances {...form} forms={forms} />
              </Folded>
              <Folded title="Speeds of its own" isWrong={pace.some((f) => form.problemAt(f.key))}>
                <p className="quiet mb-2">Left empty, it goes as {printer?.name ?? 'its printer'} does.</p>
                <Figures {...form} fields={pace} usual={printer ? toTexts({ pace: printer.pace }) : {}} />
              </Folded>
            </>
          )
        }}
      </KeptSheet>
      {adding?.at === 'printer' && <PrinterSheet {...onAdded} />}
      {adding?.at === 'filament' && <FilamentSheet {...onAdded} />}
    </>
  )
}

/** What is entered on the way, and what is done with it. */
type Adding = { readonly at: 'printer' | 'filament'; readonly choose: (id: string) => void }

type ChoiceProps = {
  readonly label: string
  readonly at: Adding['at']
  readonly all: readonly Kept[]
  readonly away: 'printers' | 'filaments'
  readonly form: FormProps
  readonly onAdd: (adding: Adding) => void
}

/** Chooses one of the kept ones, or enters another on the way. */
function Choice({ label, at, all, away, form, onAdd }: ChoiceProps) {
  const { isAway } = useAway(away)
  const chosen = form.texts[at]
  const choose = (id: string) => form.set(at, id)
  const problem = form.problemAt(at)
  return (
    <label className="flex flex-col gap-1">
      <span className="font-semibold">{label}</span>
      <select
        className="select w-full"
        value={chosen}
        onChange={(e) => (e.target.value === '' ? onAdd({ at, choose }) : choose(e.target.value))}
      >
        {all
          .filter((k) => k.id === chosen || !isAway(k.id))
          .map((k) => (
            <option key={k.id} value={k.id}>
              {k.name}
            </option>
          ))}
        <option value="">Another {at}…</option>
      </select>
      {problem && <ProblemNote problem={problem} />}
    </label>
  )
}

const surfaceLabels = (forms: SettingForms) =>
  forms.surfaces.flatMap((s) =>
    forms.allowance.map((f) => ({ ...f, key: `allowances.${s.key}.${f.key}`, label: `${s.words}: ${f.label}` })),
  )

/** How each kind of surface comes out: what is drawn more than it prints, how well that is known, and how much prints differ. */
function Allowances({ forms, texts, set, problemAt }: FormProps & { readonly forms: SettingForms }) {
  return (
    <table className="table">
      <thead>
        <tr>
          <th>Surface</th>
          {forms.allowance.map((f) => (
            <th key={f.key} className="whitespace-normal">
              {f.label}, {f.unit}
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {forms.surfaces.map((s) => (
          <tr key={s.key}>
            <th className="font-normal">{s.words}</th>
            {forms.allowance.map((f) => {
              const key = `allowances.${s.key}.${f.key}`
              const problem = problemAt(key)
              return (
                <td key={key} className="px-1">
                  <input
                    className="input figure w-20"
                    aria-label={`${s.words}: ${f.label}, ${f.unit}`}
                    aria-invalid={problem !== undefined}
                    value={texts[key] ?? ''}
                    placeholder={toTexts(s.usual)[f.key]}
                    onChange={(e) => set(key, e.target.value)}
                  />
                  {problem && <ProblemNote problem={problem} />}
                </td>
              )
            })}
          </tr>
        ))}
      </tbody>
    </table>
  )
}
