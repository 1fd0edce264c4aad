import type { HomesFound } from '@/api/types'
import { Patterns } from '@/ui/Patterns'
import { useLeading } from '@/ui/leading'
import { reaches, sizes } from './words'

type StoragePictureProps = {
  readonly found: HomesFound
  readonly storage: HomesFound['storages'][number]
  readonly lit: string | null
  readonly onPick: (thing: string) => void
  readonly onChange: () => void
}

/** One drawer or shelf from above, to scale, its front below: what lies in it, and flat fillers for what stays free. */
export function StoragePicture({ found, storage, lit, onPick, onChange }: StoragePictureProps) {
  const { width, depth } = storage
  const { leading } = useLeading()
  const homes = found.plan.homes.filter((h) => h.storage === storage.key)
  const fillers = found.plan.fillers.filter((f) => f.storage === storage.key)
  const name = (key: string) => found.things.find((t) => t.key === key)?.name ?? ''
  const letter = Math.max(width, depth * 1.9) / 46
  return (
    <figure className="bg-base-200 flex flex-col gap-2 rounded-md p-3" aria-label={storage.name}>
      <figcaption className="flex flex-wrap items-baseline justify-between gap-x-4">
        <span className="font-semibold">
          {storage.name} · {reaches[storage.reach]}
        </span>
        <span className="figure flex flex-col leading-tight">
          {sizes([width, depth, storage.height], leading)}
          <span className="quiet text-sm">{sizes([width, depth, storage.height], leading === 'metric' ? 'inch' : 'metric')}</span>
        </span>
        <button className="btn btn-ghost btn-sm" onClick={onChange}>
          Change {storage.name}
        </button>
      </figcaption>
      <svg
        viewBox={`-2 -2 ${width + 4} ${depth + 4}`}
        className="bg-base-100 max-h-96 w-full"
        role="group"
        aria-label={`In ${storage.name}`}
      >
        <Patterns />
        <rect width={width} height={depth} fill="none" stroke="var(--machine)" strokeWidth={letter / 4} />
        {fillers.map((f, i) => (
          <g key={i} transform={`translate(${f.x} ${depth - f.y - f.deep})`}>
            <rect width={f.wide} height={f.deep} fill="none" stroke="var(--part)" strokeDasharray={letter / 2} strokeWidth={letter / 8} />
            <title>{`filler ${sizes([f.wide, f.deep], leading)}`}</title>
            {Math.min(f.wide / 9, f.deep / 1.5) > letter * 0.6 && (
              <text x={letter / 3} y={f.deep - letter / 3} fontSize={Math.min(letter * 0.8, f.wide / 11)} fill="currentColor" opacity="0.8">
                filler {sizes([f.wide, f.deep], leading)}
              </text>
            )}
          </g>
        ))}
        {storage.obstacles.map((o) => (
          <g key={o.name} transform={`translate(${o.x} ${depth - o.y - o.deep})`}>
            <title>{o.name}</title>
            <rect width={o.wide} height={o.deep} fill="var(--machine)" />
          </g>
        ))}
        {homes.map((h) => (
          <g
            key={`${h.thing} ${h.copy}`}
            transform={`translate(${h.x} ${depth - h.y - h.deep})`}
            className="cursor-pointer"
            onClick={() => onPick(h.thing)}
          >
            <rect
              width={h.wide}
              height={h.deep}
              fill={lit === h.thing ? 'var(--part-soft)' : 'url(#stipple)'}
              stroke={lit === h.thing ? 'var(--part)' : 'var(--machine)'}
              strokeWidth={letter / (lit === h.thing ? 3 : 6)}
            />
            <Label name={name(h.thing)} wide={h.wide} deep={h.deep} letter={letter} />
          </g>
        ))}
      </svg>
      <p className="quiet text-sm">
        The front is below.{storage.obstacles.length > 0 && ` Dark: ${storage.obstacles.map((o) => o.name).join(', ')}.`}{' '}
        {homes.length === 1 ? 'One thing' : `${homes.length || 'No'} things`}
        {fillers.length > 0 && '; dashed, flat fillers that fingers still reach over'}
        {homes.length > 0 && `; a mat for it is ${sizes([width - 1, depth - 1], leading)}`}.
      </p>
    </figure>
  )
}

/** The name along the longer side, as large as it fits. */
function Label({
  name,
  wide,
  deep,
  letter,
}: {
  readonly name: string
  readonly wide: number
  readonly deep: number
  readonly letter: number
}) {
  const [along, across] = wide >= deep ? [wide, deep] : [deep, wide]
  const size = Math.min(letter, across * 0.7, (along * 1.7) / Math.max(4, name.length))
  return (
    <text
      transform={`translate(${wide / 2} ${deep / 2})${wide >= deep ? '' : ' rotate(-90)'}`}
      textAnchor="middle"
      dominantBaseline="central"
      fontSize={size}
      fill="currentColor"
      stroke="var(--color-base-100)"
      strokeWidth={size / 4}
      paintOrder="stroke"
    >
      {name}
    </text>
  )
}
