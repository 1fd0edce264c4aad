import { expect, test } from 'vitest'
import { readDesign } from './designBytes'

test('each body gets its own run of positions and of triangles', () => {
  const json = new TextEncoder().encode(JSON.stringify({ title: 'ä', bodies: [{ key: 'part' }, { key: 'ring' }] }))
  const runs = [json, new Float32Array([1, 2.5, -3]), new Uint32Array([0, 1, 2, 70000]), new Float32Array(), new Uint32Array()]
  const bytes = runs.flatMap((r) => [
    ...new Uint8Array(new Uint32Array([r.byteLength]).buffer),
    ...new Uint8Array(r.buffer, r.byteOffset, r.byteLength),
  ])
  const design = readDesign(new Uint8Array(bytes).buffer)
  expect(design.bodies.map((b) => b.key)).toEqual(['part', 'ring'])
  expect([...design.bodies[0]!.positions]).toEqual([1, 2.5, -3])
  expect([...design.bodies[0]!.triangles]).toEqual([0, 1, 2, 70000])
  expect(design.bodies[1]!.triangles).toHaveLength(0)
})
