import type { PartState, TakenFrom } from '@/api/types'

/** One decision of a part: where it stands, and what it says. */
type Decisions = ReadonlyMap<string, unknown>

const decisions = (state: PartState): Decisions =>
  new Map<string, unknown>([
    ...Object.entries(state.parameters).map(([key, entry]) => [`parameter/${key}`, entry] as const),
    ...Object.entries(state.interfaces).map(([slot, id]) => [`place/${slot}`, id] as const),
    ['process', state.process],
    ...Object.entries(state.takes).map(([slot, from]) => [`taken/${slot}`, from] as const),
    ...Object.entries(state.setups).map(([key, id]) => [`setup/${key}`, id] as const),
    ['row', state.row?.length ? state.row : null],
  ])

const asState = (all: Decisions): PartState => {
  const under = <T = string>(sort: string) =>
    Object.fromEntries(
      [...all]
        .filter(([at, value]) => at.startsWith(`${sort}/`) && value !== undefined)
        .map(([at, v]) => [at.slice(sort.length + 1), v as T]),
    )
  return {
    parameters: under('parameter'),
    interfaces: under('place'),
    process: all.get('process') as string,
    takes: under<TakenFrom>('taken'),
    setups: under('setup'),
    row: all.get('row') as PartState['row'],
  }
}

const same = (a: unknown, b: unknown) => JSON.stringify(a) === JSON.stringify(b)

/** Whether two states decide the same. */
export const sameState = (a: PartState, b: PartState) =>
  [...new Set([...decisions(a).keys(), ...decisions(b).keys()])].every((at) => same(decisions(a).get(at), decisions(b).get(at)))

export type Merged = {
  readonly state: PartState
  /** What both changed, each to something else: `parameter/wall`, `place/first`, `process`. */
  readonly clashes: readonly string[]
}

/** Joins what two people made of one state: what only one changed is taken from them, what both changed from the preferred. */
export function merged(base: PartState, mine: PartState, theirs: PartState, prefer: 'mine' | 'theirs'): Merged {
  const [from, left, right] = [decisions(base), decisions(mine), decisions(theirs)]
  const all = [...new Set([...from.keys(), ...left.keys(), ...right.keys()])].map((at) => {
    const [was, here, there] = [from.get(at), left.get(at), right.get(at)]
    const clash = !same(here, was) && !same(there, was) && !same(here, there)
    const value = clash ? (prefer === 'mine' ? here : there) : same(here, was) ? there : here
    return { at, value, clash }
  })
  return { state: asState(new Map(all.map((d) => [d.at, d.value]))), clashes: all.filter((d) => d.clash).map((d) => d.at) }
}
