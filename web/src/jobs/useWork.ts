import { createContext, useContext } from 'react'
import type { CheckView, DesignView, FamilyView, Job, MachineSummary, Part, PartState, Process } from '@/api/types'
import type { Station } from '@/api/types'
import type { useDraft } from './useDraft'

/** The part on the bench, and what is being done with it. */
export type Work = {
  readonly job: Job
  readonly part: Part
  /** The states before the present one, oldest first. */
  readonly earlier: readonly PartState[]
  readonly family: FamilyView
  readonly processes: readonly Process[]
  readonly editing: ReturnType<typeof useDraft>
  /** The machines of the places that the part names. */
  readonly machines: readonly MachineSummary[]
  readonly station: Station
  readonly setStation: (station: Station) => void
  readonly design: DesignView | undefined
  /** Every judgement: of the design, and of its layers once they are cut. */
  readonly checks: readonly CheckView[]
  /** Whether the layers are being cut. */
  readonly cutting: boolean
  /** The ledger line whose answer is open. */
  readonly why: string | null
  readonly ask: (line: string) => void
  /** Which member of a row is looked at, counted from 1. */
  readonly member: number
  readonly setMember: (member: number) => void
  /** The decisions of that member. */
  readonly shown: PartState
}

export const WorkContext = createContext<Work | null>(null)

/** The part on the bench; only what stands on a workbench asks for it. */
export function useWork(): Work {
  const work = useContext(WorkContext)
  if (!work) throw new Error('There is no workbench around this.')
  return work
}
