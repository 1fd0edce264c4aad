import { useQueryClient } from '@tanstack/react-query'
import { ApiProblem } from '@/api/client'
import { readEntry } from '@/api/queries'
import type { ParameterSpec, Problem } from '@/api/types'
import { useLeading } from '@/ui/leading'
import { useWork } from './useWork'

/** Reads an entry in the leading unit and proposes it with its own unit, so that it means the same everywhere; answers what is wrong with it. */
export function useTake(spec: ParameterSpec) {
  const work = useWork()
  const client = useQueryClient()
  const { leading } = useLeading()
  return async (text: string): Promise<Problem | undefined> => {
    let entry = text.trim()
    if (spec.kind === 'length' && entry !== '') {
      try {
        entry = (await client.fetchQuery(readEntry(entry, leading, 'position'))).exact ?? entry
      } catch (error) {
        if (error instanceof ApiProblem && error.problems[0]) return error.problems[0]
        throw error
      }
    }
    return (await work.editing.propose({ [spec.key]: entry, ...spec.sets }))[0]
  }
}
