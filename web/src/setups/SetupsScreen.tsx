import { useQuery } from '@tanstack/react-query'
import { filaments, printers, processes, setups, settingForms } from '@/api/queries'
import type { Filament, Printer, Setup } from '@/api/types'
import { FilamentSheet } from './FilamentSheet'
import { KeptList } from './KeptList'
import { PrinterSheet } from './PrinterSheet'
import { SetupSheet } from './SetupSheet'
import { toTexts } from './formTexts'

/** What the workshop prints with: setups, and the printers and filaments they are made of. */
export function SetupsScreen() {
  const forms = useQuery(settingForms).data
  const called = new Map((useQuery(processes).data ?? []).map((p) => [p.id, `${p.printer}, ${p.material}`]))
  const copied = (kept: { readonly name: string }) => ({ ...toTexts(kept), name: `${kept.name} 2` })
  return (
    <div className="mx-auto flex w-full max-w-6xl flex-col gap-10 p-6">
      <KeptList<Setup>
        title="Setups"
        path="setups"
        thing="processes"
        called="setup"
        query={setups}
        empty="There is no setup yet. A part is printed with one: a printer, a filament, a nozzle."
        says={(s) =>
          `${called.get(s.id) ?? ''}, nozzle ${mm(s.nozzle)}, lines ${mm(s.lineWidth)}, layers ${mm(s.layerHeight)}, ${s.walls} walls`
        }
        sheet={(setup, copy, onClose) => <SetupSheet {...(copy ? { start: copied(copy) } : { setup })} onClose={onClose} />}
      />
      <div className="grid gap-10 lg:grid-cols-2">
        <KeptList<Printer>
          title="Printers"
          path="printers"
          thing="printers"
          called="printer"
          query={printers}
          empty="There is no printer yet."
          says={(p) =>
            [
              `bed ${p.bedWidth} × ${mm(p.bedDepth)}, ${mm(p.buildHeight)} high`,
              `nozzles ${mm(p.nozzles.join(', '))}`,
              `somebody is there from ${p.hours.from} to ${p.hours.to} o'clock`,
            ].join('; ')
          }
          sheet={(printer, copy, onClose) => <PrinterSheet {...(copy ? { start: copied(copy) } : { printer })} onClose={onClose} />}
        />
        <KeptList<Filament>
          title="Filaments"
          path="filaments"
          thing="filaments"
          called="filament"
          query={filaments}
          empty="There is no filament yet."
          says={(f) =>
            [
              forms?.classes.find((c) => c.key === f.class)?.words,
              `${f.density}\u00a0g/cm³`,
              f.warmest !== null && `carries load up to ${f.warmest}\u00a0°C`,
              f.dryingHeat !== null && f.dryingHours !== null && `dried ${f.dryingHours}\u00a0h at ${f.dryingHeat}\u00a0°C`,
            ]
              .filter(Boolean)
              .join(', ')
          }
          sheet={(filament, copy, onClose) => <FilamentSheet {...(copy ? { start: copied(copy) } : { filament })} onClose={onClose} />}
        />
      </div>
    </div>
  )
}

/** A length that does not part from its unit at the end of a line. */
const mm = (length: number | string) => `${length}\u00a0mm`
