import type { BedfulView, PlacementView } from '@/api/types'
import { Patterns } from '@/ui/Patterns'

export type BedfulPictureProps = { readonly bedful: BedfulView; readonly number: number; readonly label: (piece: PlacementView) => string }

/** What marks the bodies of one member that are not the part itself. */
const marks: Readonly<Record<string, string>> = { inlay: ' letters', second: ' other' }

/** One bed from above, to scale, with what it takes and which spool to put on. */
export function BedfulPicture({ bedful, number, label }: BedfulPictureProps) {
  const { width, depth, placements } = bedful
  return (
    <figure className="bg-base-200 flex flex-col gap-2 rounded-md p-3" aria-label={`Bedful ${number}`}>
      <figcaption className="flex flex-wrap items-baseline justify-between gap-2">
        <span className="font-semibold">
          Bedful {number} · {bedful.setup}
          {bedful.group && ` · ${bedful.group}`}
        </span>
        <span className="figure">
          {bedful.time} · {bedful.mass}
        </span>
      </figcaption>
      <svg
        viewBox={`-2 -2 ${width + 4} ${depth + 4}`}
        className="bg-base-100 max-h-72 w-full"
        role="img"
        aria-label={`${placements.length} piece${placements.length === 1 ? '' : 's'} on the bed`}
      >
        <Patterns />
        <rect width={width} height={depth} fill="none" stroke="var(--machine)" strokeWidth="1.2" />
        {placements.map((p, i) => (
          <g key={i} transform={`translate(${p.x} ${depth - p.y - p.depth})`}>
            <rect width={p.width} height={p.depth} fill="var(--part)" fillOpacity="0.25" stroke="var(--part)" strokeWidth="0.8" />
            <text
              x={p.width / 2}
              y={p.depth / 2}
              textAnchor="middle"
              dominantBaseline="central"
              fontSize={Math.min(9, Math.min(p.width, p.depth) * 0.5)}
              fill="currentColor"
            >
              {`${label(p)}${marks[p.body] ?? ''}`}
            </text>
          </g>
        ))}
      </svg>
      <p className="figure quiet text-sm">
        {when(bedful.starts)} to {when(bedful.ends)}
      </p>
      <p className={bedful.warns ? 'text-warning font-semibold' : ''}>{bedful.says}</p>
    </figure>
  )
}

const when = (moment: string) => new Date(moment).toLocaleString('en-GB', { weekday: 'short', hour: '2-digit', minute: '2-digit' })
