// Runs inside the engine. A thread as its edges run: each is a helix, and what lies between two of them is a strip. It is wound further than it is long,
// closed towards the axis at both ends, and cut off square.
globalThis.threadOf = ({ Manifold, Mesh }, { radii, rises, around, lead, height }) => {
  const [edges, turns, below] = [radii.length, Math.ceil(height / lead) + 3, 3]
  const phase = phaseOf()
  const at = []
  const corner = (i, k) => (k === edges ? corner(i + around, 0) : i * edges + k)
  for (let i = 0; i <= around * (turns + 1); i++) {
    const turned = (i + phase) / around
    for (let k = 0; k < edges; k++) {
      const [r, angle] = [radii[k], 2 * Math.PI * turned]
      at.push(r * Math.cos(angle), r * Math.sin(angle), lead * (turned + rises[k] - below))
    }
  }
  const middle = (turn) => at.push(0, 0, lead * (turn + 0.5 - below)) / 3 - 1
  const [low, high, last] = [middle(0), middle(turns), around * turns]
  const triangles = []
  const each = (count, add) => Array.from({ length: count }, (_, i) => triangles.push(...add(i)))
  for (let i = 0; i < last; i++) {
    each(edges, (k) => [corner(i, k), corner(i + 1, k), corner(i + 1, k + 1), corner(i, k), corner(i + 1, k + 1), corner(i, k + 1)])
  }
  each(around, (i) => [corner(i + 1, 0), corner(i, 0), low, corner(last + i, 0), corner(last + i + 1, 0), high])
  each(edges, (k) => [corner(0, k), corner(0, k + 1), low, corner(last, k + 1), corner(last, k), high])
  const wound = Manifold.ofMesh(new Mesh({ numProp: 3, vertProperties: Float32Array.from(at), triVerts: Uint32Array.from(triangles) }))
  const wide = 4 * Math.max(...radii)
  const slab = Manifold.cube([wide, wide, height])
  const placed = slab.translate([-wide / 2, -wide / 2, 0])
  try {
    return wound.intersect(placed)
  } finally {
    for (const made of [wound, slab, placed]) made.delete()
  }

  // Where on the turn corners stand is free: as far as can be from where it is cut off, or edges would come out that are next to nothing.
  function phaseOf() {
    const cuts = rises.flatMap((rise) => [rise * around, (rise - height / lead) * around])
    const off = (phase) => Math.min(...cuts.map((cut) => Math.abs(phase + cut - Math.round(phase + cut))))
    return Array.from({ length: 16 }, (_, i) => i / 16).reduce((best, phase) => (off(phase) > off(best) ? phase : best))
  }
}
