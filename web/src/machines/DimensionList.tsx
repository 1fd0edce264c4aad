import type { DimensionView, InterfaceView } from '@/api/types'
import { Figure } from '@/ui/Figure'
import { counting } from './nextDimension'

export type DimensionListProps = { readonly place: InterfaceView; readonly chosen: string; readonly onChoose: (key: string) => void }

/** Every dimension of a place; the drawing shows the same ones where there is room. */
export function DimensionList({ place, chosen, onChoose }: DimensionListProps) {
  return (
    <ul className="grid grid-cols-1 gap-x-4 @xl:grid-cols-2" aria-label={`Dimensions of ${place.name}`}>
      {place.dimensions.map((d) => (
        <li key={d.key} className="border-base-300 border-b">
          <button
            className={`flex min-h-12 w-full items-center justify-between gap-2 rounded px-2 py-1 text-left ${
              d.key === chosen ? 'bg-base-200 font-semibold' : 'hover:bg-base-200'
            }`}
            aria-pressed={d.key === chosen}
            onClick={() => onChoose(d.key)}
          >
            <span className="leading-tight">
              {d.label}
              <span className="quiet block text-sm font-normal">{state(d)}</span>
            </span>
            {d.size && (
              <span className="text-right">
                <Figure metric={d.size.metric} inches={d.size.inches} />
              </span>
            )}
          </button>
        </li>
      ))}
    </ul>
  )
}

function state(d: DimensionView): string {
  const count = counting(d)
  if (count === 0 && d.size) return `by ${d.estimates.map((e) => e.by).join(' and ')}, ± ${d.size.spread ?? '0'}`
  if (count === 0) return d.need === 'needed' ? 'not read yet' : 'helps, not read'
  return `${count} reading${count === 1 ? '' : 's'}${d.size?.spread ? `, ± ${d.size.spread}` : ''}${d.warning ? ', look at it' : ''}`
}
