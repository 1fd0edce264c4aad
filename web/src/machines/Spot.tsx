import type { CSSProperties } from 'react'
import type { DimensionView } from '@/api/types'
import { Figure } from '@/ui/Figure'

export type SpotProps = {
  readonly dimension: DimensionView
  readonly at: CSSProperties | undefined
  readonly chosen: boolean
  readonly onChoose: (key: string) => void
}

/** A dimension on a drawing; pressed it is read next. */
export function Spot({ dimension, at, chosen, onChoose }: SpotProps) {
  return (
    <button
      className={`bg-base-100 absolute flex min-h-14 min-w-32 flex-col items-start rounded border px-2 py-1 text-left ${chosen ? 'border-primary border-2' : 'border-base-300'}`}
      style={at}
      aria-pressed={chosen}
      onClick={() => onChoose(dimension.key)}
    >
      <span className="quiet text-xs">{dimension.label}</span>
      {dimension.size ? <Figure metric={dimension.size.metric} inches={dimension.size.inches} /> : <span className="quiet">not read</span>}
    </button>
  )
}
