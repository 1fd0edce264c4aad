import type { LedgerLineView } from '@/api/types'
import { Percent } from './Percent'
import { QuantityFigure } from './Figure'

/** The answer to "why?": reason, formula in names and numbers, inputs with their source, and where the doubt comes from. */
export function Why({ line }: { readonly line: LedgerLineView }) {
  const { quantity } = line
  return (
    <div className="bg-base-200 mb-2 flex flex-col gap-3 rounded-md p-3 text-[15px]" role="region" aria-label={`Why ${quantity.name}`}>
      <p>{line.because}</p>
      {quantity.provenance.kind !== 'derived' && <p>{quantity.provenance.text}</p>}
      {line.inNames && (
        <div className="flex flex-col gap-1">
          <p>= {line.inNames}</p>
          <p className="figure break-words">= {line.inNumbers}</p>
        </div>
      )}
      {line.inputs.length > 0 && (
        <ul aria-label="Inputs">
          {line.inputs.map((input) => (
            <li key={input.name} className="border-base-300 flex flex-wrap items-center justify-between gap-2 border-t py-1">
              <span>
                {input.name}
                {input.provenance.kind !== 'derived' && <span className="quiet block text-sm">{input.provenance.text}</span>}
              </span>
              <QuantityFigure quantity={input} />
            </li>
          ))}
        </ul>
      )}
      {line.shares.length > 0 && <Shares line={line} />}
      {quantity.note && <p className="quiet">{quantity.note}</p>}
    </div>
  )
}

function Shares({ line }: { readonly line: LedgerLineView }) {
  return (
    <div>
      <p className="font-semibold">
        Where the doubt of <span className="figure">± {line.quantity.spread}</span> comes from
      </p>
      <ul aria-label="Shares of the doubt">
        {line.shares.map((share) => (
          <li key={share.source} className="grid grid-cols-[1fr_5rem_3.5rem] items-center gap-2 py-0.5">
            <span className="leading-tight">{share.source}</span>
            <span className="bg-base-300 h-2.5 rounded-sm">
              <span className="bg-accent block h-full rounded-sm" style={{ width: `${share.share * 100}%` }} />
            </span>
            <span className="text-right">
              <Percent share={share.share} />
            </span>
          </li>
        ))}
      </ul>
    </div>
  )
}
