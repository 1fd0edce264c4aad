import { describe, expect, it } from 'vitest'
import type { Part } from '@/api/types'
import { draftReducer, startDraft, withEntries, type Draft } from './draft'

const part: Part = {
  id: 'p',
  job: 'j',
  name: 'adapter',
  family: 'hose-adapter',
  version: 3,
  state: { parameters: { wall: '1.6' }, interfaces: { first: 'a' }, process: 'x', takes: {}, setups: {}, row: null },
}

const change = (draft: Draft, wall: string, at: number, key = 'wall') =>
  draftReducer(draft, { type: 'changed', state: withEntries(draft.present, { [key]: wall }), key, at })

describe('the draft of a part', () => {
  it('takes changes back and gives them again, in order', () => {
    const changed = change(change(startDraft(part), '2', 0), '3', 5000)
    const undone = draftReducer(changed, { type: 'undone' })
    expect(undone.present.parameters.wall).toBe('2')
    expect(draftReducer(draftReducer(undone, { type: 'undone' }), { type: 'undone' }).present).toEqual(part.state)
    expect(draftReducer(undone, { type: 'redone' }).present).toEqual(changed.present)
  })

  it('takes a run of quick steps of one value back at once, but not steps of two values', () => {
    const steps = change(change(change(startDraft(part), '2', 0), '3', 200), '4', 400)
    expect(draftReducer(steps, { type: 'undone' }).present).toEqual(part.state)
    const two = change(change(startDraft(part), '2', 0), '20', 200, 'coneAngle')
    expect(draftReducer(two, { type: 'undone' }).present.parameters).toEqual({ wall: '2' })
  })

  it('takes back what was changed before it was opened', () => {
    const earlier = [withEntries(part.state, { wall: '0.8' }), withEntries(part.state, { wall: '1.2' })]
    const undone = draftReducer(startDraft(part, earlier), { type: 'undone' })
    expect(undone.present.parameters.wall).toBe('1.2')
    expect(draftReducer(undone, { type: 'redone' }).present).toEqual(part.state)
  })

  it('forgets what was undone once something new is changed', () => {
    const branched = change(draftReducer(change(startDraft(part), '2', 0), { type: 'undone' }), '5', 5000)
    expect(draftReducer(branched, { type: 'redone' })).toBe(branched)
  })

  it('keeps both versions when somebody saved first, until the maker chooses', () => {
    const mine = change(startDraft(part), '2', 0)
    const theirs = { ...part, version: 4, state: withEntries(part.state, { wall: '9' }) }
    const found = draftReducer(mine, { type: 'found', theirs })
    expect(found.present).toEqual(mine.present)
    const kept = draftReducer(found, { type: 'settled', keep: 'mine' })
    expect([kept.present.parameters.wall, kept.version, kept.theirs]).toEqual(['2', 4, null])
    const taken = draftReducer(found, { type: 'settled', keep: 'theirs' })
    expect(taken.present.parameters.wall).toBe('9')
    expect(draftReducer(taken, { type: 'undone' }).present).toEqual(mine.present)
  })

  it('joins what somebody else changed of other things', () => {
    const mine = change(startDraft(part), '2', 0)
    const theirs = { ...part, version: 4, state: { ...withEntries(part.state, { coneAngle: '20' }), process: 'y' } }
    const joined = draftReducer(mine, { type: 'found', theirs })
    expect([joined.theirs, joined.version, joined.saved]).toEqual([null, 4, theirs.state])
    expect(joined.present).toMatchObject({ parameters: { wall: '2', coneAngle: '20' }, process: 'y' })
    expect(draftReducer(joined, { type: 'found', theirs })).toBe(joined)
  })

  it('goes on with what was not sent before the page was left', () => {
    const unsent = { present: withEntries(part.state, { wall: '2' }), saved: part.state, version: 3 }
    const again = startDraft(part, [], unsent)
    expect([again.present.parameters.wall, again.saved.parameters.wall]).toEqual(['2', '1.6'])
    expect(draftReducer(again, { type: 'undone' }).present).toEqual(part.state)
    const meanwhile = { ...part, version: 5, state: withEntries(part.state, { hood: 'yes' }) }
    expect(startDraft(meanwhile, [], unsent).present.parameters).toEqual({ wall: '2', hood: 'yes' })
    expect(startDraft({ ...meanwhile, state: withEntries(part.state, { wall: '9' }) }, [], unsent).theirs?.version).toBe(5)
  })

  it('remembers what the notebook would not take until something else is kept', () => {
    const mine = change(startDraft(part), '2', 0)
    const refused = draftReducer(mine, { type: 'refused', state: mine.present, because: 'Wall is 2 mm.' })
    expect([refused.refused?.because, refused.saved]).toEqual(['Wall is 2 mm.', part.state])
    expect(draftReducer(refused, { type: 'saved', state: mine.present, version: 4 }).refused).toBeNull()
  })

  it('leaves a value to Emboq when its entry is emptied', () => {
    expect(withEntries(part.state, { wall: '' }).parameters).toEqual({})
  })
})

describe('an entry whose answer comes late', () => {
  it('joins what was chosen meanwhile', () => {
    const meanwhile = change(startDraft(part), 'sunk', 0, 'lettering')
    const late = draftReducer(meanwhile, { type: 'entered', entries: { text: 'Shed' }, member: 1, at: 2000 })
    expect(late.present.parameters).toEqual({ wall: '1.6', lettering: 'sunk', text: 'Shed' })
    expect(late.past).toHaveLength(2)
  })
})

describe('a member of a row', () => {
  const row = { ...part.state, parameters: { wall: '2' }, row: [{ count: 1, entries: { text: 'Tacks' }, group: '' }] }

  it('keeps what it decides for itself, and shares the rest', () => {
    expect(withEntries(row, { text: 'Cane', wall: '3' }, 1)).toMatchObject({
      parameters: { wall: '3' },
      row: [{ entries: { text: 'Cane' } }],
    })
  })

  it('leaves the row alone where there is no such member', () => {
    expect(withEntries(row, { text: 'Cane' }, 2)).toMatchObject({ parameters: { wall: '2', text: 'Cane' }, row: row.row })
  })
})
