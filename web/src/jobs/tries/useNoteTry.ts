import { useMutation, useQueryClient } from '@tanstack/react-query'
import { api, got, sendFile } from '@/api/client'
import { refreshPart } from '@/api/refresh'
import type { TryRequest } from '@/api/types'
import { useWork } from '@/jobs/useWork'

type Noted = { readonly entry: TryRequest; readonly photo: File | null }

/** The try is kept first; its photograph follows and cannot undo it. */
export function useNoteTry(onNoted: () => void) {
  const work = useWork()
  const client = useQueryClient()
  return useMutation({
    mutationFn: async ({ entry, photo }: Noted) => {
      const answer = await got(api.POST('/api/parts/{id}/tries', { params: { path: { id: work.part.id } }, body: entry }))
      onNoted()
      if (photo) await sendFile(`/api/tries/${answer.try}/photos`, photo)
      return answer
    },
    // The next word need not wait for what this one changed.
    onSettled: () => void refreshPart(client),
  })
}
