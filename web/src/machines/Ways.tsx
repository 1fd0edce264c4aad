import type { DimensionView } from '@/api/types'

export type WaysProps = { readonly dimension: DimensionView; readonly onChoose: (key: string) => void }

/** Before measuring: what each way would give with the instruments at hand. Afterwards: what each way says. */
export function Ways({ dimension, onChoose }: WaysProps) {
  const several = dimension.ways.length > 1
  return (
    <div className="flex flex-col gap-3">
      {dimension.estimates.length > 0 && (
        <ul aria-label={`What each way says of ${dimension.label}`}>
          {dimension.estimates.map((e) => (
            <li key={e.by} className="border-base-300 flex justify-between gap-3 border-b py-1">
              <span>{e.by}</span>
              <span className="figure">
                {e.quantity.metric} <span className="quiet">± {e.quantity.spread ?? '0'}</span>
              </span>
            </li>
          ))}
        </ul>
      )}
      {several && (
        <section aria-label={`Ways to ${dimension.label}`} className="flex flex-col gap-1">
          <h3 className="font-semibold">Ways to it with what is at hand</h3>
          {dimension.ways.map((way, i) => (
            <button
              key={way.by}
              className="hover:bg-base-200 flex min-h-11 items-center justify-between gap-3 rounded px-2 text-left"
              onClick={() => onChoose(way.readings[0]!.dimension)}
            >
              <span className="leading-tight">
                {way.by}
                {i === 0 && <span className="text-primary font-semibold"> · sharpest</span>}
                <span className="quiet block text-sm">{way.readings.map((r) => `${r.label}: ${r.instrumentName}`).join('; ')}</span>
              </span>
              <span className="figure shrink-0">± {way.spread}</span>
            </button>
          ))}
        </section>
      )}
    </div>
  )
}
