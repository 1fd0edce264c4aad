import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { api, got } from '@/api/client'
import { away } from '@/api/queries'
import type { AwayView } from '@/api/types'

export type Thing = keyof AwayView

/** What is put away of one sort, and putting away and taking back. Nothing is lost by it. */
export function useAway(thing: Thing) {
  const ids = useQuery(away).data?.[thing] ?? []
  const client = useQueryClient()
  const put = useMutation({
    mutationFn: ({ id, away: shelved }: { readonly id: string; readonly away: boolean }) =>
      got(api.PUT('/api/away/{thing}/{id}', { params: { path: { thing, id } }, body: { away: shelved } })),
    onSuccess: async (all) => {
      client.setQueryData(away.queryKey, all)
      await Promise.all(['bench', 'jobs', 'measure-next'].map((name) => client.invalidateQueries({ queryKey: [name] })))
    },
  })
  return {
    ids,
    isAway: (id: string) => ids.includes(id),
    put: (id: string, shelved: boolean) => put.mutate({ id, away: shelved }),
    error: put.error,
  }
}
