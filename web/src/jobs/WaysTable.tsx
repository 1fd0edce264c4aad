import type { WaysView, WayView } from '@/api/types'
import { useWork } from './useWork'

export type WaysTableProps = { readonly ways: WaysView; readonly of?: string | undefined }

const rows: readonly (readonly [string, (way: WayView) => string])[] = [
  ['hangs out', (w) => `${w.overhang.toFixed(0)} mm²`],
  ['hangs furthest', (w) => `${w.reach.toFixed(1)} mm`],
  ['furthest bridge', (w) => `${w.bridge.toFixed(1)} mm`],
  ['begins in the air', (w) => `${w.islands.toFixed(0)} mm²`],
  ['first layer', (w) => `${w.firstLayer.toFixed(0)} mm²`],
  ['height over foot', (w) => w.lever.toFixed(1)],
  ['height', (w) => `${w.height.toFixed(1)} mm`],
  ['fits the printer', (w) => (w.fits ? 'yes' : 'no')],
  ['time', (w) => w.time],
  ['mass', (w) => w.mass],
]

/** Every way up side by side, the better one named; what to do before supports. */
export function WaysTable({ ways, of }: WaysTableProps) {
  const work = useWork()
  const better = ways.ways.find((w) => w.key === ways.better)
  const chosen = ways.ways.find((w) => w.key === ways.chosen)
  return (
    <section aria-label="Ways up" className="flex flex-col gap-3">
      <p className="text-lg">
        <span className="font-semibold">Better way up{of && ` of the ${of}`}.</span> {ways.reason}
      </p>
      <div className="overflow-x-auto" role="region" tabIndex={0} aria-label="The ways compared">
        <table className="w-full text-sm">
          <thead>
            <tr>
              <th />
              {ways.ways.map((w) => (
                <th key={w.key} className="px-1 text-right align-bottom leading-tight">
                  {w.name}
                  {w.key === ways.chosen && <span className="text-primary block">chosen</span>}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {rows.map(([name, show]) => (
              <tr key={name} className="border-base-300 border-t">
                <th className="py-1 text-left leading-tight font-normal">{name}</th>
                {ways.ways.map((w) => (
                  <td
                    key={w.key}
                    className={`figure px-1 text-right text-[13px] whitespace-nowrap ${w.key === ways.better ? 'font-semibold' : ''}`}
                  >
                    {show(w)}
                  </td>
                ))}
              </tr>
            ))}
          </tbody>
        </table>
      </div>
      {ways.ways.map((w) => (
        <p key={w.key}>
          <span className="font-semibold">{w.name}:</span> {w.lines} <span className="quiet">{w.seam}</span>
        </p>
      ))}
      <div className="flex flex-wrap gap-2">
        {better && ways.chosen !== ways.better && (
          <button className="btn btn-outline btn-primary" onClick={() => work.editing.set({ [ways.by]: ways.better })}>
            Print it {better.name}
          </button>
        )}
        {chosen && <BeforeSupports way={chosen} />}
      </div>
    </section>
  )
}

/** A wider foot for what is easily knocked over, ribs for what hangs out, pads for what may come loose. */
function BeforeSupports({ way }: { readonly way: WayView }) {
  const work = useWork()
  const offers: readonly (readonly [string, string, boolean])[] = [
    ['foot', 'Give it a wider foot', way.lever > 2],
    ['pads', 'Give it four pads', way.firstLayer < 300],
    ['ribs', 'Give it thin ribs', way.overhang > 20 && way.key !== 'side'],
  ]
  const now = work.editing.draft.present.parameters.steady ?? 'none'
  const known = work.family.parameters.find((p) => p.key === 'steady')?.options ?? []
  return offers
    .filter(([key, , helps]) => helps && now !== key && known.some((o) => o.key === key))
    .map(([key, label]) => (
      <button key={key} className="btn btn-outline btn-primary" onClick={() => work.editing.set({ steady: key })}>
        {label}
      </button>
    ))
}
