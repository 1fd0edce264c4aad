import type { QuantityView } from '@/api/types'
import { ProvenanceMark } from './ProvenanceMark'
import { useLeading } from './leading'

export type FigureProps = { readonly metric: string; readonly inches: string | null }

/** A size in both unit systems, the leading one large. */
export function Figure({ metric, inches }: FigureProps) {
  const { leading } = useLeading()
  const [first, second] = inches && leading === 'inch' ? [inches, metric] : [metric, inches]
  return (
    <span className="figure inline-flex flex-col leading-tight">
      <span className="text-[1.15em] font-semibold whitespace-nowrap">{first}</span>
      {second && (
        <span className={`quiet whitespace-nowrap ${second.length > 20 ? 'text-[0.6em] tracking-tight' : 'text-[0.68em]'}`}>{second}</span>
      )}
    </span>
  )
}

/** A quantity with its provenance mark and both units. */
export function QuantityFigure({ quantity }: { readonly quantity: QuantityView }) {
  return (
    <span className="inline-flex items-center gap-2">
      <ProvenanceMark kind={quantity.provenance.kind} />
      <Figure metric={quantity.metric} inches={quantity.inches} />
    </span>
  )
}
