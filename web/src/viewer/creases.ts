/** The edges of a welded mesh where its faces turn by more than some degrees, or where it ends: what a hand would draw. Pairs of points, x y z each. */
export function creases(positions: Float32Array, triangles: Uint32Array, degrees = 25): Float32Array {
  const count = triangles.length / 3
  const normals = new Float32Array(count * 3)
  for (let t = 0; t < count; t++) {
    const [a, b, c] = [triangles[3 * t]! * 3, triangles[3 * t + 1]! * 3, triangles[3 * t + 2]! * 3]
    const at = (i: number, k: number) => positions[i + k]!
    const [ux, uy, uz] = [at(b, 0) - at(a, 0), at(b, 1) - at(a, 1), at(b, 2) - at(a, 2)]
    const [vx, vy, vz] = [at(c, 0) - at(a, 0), at(c, 1) - at(a, 1), at(c, 2) - at(a, 2)]
    const [x, y, z] = [uy * vz - uz * vy, uz * vx - ux * vz, ux * vy - uy * vx]
    const length = Math.hypot(x, y, z) || 1
    normals.set([x / length, y / length, z / length], 3 * t)
  }
  const flat = Math.cos((degrees * Math.PI) / 180)
  const vertices = positions.length / 3
  const open = new Map<number, number>()
  const points: number[] = []
  const draw = (a: number, b: number) => points.push(...positions.subarray(3 * a, 3 * a + 3), ...positions.subarray(3 * b, 3 * b + 3))
  for (let t = 0; t < count; t++)
    for (let k = 0; k < 3; k++) {
      const [a, b] = [triangles[3 * t + k]!, triangles[3 * t + ((k + 1) % 3)]!]
      const key = Math.min(a, b) * vertices + Math.max(a, b)
      const other = open.get(key)
      if (other === undefined) {
        open.set(key, t)
        continue
      }
      open.delete(key)
      const [p, q] = [3 * t, 3 * other]
      const cosine = normals[p]! * normals[q]! + normals[p + 1]! * normals[q + 1]! + normals[p + 2]! * normals[q + 2]!
      if (cosine < flat) draw(a, b)
    }
  for (const key of open.keys()) draw(Math.floor(key / vertices), key % vertices)
  return Float32Array.from(points)
}
