import { useMutation, useQueryClient } from '@tanstack/react-query'
import { useCallback, useEffect, useReducer, useRef } from 'react'
import { api, ApiProblem, got } from '@/api/client'
import { design } from '@/api/queries'
import type { ParameterSpec, Part, PartState, Problem } from '@/api/types'
import { draftReducer, startDraft, withEntries } from './draft'
import { sameState } from './merge'
import { memberState } from './rows'
import { standing, stepped } from './stepping'
import { keepUnsent, readUnsent } from './unsent'

/** How long a change rests before it is written to the notebook, ms. */
const rest = 400
/** The longest wait between two attempts, ms. */
const longestWait = 15_000

/** Whether the notebook has read what was sent and will not have it; everything else is tried again. */
const isFinal = (error: Error) => error instanceof ApiProblem && error.status >= 400 && error.status < 500 && error.status !== 429

/** The draft of a part, written to the notebook shortly after each change, and kept in the browser until it is there. */
export function useDraft(part: Part, earlier: readonly PartState[], member: number) {
  const [draft, dispatch] = useReducer(draftReducer, part, (p) => startDraft(p, earlier, readUnsent(p.id)))
  const client = useQueryClient()
  const save = useMutation({
    mutationFn: (state: PartState) =>
      got(api.PUT('/api/parts/{id}', { params: { path: { id: part.id } }, body: { version: draft.version, ...state } })),
    onSuccess: (saved) => {
      dispatch({ type: 'saved', state: saved.state, version: saved.version })
      const unsent = readUnsent(part.id)
      if (unsent && sameState(unsent.present, saved.state)) keepUnsent(part.id, null)
      void client.invalidateQueries({ queryKey: ['jobs'] })
      void client.invalidateQueries({ queryKey: ['bench'] })
    },
    onError: (error, state) => {
      if (error instanceof ApiProblem && error.status === 409) dispatch({ type: 'found', theirs: error.body.theirs as Part })
      else dispatch({ type: 'refused', state, because: inWords(error) })
    },
    retry: (_, error) => !isFinal(error),
    retryDelay: (failures) => Math.min(longestWait, 1000 * 2 ** failures),
  })
  const unsaved = !sameState(draft.present, draft.saved)
  const refused = draft.refused?.state === draft.present ? draft.refused.because : null
  const { mutate, isPending } = save
  useEffect(() => {
    if (!unsaved || isPending || draft.theirs || refused !== null) return
    const timer = setTimeout(() => mutate(draft.present), rest)
    return () => clearTimeout(timer)
  }, [unsaved, isPending, draft.theirs, refused, draft.present, mutate])
  useEffect(() => {
    const { present, saved, version } = draft
    keepUnsent(part.id, unsaved ? { present, saved, version } : null)
  }, [part.id, unsaved, draft])
  // Whoever goes to another part at once need not wait for the notebook: what rests is written as the part is left.
  const isFree = !isPending && !draft.theirs && refused === null
  const left = useRef(() => {})
  const isLeft = useRef(false)
  useEffect(() => {
    left.current = () => {
      if (unsaved && isFree) mutate(draft.present)
    }
  }, [unsaved, isFree, draft.present, mutate])
  useEffect(() => {
    isLeft.current = false
    return () => {
      isLeft.current = true
      left.current()
    }
  }, [])
  // What somebody else saved shows as soon as it is known, unless something of mine is on its way.
  useEffect(() => {
    if (!isPending) dispatch({ type: 'found', theirs: part })
  }, [part, isPending])

  const change = (state: PartState, key: string) => dispatch({ type: 'changed', state, key, at: performance.now() })
  const enter = (entries: Readonly<Record<string, string>>) => dispatch({ type: 'entered', entries, member, at: performance.now() })
  return {
    draft,
    unsaved: unsaved || isPending,
    /** Why what stands is not in the notebook, when it could not be kept. */
    notKept:
      refused ??
      (isPending && save.failureReason
        ? `${inWords(save.failureReason)} It is tried again`
        : save.isPaused
          ? 'No network; it is tried again'
          : null),
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
      if (isLeft.current) {
        // Should the notebook have moved on meanwhile, it is joined when the part is opened again.
        keepUnsent(part.id, { present: state, saved: draft.saved, version: draft.version })
        mutate(state)
      } else enter(entries)
      return []
    },
  }
}

const inWords = (error: Error) => (error instanceof ApiProblem ? (error.problems[0]?.message ?? error.message) : error.message)
