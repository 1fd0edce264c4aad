import type { FitWindow } from '@/api/types'

const [wide, high, side] = [300, 40, 8]

export type WindowBarProps = {
  readonly fit: FitWindow
  /** Least and greatest clearance that the drawing shows, mm. */
  readonly ends: readonly [number, number]
}

/** A window over the clearance: what is printed as a band with its aim, and under it what the word means in metal. */
export function WindowBar({ fit, ends: [low, top] }: WindowBarProps) {
  const x = (clearance: number) => side + ((clearance - low) / (top - low)) * (wide - 2 * side)
  return (
    <svg viewBox={`0 0 ${wide} ${high}`} className="w-full" aria-hidden>
      <line x1={x(0)} x2={x(0)} y1={0} y2={high} className="stroke-base-content/50" strokeDasharray="2 3" />
      <rect
        x={x(fit.least)}
        width={x(fit.greatest) - x(fit.least)}
        y={6}
        height={16}
        className={fit.moved ? 'fill-accent/40' : 'fill-primary/30'}
      />
      <line x1={x(fit.aim)} x2={x(fit.aim)} y1={3} y2={25} className={fit.moved ? 'stroke-accent' : 'stroke-primary'} strokeWidth={3} />
      {fit.metal && (
        <rect
          x={x(fit.metal.least)}
          width={Math.max(2, x(fit.metal.greatest) - x(fit.metal.least))}
          y={29}
          height={6}
          className="fill-base-content/70"
        />
      )}
    </svg>
  )
}
