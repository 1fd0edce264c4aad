import type { components } from './schema'
import type { BodyView, DesignView } from './types'

type Schemas = components['schemas']

/** Reads a design whose triangles are bytes: runs with their length before them, first the JSON, then positions and triangles of each body. */
export function readDesign(answer: ArrayBuffer): DesignView {
  const lengths = new DataView(answer)
  let at = 0
  const run = () => {
    const from = at + 4
    at = from + lengths.getUint32(at, true)
    return answer.slice(from, at)
  }
  const design = JSON.parse(new TextDecoder().decode(run())) as Schemas['DesignView']
  return {
    ...design,
    bodies: design.bodies.map((body) => ({ ...body, positions: new Float32Array(run()), triangles: new Uint32Array(run()) })),
  }
}

const bytes = (base64: string) => Uint8Array.from(atob(base64), (c) => c.charCodeAt(0)).buffer

/** A body whose triangles came as text, within JSON. */
export const readBody = (body: Schemas['BodyView']): BodyView => ({
  ...body,
  positions: new Float32Array(bytes(body.positions)),
  triangles: new Uint32Array(bytes(body.triangles)),
})
