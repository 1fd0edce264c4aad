import { useQueryClient } from '@tanstack/react-query'
import { ApiProblem } from '@/api/client'
import { readEntry } from '@/api/queries'
import { useLeading } from '@/ui/leading'

type Sides = { readonly width: string; readonly depth: string; readonly height: string }

/** Gives sizes that were typed without a unit the leading one, so that they mean the same everywhere; what cannot be read is left as it was typed. */
export function useExactSides() {
  const client = useQueryClient()
  const { leading } = useLeading()
  const exact = async (text: string) => {
    if (text.trim() === '') return ''
    try {
      return (await client.fetchQuery(readEntry(text.trim(), leading, 'length'))).exact ?? text
    } catch (error) {
      if (error instanceof ApiProblem) return text
      throw error
    }
  }
  return async <T extends Sides>(form: T): Promise<T> => {
    const [width, depth, height] = await Promise.all([exact(form.width), exact(form.depth), exact(form.height)])
    return { ...form, width, depth, height }
  }
}
