import { useQuery } from '@tanstack/react-query'
import { settingForms } from '@/api/queries'
import type { Printer } from '@/api/types'
import { Field } from '@/ui/Field'
import { Figures, Folded, KeptSheet } from './KeptSheet'
import { fromTexts, lengths, toTexts, type Texts } from './formTexts'

export type PrinterSheetProps = {
  readonly printer?: Printer | undefined
  readonly start?: Texts
  readonly onClose: () => void
  readonly onKept?: (printer: Printer) => void
}

/** A printer: its bed, its nozzles, when somebody is at it, and how fast it works. */
export function PrinterSheet({ printer, start, onClose, onKept }: PrinterSheetProps) {
  const forms = useQuery(settingForms).data
  if (!forms) return null
  const figures = new Set(forms.printer.map((f) => f.key))
  const usual = toTexts(forms.usualPrinter)
  const [own, pace] = [forms.printer.filter((f) => !f.key.startsWith('pace.')), forms.printer.filter((f) => f.key.startsWith('pace.'))]
  return (
    <KeptSheet<Printer>
      path="printers"
      called="printer"
      kept={printer}
      {...(start ? { start } : {})}
      labels={[...forms.printer, { key: 'nozzles', label: 'Nozzles', unit: 'mm' }]}
      body={(texts) => ({ ...fromTexts(texts, figures), nozzles: lengths(texts.nozzles ?? usual.nozzles ?? '') })}
      onClose={onClose}
      onKept={onKept}
    >
      {(form) => (
        <>
          <Field
            label="Nozzles, mm"
            value={form.texts.nozzles ?? ''}
            onChange={(text) => form.set('nozzles', text)}
            placeholder={usual.nozzles ?? ''}
            problem={form.problemAt('nozzles')}
          />
          <Figures {...form} fields={own} usual={usual} />
          <Folded title="Speeds, power and price" isWrong={pace.some((f) => form.problemAt(f.key))}>
            <Figures {...form} fields={pace} usual={usual} />
          </Folded>
        </>
      )}
    </KeptSheet>
  )
}
