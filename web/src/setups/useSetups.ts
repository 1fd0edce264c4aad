import { useQuery } from '@tanstack/react-query'
import { processes } from '@/api/queries'
import type { Process } from '@/api/types'
import { useAway } from '@/ui/useAway'

/** The setups to choose from: those that are not put away, and the one that is chosen already. */
export function useSetups(chosen = ''): readonly Process[] {
  const { isAway } = useAway('processes')
  return (useQuery(processes).data ?? []).filter((p) => p.id === chosen || !isAway(p.id))
}
