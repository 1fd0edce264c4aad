import type { HomesFound } from '@/api/types'

type HomeListProps = {
  readonly found: HomesFound
  readonly lit: string | null
  readonly onPick: (thing: string | null) => void
  readonly onChange: (thing: string) => void
}

/** Every thing with its home; opened, why it is there. */
export function HomeList({ found, lit, onPick, onChange }: HomeListProps) {
  const { plan, storages, things } = found
  const homeOf = (thing: string) => {
    const names = storages.filter((s) => plan.homes.some((h) => h.thing === thing && h.storage === s.key)).map((s) => s.name)
    const lacking = plan.homeless[thing] ?? 0
    return [...names, ...(lacking > 0 ? [names.length > 0 ? `no home for ${lacking} more` : 'no home'] : [])].join(', ')
  }
  return (
    <ul aria-label="Things" className="flex flex-col">
      {things.map((t) => (
        <li key={t.key} className="border-base-300 border-b">
          <button
            className="flex min-h-11 w-full flex-wrap items-center justify-between gap-x-4 py-2 text-left"
            aria-expanded={lit === t.key}
            onClick={() => onPick(lit === t.key ? null : t.key)}
          >
            <span className="font-semibold">
              {t.count > 1 && <span className="figure">{t.count} × </span>}
              {t.name}
            </span>
            <span className={plan.homeless[t.key] ? 'text-error font-semibold' : 'quiet'}>{homeOf(t.key)}</span>
          </button>
          {lit === t.key && (
            <div className="flex flex-col gap-1 pb-3">
              {plan.why[t.key]?.map((says) => (
                <p key={says}>{says}</p>
              ))}
              <button className="btn btn-outline btn-sm w-fit" onClick={() => onChange(t.key)}>
                Change {t.name}
              </button>
            </div>
          )}
        </li>
      ))}
    </ul>
  )
}
