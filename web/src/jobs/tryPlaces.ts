import type { FamilyView, Feel, RevisionView, SeatView, TryRequest } from '@/api/types'

/** Under which a part is tried for what it must do. */
export const wholePart = 'part'

/** Where something can be tried. */
export type TryPlace = { readonly slot: string; readonly label: string }

const feels: readonly Feel[] = ['willNotStart', 'needsForce', 'firmByHand', 'slides', 'rattles']

/** What a try says, in words of its own. */
export type TryWordChoice = { readonly says: string; readonly entry: Pick<TryRequest, 'feel' | 'word'> }

const slotOf = (key: string) => key.split('@')[0]!

/** The key of a proof of a slot: "first@2" is proved by "ring-first@2". */
const proof = (sort: 'ring' | 'ladder', key: string) => `${sort}-${key}`

/** Where a revision can be tried: every seat that was printed, ring by ring where its ladder was, and the part for what it must do. */
export function tryPlaces(revision: RevisionView, seats: readonly SeatView[]): readonly TryPlace[] {
  const name = (key: string) => revision.names[key] ?? seats.find((s) => s.slot === slotOf(key))?.name ?? 'the seat'
  const rung = (key: string) => seats.find((s) => s.slot === slotOf(key))?.words.rung ?? 'ring'
  const inSeats = revision.slots
    .filter((key) => !key.includes('#'))
    .flatMap((key) => {
      const member = key.slice(slotOf(key).length)
      const whole = revision.printed.some((b) => b === `part${member}` || b === proof('ring', key))
      const rungs = revision.printed.includes(proof('ladder', key)) ? revision.slots.filter((s) => s.startsWith(`${key}#`)) : []
      return [
        ...(whole ? [{ slot: key, label: name(key) }] : []),
        ...rungs.map((slot) => ({ slot, label: `${rung(key)} ${slot.split('#')[1]}, ${name(key)}` })),
      ]
    })
  return [...inSeats, { slot: wholePart, label: 'what it must do' }]
}

/** The words for a place: those of its joint, or of the family for the whole part. */
export function tryWords(slot: string, seats: readonly SeatView[], family: FamilyView): readonly TryWordChoice[] {
  if (slot === wholePart) return family.words.map((w) => ({ says: w.says, entry: { feel: null, word: w.key } }))
  const words = seats.find((s) => s.slot === seatOf(slot))?.words.feels ?? plain
  return feels.map((feel, i) => ({ says: words[i]!, entry: { feel, word: null } }))
}

/** For a joint that cannot be computed as things stand. */
const plain = ['will not start', 'needs force', 'firm by hand', 'slides', 'rattles']

/** A slot without the member of a row and the ring of a ladder: "first" of "first@3#2". */
export const seatOf = (slot: string) => slot.split(/[@#]/)[0]!

/** The first seat that nobody has tried yet, or what it must do once all are. */
export const firstUntried = (revision: RevisionView, places: readonly TryPlace[]) =>
  (places.find((p) => !revision.tries.some((t) => t.struckBecause === null && t.slot.split('#')[0] === p.slot.split('#')[0])) ?? places[0]!)
    .slot
