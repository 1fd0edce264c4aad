import { useQueryClient } from '@tanstack/react-query'
import { useEffect } from 'react'
import { refreshComputed } from '@/api/refresh'
import type { Job } from '@/api/types'

/** Versions of the parts as they were last seen. */
const seen = new Map<string, number>()

/** Parts take holes and sizes from one another: once one has changed, whoever changed it, the others are computed anew. */
export function useChangedParts(job: Job | undefined) {
  const client = useQueryClient()
  useEffect(() => {
    for (const { id, version } of job?.parts ?? []) {
      const before = seen.get(id)
      seen.set(id, version)
      if (before !== undefined && before !== version) void refreshComputed(client, id)
    }
  }, [client, job])
}
