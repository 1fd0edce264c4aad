import type { Unsent } from './draft'

const key = (part: string) => `draft/${part}`

/** What this browser holds of a part that the notebook has not got. */
export function readUnsent(part: string): Unsent | null {
  try {
    const kept = JSON.parse(localStorage.getItem(key(part)) ?? 'null') as Partial<Unsent> | null
    return kept?.present?.parameters && kept.saved?.parameters && kept.version ? (kept as Unsent) : null
  } catch {
    return null
  }
}

/** Keeps it through a reload of the page; `null` once the notebook has it. A browser that keeps nothing is no reason to stop the work. */
export function keepUnsent(part: string, unsent: Unsent | null): void {
  try {
    if (unsent) localStorage.setItem(key(part), JSON.stringify(unsent))
    else localStorage.removeItem(key(part))
  } catch {
    // Full or forbidden: the page itself still holds the draft.
  }
}
