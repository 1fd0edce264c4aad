import type { Part, PartState } from '@/api/types'
import { merged, sameState } from './merge'

/** A part as it is being worked on: what stands, what undo takes back, and what the notebook holds. */
export type Draft = {
  readonly present: PartState
  readonly past: readonly PartState[]
  readonly future: readonly PartState[]
  readonly saved: PartState
  readonly version: number
  /** What somebody else saved meanwhile of the very same things; nothing is sent until the maker has chosen. */
  readonly theirs: Part | null
  /** What the notebook would not take, and why; it is not sent again as it is. */
  readonly refused: { readonly state: PartState; readonly because: string } | null
  readonly lastChange: { readonly key: string; readonly at: number } | null
}

export type DraftEvent =
  | { readonly type: 'changed'; readonly state: PartState; readonly key: string; readonly at: number }
  | { readonly type: 'entered'; readonly entries: Readonly<Record<string, string>>; readonly member: number; readonly at: number }
  | { readonly type: 'undone' }
  | { readonly type: 'redone' }
  | { readonly type: 'saved'; readonly state: PartState; readonly version: number }
  | { readonly type: 'found'; readonly theirs: Part }
  | { readonly type: 'refused'; readonly state: PartState; readonly because: string }
  | { readonly type: 'settled'; readonly keep: 'mine' | 'theirs' }

/** Steps of one value closer together than this are one step of undo, ms. */
const sameGesture = 900

/** What this browser keeps of a draft that the notebook has not got yet. */
export type Unsent = Pick<Draft, 'present' | 'saved' | 'version'>

/** Starts from what the notebook holds, with what was not sent before; undo reaches back to the states before it. */
export function startDraft(part: Part, earlier: readonly PartState[] = [], unsent: Unsent | null = null): Draft {
  const kept = {
    present: part.state,
    past: earlier,
    future: [],
    saved: part.state,
    version: part.version,
    theirs: null,
    refused: null,
    lastChange: null,
  }
  return unsent ? draftReducer({ ...kept, ...unsent, past: [...earlier, unsent.saved] }, { type: 'found', theirs: part }) : kept
}

export function draftReducer(draft: Draft, event: DraftEvent): Draft {
  switch (event.type) {
    case 'changed': {
      const last = draft.lastChange
      const joins = last !== null && last.key === event.key && event.at - last.at < sameGesture
      const past = joins ? draft.past : [...draft.past, draft.present]
      return { ...draft, present: event.state, past, future: [], lastChange: { key: event.key, at: event.at } }
    }
    // Into what stands when the answer comes, not into what stood when it was asked for.
    case 'entered': {
      const state = withEntries(draft.present, event.entries, event.member)
      return draftReducer(draft, { type: 'changed', state, key: Object.keys(event.entries).join(), at: event.at })
    }
    case 'undone': {
      const before = draft.past.at(-1)
      if (!before) return draft
      return { ...draft, present: before, past: draft.past.slice(0, -1), future: [draft.present, ...draft.future], lastChange: null }
    }
    case 'redone': {
      const [next, ...future] = draft.future
      if (!next) return draft
      return { ...draft, present: next, past: [...draft.past, draft.present], future, lastChange: null }
    }
    case 'saved':
      return { ...draft, saved: event.state, version: event.version, refused: null }
    // What only one of two changed is joined; what both changed is asked about.
    case 'found': {
      if (event.theirs.version <= draft.version) return draft
      const { state, clashes } = merged(draft.saved, draft.present, event.theirs.state, 'mine')
      if (clashes.length > 0) return { ...draft, theirs: event.theirs }
      const past = sameState(state, draft.present) ? draft.past : [...draft.past, draft.present]
      return { ...draft, present: state, past, saved: event.theirs.state, version: event.theirs.version, lastChange: null }
    }
    case 'refused':
      return { ...draft, refused: { state: event.state, because: event.because } }
    case 'settled': {
      if (!draft.theirs) return draft
      const { state } = merged(draft.saved, draft.present, draft.theirs.state, event.keep)
      const newest = { ...draft, saved: draft.theirs.state, version: draft.theirs.version, theirs: null, lastChange: null }
      return event.keep === 'mine'
        ? { ...newest, present: state }
        : { ...newest, present: state, past: [...draft.past, draft.present], future: [] }
    }
  }
}

/** The decisions with some entries set; an empty entry leaves the value to Emboq. What a member of the row decides for itself is set there.
 * @param member counted from 1 */
export function withEntries(state: PartState, entries: Readonly<Record<string, string>>, member = 1): PartState {
  const own = state.row?.[member - 1]?.entries ?? {}
  const [mine, common] = [set(own, entries, (key) => key in own), set(state.parameters, entries, (key) => !(key in own))]
  return { ...state, parameters: common, row: state.row?.map((item, i) => (i === member - 1 ? { ...item, entries: mine } : item)) ?? null }
}

const set = (all: Readonly<Record<string, string>>, entries: Readonly<Record<string, string>>, takes: (key: string) => boolean) =>
  Object.fromEntries(
    Object.entries({ ...all, ...Object.fromEntries(Object.entries(entries).filter(([key]) => takes(key))) }).filter(
      ([, entry]) => entry !== '',
    ),
  )
