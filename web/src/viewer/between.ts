import { Vector3 } from 'three'

/** A place that was picked on a face. */
export type Pick = { readonly at: Vector3; readonly normal: Vector3 }

/** How far two picked places are apart, mm: two parallel faces by the distance of their planes, everything else from point to point. */
export function between(a: Pick, b: Pick): { readonly mm: number; readonly parallel: boolean } {
  const parallel = Math.abs(a.normal.dot(b.normal)) > 0.9999
  const apart = b.at.clone().sub(a.at)
  return { mm: parallel ? Math.abs(apart.dot(a.normal)) : apart.length(), parallel }
}

/** In both units, as the caliper and the inch rule would show it. */
export const inBothUnits = (mm: number) => `${mm.toFixed(2)} mm · ${(mm / 25.4).toFixed(3)} in`
