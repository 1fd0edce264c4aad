import type { FamilyView, Part, PartState, TakenFrom, TakenSlot } from '@/api/types'

/** A thing that a part of the job gives, as it is called. */
export type Offer = TakenFrom & { readonly name: string }

/** What some parts give that a slot can take: "labelled pull: holes". */
export const offersOf = (parts: readonly Part[], families: readonly FamilyView[], slot: TakenSlot): readonly Offer[] =>
  parts.flatMap((part) =>
    (families.find((f) => f.key === part.family)?.gives ?? [])
      .filter((thing) => thing.kind === slot.kind)
      .map((thing) => ({ part: part.id, thing: thing.key, name: `${part.name}: ${thing.label}` })),
  )

/** What is taken, with one slot changed or left. */
export const withTaken = (takes: PartState['takes'], slot: string, from: TakenFrom | undefined): PartState['takes'] => {
  const rest = Object.fromEntries(Object.entries(takes).filter(([key]) => key !== slot))
  return from ? { ...rest, [slot]: { part: from.part, thing: from.thing } } : rest
}
