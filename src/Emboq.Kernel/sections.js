// Runs inside the engine. Cuts a solid at the middle of each layer, from the lowest up. Where no face between two cuts leans or lies, the second is the
// first: a prism is cut once. Corners that only its triangles have are left away. The caller frees what is kept.
globalThis.sectionsOf = (solid, height, keep) => {
  const { min, max } = solid.boundingBox()
  const count = Math.max(1, Math.round((max[2] - min[2]) / height))
  const changes = changing(solid.getMesh(), min[2] + height / 2, height, count)
  const cut = (i) => keep(keep(solid.slice(min[2] + (i + 0.5) * height)).simplify(0.001))
  const sections = []
  for (let i = 0; i < count; i++) sections.push(i === 0 || changes[i] ? cut(i) : sections[i - 1])
  return sections
}

// For each cut, whether a face that does not stand upright reaches between it and the cut below. Corners are single-precision: the house's own rounding.
globalThis.changing = ({ vertProperties: at, triVerts, numProp }, first, height, count) => {
  const hair = 1e-4
  const begins = new Int32Array(count + 1)
  for (let t = 0; t < triVerts.length; t += 3) {
    const [a, b, c] = [numProp * triVerts[t], numProp * triVerts[t + 1], numProp * triVerts[t + 2]]
    const [ux, uy, uz] = [at[b] - at[a], at[b + 1] - at[a + 1], at[b + 2] - at[a + 2]]
    const [vx, vy, vz] = [at[c] - at[a], at[c + 1] - at[a + 1], at[c + 2] - at[a + 2]]
    const up = ux * vy - uy * vx
    if (Math.abs(up) <= 1e-5 * Math.hypot(uy * vz - uz * vy, uz * vx - ux * vz)) continue
    const [low, high] = [at[a + 2] + Math.min(0, uz, vz) - hair, at[a + 2] + Math.max(0, uz, vz) + hair]
    const [from, to] = [Math.max(0, Math.ceil((low - first) / height)), Math.min(count - 1, Math.ceil((high - first) / height))]
    if (from > to) continue
    begins[from]++
    begins[to + 1]--
  }
  let open = 0
  return begins.map((change) => (open += change))
}
