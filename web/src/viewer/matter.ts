import { Color, DoubleSide, MeshLambertMaterial } from 'three'

/** Screen-space marks of the two matters: the part hatched at 45 degrees, the machine stippled; beside a part the machine is a ghost, a stipple one can look through. */
const marks = {
  part: `if (mod(gl_FragCoord.x + gl_FragCoord.y, 9.0) < 1.3) gl_FragColor.rgb *= 0.72;`,
  machine: `vec2 cell = mod(floor(gl_FragCoord.xy / 2.0), 4.0); if (cell.x + cell.y < 0.5) gl_FragColor.rgb *= 0.7;`,
  ghost: `vec2 cell = mod(floor(gl_FragCoord.xy / 2.0), 3.0); if (cell.x + cell.y > 1.5 || abs(cell.x - cell.y) > 0.5) discard;`,
} as const

export type Matter = keyof typeof marks

/** A material for one matter. The caller frees it. */
export function matterMaterial(matter: Matter, colour: string): MeshLambertMaterial {
  const material = new MeshLambertMaterial({ color: new Color(colour), side: DoubleSide })
  material.onBeforeCompile = (shader) => {
    shader.fragmentShader = shader.fragmentShader.replace(
      '#include <dithering_fragment>',
      `#include <dithering_fragment>\n${marks[matter]}`,
    )
  }
  material.customProgramCacheKey = () => matter
  return material
}
