import type { CombTooth } from '@/api/types'

/** Whether something that counts was told of it. */
export const isTold = (tooth: CombTooth) => tooth.told.some((t) => t.struckBecause === null)

/** Where to go on after a tooth was told: the next that was not, around the end; the tooth itself when all were. */
export function following(teeth: readonly CombTooth[], after: CombTooth): CombTooth {
  const at = teeth.findIndex((t) => t.number === after.number)
  return [...teeth.slice(at + 1), ...teeth.slice(0, at)].find((t) => !isTold(t)) ?? after
}
