import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { api, ApiProblem, got } from '@/api/client'
import { homes } from '@/api/queries'
import type { HomesAsked } from '@/api/types'

/** The plan of a job; every change is kept at once and laid out anew, and can be taken back. */
export function useHomes(job: string) {
  const client = useQueryClient()
  const plan = useQuery(homes(job))
  const [before, setBefore] = useState<readonly HomesAsked[]>([])
  const save = useMutation({
    mutationFn: ({ asked }: { readonly asked: HomesAsked; readonly back?: boolean }) =>
      got(api.PUT('/api/jobs/{id}/homes', { params: { path: { id: job } }, body: { version: plan.data?.version ?? 0, ...asked } })),
    onSuccess: (now, { back }) => {
      if (plan.data && !back) setBefore([...before, plan.data.asked])
      client.setQueryData(homes(job).queryKey, now)
    },
    // Somebody else planned meanwhile: what stands now is shown, and the change can be made again.
    onError: (error) => error instanceof ApiProblem && error.status === 409 && void plan.refetch(),
  })
  const takeBack = () => {
    const last = before.at(-1)
    if (!last) return
    setBefore(before.slice(0, -1))
    save.mutate({ asked: last, back: true })
  }
  return { plan, save, takeBack, canTakeBack: before.length > 0 }
}
