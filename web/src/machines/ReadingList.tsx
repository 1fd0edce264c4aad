import { useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { refreshReadings } from '@/api/refresh'
import type { DimensionView, ReadingView } from '@/api/types'
import { Figure, QuantityFigure } from '@/ui/Figure'
import { StrikeForm } from '@/ui/StrikeForm'

/** The readings of a dimension, and what they say together. */
export function ReadingList({ dimension }: { readonly dimension: DimensionView }) {
  const [why, setWhy] = useState(false)
  if (dimension.readings.length === 0) return <p className="quiet">Nothing read yet.</p>
  return (
    <div className="flex flex-col gap-2">
      {dimension.size && (
        <p className="flex items-center gap-3 text-xl">
          <QuantityFigure quantity={dimension.size} />
          <span className="quiet text-base leading-tight">
            <span className="figure">± {dimension.size.spread ?? '0'}</span>
          </span>
          <button className="btn btn-ghost btn-sm" aria-expanded={why} onClick={() => setWhy(!why)}>
            why?
          </button>
        </p>
      )}
      {why && <p className="quiet text-sm">{certainty(dimension.freedom)}</p>}
      {dimension.roundness && <p>{dimension.roundness}</p>}
      {dimension.warning && <p className="text-warning">{dimension.warning}</p>}
      <ul aria-label={`Readings of ${dimension.label}`}>
        {dimension.readings.map((reading) => (
          <Row key={reading.id} reading={reading} />
        ))}
      </ul>
    </div>
  )
}

/** What stands behind a spread: twice the standard deviation, and how well that is itself known. */
const certainty = (freedom: number | null) =>
  `Twice the standard deviation (k = 2)${freedom === null ? ', taken as given.' : `, known as well as ${freedom} degrees of freedom tell it.`}`

function Row({ reading }: { readonly reading: ReadingView }) {
  const [asking, setAsking] = useState(false)
  const client = useQueryClient()
  const struck = reading.struckBecause !== null
  return (
    <li className="border-base-300 flex min-h-11 flex-wrap items-center gap-3 border-b py-1">
      <span className={struck ? 'line-through opacity-60' : ''}>
        <Figure metric={reading.metric} inches={reading.inches} />
      </span>
      <span className="quiet min-w-32 flex-1 text-sm">
        {reading.text} with the {reading.instrument}
        {reading.direction !== null && ` at ${reading.direction}°`}
        {reading.remark && `, ${reading.remark}`}
        {struck && `; struck out: ${reading.struckBecause}`}
      </span>
      {!struck && !asking && (
        <button className="btn btn-ghost btn-sm" onClick={() => setAsking(true)} aria-label={`Strike out ${reading.text}`}>
          Strike out
        </button>
      )}
      {asking && (
        <StrikeForm path={`/api/readings/${reading.id}/strikes`} onStruck={() => refreshReadings(client)} onDone={() => setAsking(false)} />
      )}
    </li>
  )
}
