import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { design, type Role } from '@/api/queries'
import type { Part, PartState } from '@/api/types'

/** The computed part, following the draft. While one preview is under way, newer states wait and only the newest is asked for next:
 * stale ones are dropped, not queued, and yet the picture moves while a value is dragged. */
export function usePreview(part: Part, wanted: PartState, roles: readonly Role[]) {
  const [asked, setAsked] = useState({ state: wanted, roles })
  const preview = useQuery(design(part, asked.state, asked.roles))
  if (!preview.isFetching && (asked.state !== wanted || asked.roles !== roles)) setAsked({ state: wanted, roles })
  return preview
}
