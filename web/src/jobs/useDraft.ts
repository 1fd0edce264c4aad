import { useMutation, useQueryClient } from '@tanstack/react-query'
import { useCallback, useEffect, useReducer } from 'react'
import { ApiProblem, sendJson } from '@/api/client'
import { design } from '@/api/queries'
import type { ParameterSpec, Part, PartState, Problem } from '@/api/types'
import { draftReducer, startDraft, withEntries } from './draft'
import { memberState } from './rows'
import { standing, stepped } from './stepping'

/** How long a change rests before it is written to the notebook, ms. */
const rest = 400

/** The draft of a part, written to the notebook shortly after each change. */
export function useDraft(part: Part, earlier: readonly PartState[], member: number) {
  const [draft, dispatch] = useReducer(draftReducer, part, (p) => startDraft(p, earlier))
  const client = useQueryClient()
  const save = useMutation({
    mutationFn: (state: PartState) => sendJson<Part>('PUT', `/api/parts/${part.id}`, { version: draft.version, ...state }),
    onSuccess: (saved) => {
      dispatch({ type: 'saved', state: saved.state, version: saved.version })
      void client.invalidateQueries({ queryKey: ['jobs'] })
      void client.invalidateQueries({ queryKey: ['bench'] })
    },
    onError: (error, state) => {
      if (error instanceof ApiProblem && error.status === 409) dispatch({ type: 'refused', theirs: error.body.theirs as Part })
      // A part that cannot be built is not kept: what stands is what the notebook holds.
      else dispatch({ type: 'saved', state, version: draft.version })
    },
  })
  const unsaved = JSON.stringify(draft.present) !== JSON.stringify(draft.saved)
  const { mutate, isPending } = save
  useEffect(() => {
    if (!unsaved || isPending || draft.theirs) return
    const timer = setTimeout(() => mutate(draft.present), rest)
    return () => clearTimeout(timer)
  }, [unsaved, isPending, draft.theirs, draft.present, mutate])

  const change = (state: PartState, key: string) => dispatch({ type: 'changed', state, key, at: performance.now() })
  const enter = (entries: Readonly<Record<string, string>>) => dispatch({ type: 'entered', entries, member, at: performance.now() })
  return {
    draft,
    unsaved: unsaved || isPending,
    saveError: save.error instanceof ApiProblem && save.error.status === 409 ? null : save.error,
    canUndo: draft.past.length > 0,
    undo: useCallback(() => dispatch({ type: 'undone' }), []),
    redo: useCallback(() => dispatch({ type: 'redone' }), []),
    settle: (keep: 'mine' | 'theirs') => dispatch({ type: 'settled', keep }),
    change,
    set: enter,
    /** Steps a value that was computed as given. */
    step: (spec: ParameterSpec, computed: number, steps: number) => {
      const entries = stepped(spec, standing(memberState(draft.present, member).parameters[spec.key], computed), steps)
      enter(entries)
      return entries[spec.key]!
    },
    /** Takes entries only if the part can be computed with them; answers what is wrong otherwise. */
    propose: async (entries: Readonly<Record<string, string>>): Promise<readonly Problem[]> => {
      const state = withEntries(draft.present, entries, member)
      try {
        await client.fetchQuery(design(part, memberState(state, member), []))
      } catch (error) {
        if (error instanceof ApiProblem && error.problems.length > 0) return error.problems
        throw error
      }
      enter(entries)
      return []
    },
  }
}
