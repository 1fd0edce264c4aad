import type { SurfaceFit } from '@/api/types'

const [wide, high, left, below, right] = [460, 190, 52, 26, 28]

/** Believed allowance over size, with its band, what was stated, and every try as a point. */
export function FitBandChart({ surface }: { readonly surface: SurfaceFit }) {
  const { band, tries } = surface
  const edges = [0, ...band.flatMap((b) => [b.believed - b.doubt, b.believed + b.doubt, b.stated]), ...tries.map((t) => t.allowance)]
  const [low, top] = [Math.floor(Math.min(...edges) * 10) / 10, Math.ceil(Math.max(...edges) * 10) / 10]
  const [first, last] = [Math.log(band[0]!.size), Math.log(band[band.length - 1]!.size)]
  const x = (size: number) => left + ((Math.min(last, Math.max(first, Math.log(size))) - first) / (last - first)) * (wide - left - right)
  const y = (allowance: number) => 8 + ((top - allowance) / (top - low)) * (high - below - 8)
  const line = (of: (b: SurfaceFit['band'][number]) => number) => band.map((b) => `${x(b.size)},${y(of(b))}`).join(' ')
  const area = `${line((b) => b.believed + b.doubt)} ${[...band]
    .reverse()
    .map((b) => `${x(b.size)},${y(b.believed - b.doubt)}`)
    .join(' ')}`
  return (
    <svg viewBox={`0 0 ${wide} ${high}`} className="figure w-full text-xs" role="img" aria-label={surface.says}>
      <polygon points={area} className="fill-primary/20" />
      <polyline points={line((b) => b.stated)} className="stroke-base-content/60" fill="none" strokeDasharray="5 4" />
      <polyline points={line((b) => b.believed)} className="stroke-primary" fill="none" strokeWidth={2} />
      <line x1={left} x2={wide - right} y1={y(0)} y2={y(0)} className="stroke-base-content/40" />
      {tries.map((t, i) => (
        <circle
          key={i}
          cx={x(t.size)}
          cy={y(t.allowance)}
          r={4}
          className={t.own ? 'fill-accent stroke-accent' : 'stroke-accent fill-none'}
          strokeWidth={1.5}
        >
          <title>{t.says}</title>
        </circle>
      ))}
      {[low, 0, top]
        .filter((v, i, all) => all.indexOf(v) === i)
        .map((v) => (
          <text key={v} x={left - 6} y={y(v) + 4} textAnchor="end" className="fill-base-content">
            {v.toFixed(1).replace('-', '−')}
          </text>
        ))}
      {band
        .filter((_, i) => i % 3 === 0 || i === band.length - 1)
        .map((b) => (
          <text key={b.size} x={x(b.size)} y={high - 8} textAnchor="middle" className="fill-base-content">
            {b.size} mm
          </text>
        ))}
    </svg>
  )
}
