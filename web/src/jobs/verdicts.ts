import type { CheckView, Verdict } from '@/api/types'

const severity: readonly Verdict[] = ['good', 'watch', 'stop']

export const worst = (checks: readonly CheckView[]): Verdict =>
  checks.reduce<Verdict>((so, c) => (severity.indexOf(c.verdict) > severity.indexOf(so) ? c.verdict : so), 'good')

/** Stops first, then watches, then what is good; otherwise in the order of the work. */
export const bySeverity = (checks: readonly CheckView[]): readonly CheckView[] =>
  [...checks].sort((a, b) => severity.indexOf(b.verdict) - severity.indexOf(a.verdict))
