import type { Verdict } from '@/api/types'

const rings: Readonly<
  Record<Verdict, { readonly words: string; readonly tone: string; readonly inner: readonly [number, number, number] }>
> = {
  good: { words: 'good', tone: 'text-success', inner: [12, 12, 6] },
  watch: { words: 'watch', tone: 'text-warning', inner: [14.5, 14.5, 5] },
  stop: { words: 'stop', tone: 'text-error', inner: [18, 12, 6.5] },
}

/** A ring in a ring: seated is good, off centre is watch, crossing is stop. */
export function VerdictMark({ verdict }: { readonly verdict: Verdict }) {
  const { words, tone, inner } = rings[verdict]
  return (
    <svg viewBox="0 0 27 24" className={`h-6 w-7 shrink-0 ${tone}`} role="img" aria-label={words}>
      <circle cx="12" cy="12" r="9.5" fill="none" stroke="currentColor" strokeWidth="3" />
      <circle cx={inner[0]} cy={inner[1]} r={inner[2]} fill="none" stroke="currentColor" strokeWidth="3" />
    </svg>
  )
}
