import type { RevisionView } from '@/api/types'
import { wholePart } from './tryPlaces'

export const capital = (text: string) => text.replace(/^./, (c) => c.toUpperCase())

/** What was printed, in the words of the part: "ring of the first end and ring of the second end". */
export const printedInWords = (revision: Pick<RevisionView, 'printed' | 'names'>) =>
  revision.printed.map((key) => revision.names[key] ?? (key.startsWith(wholePart) ? 'the part' : 'a proof')).join(' and ')

/** Where something was tried: "ring 2, ceiling hose". */
export function slotInWords(slot: string, revision: Pick<RevisionView, 'names'>): string {
  if (slot === wholePart) return 'the part'
  const [at = '', rung] = slot.split('#')
  const name = revision.names[at] ?? 'the seat'
  return rung ? `number ${rung} of the ladder, ${name}` : name
}
