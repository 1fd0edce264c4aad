import type { InterfaceView } from '@/api/types'
import { labelSize } from '@/drawing/calloutLayout'
import { SectionPicture } from '@/drawing/SectionPicture'
import { Figure } from '@/ui/Figure'

export type PlaceDrawingProps = { readonly place: InterfaceView; readonly chosen: string; readonly onChoose: (key: string) => void }

const box = 'bg-base-100 absolute flex flex-col justify-center rounded border px-1.5 text-left'

/** A place as it is drawn; pressing a dimension chooses it for the next reading. To proportion as far as it is read. */
export function PlaceDrawing({ place, chosen, onChoose }: PlaceDrawingProps) {
  return (
    <SectionPicture
      drawing={place.drawing}
      label={`Drawing of ${place.name}`}
      bold={chosen}
      at={({ callout, label }) => {
        const dimension = place.dimensions.find((d) => d.key === callout.line)
        if (!dimension) return null
        return (
          <button
            className={`${box} ${dimension.key === chosen ? 'border-primary border-2' : 'border-base-300'}`}
            style={{ left: label.x - labelSize.width / 2, top: label.y - labelSize.height / 2, ...labelSize }}
            aria-pressed={dimension.key === chosen}
            onClick={() => onChoose(dimension.key)}
          >
            <span className="quiet w-full truncate text-xs">{dimension.label}</span>
            {dimension.size ? (
              <Figure metric={dimension.size.metric} inches={dimension.size.inches} />
            ) : (
              <span className="quiet">{dimension.need === 'needed' ? 'not read' : 'may be read'}</span>
            )}
          </button>
        )
      }}
    />
  )
}
