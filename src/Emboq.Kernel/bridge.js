// Runs inside the engine. Evaluates a program of solid instructions and keeps evaluated subtrees within a bound; frees every kernel object it makes.
// The host gives: wasm (Uint8Array), keptTriangles (the bound). It calls meshes(programJson), layers(programJson, ...) or between(programJson, reach) and reads typed arrays off the answer.
globalThis.ready = Module({ wasmBinary: wasm }).then((kernel) => {
  kernel.setup()
  const { Manifold, CrossSection, Mesh } = kernel

  const make = {
    cylinder: (i) => Manifold.cylinder(i.height, i.radius, i.radius, i.facets),
    box: (i) => Manifold.cube([i.width, i.depth, i.height]),
    revolve: (i) => fromOutline(i.outline, (section) => section.revolve(i.facets)),
    extrude: (i) => fromOutline(i.outline, (section) => section.extrude(i.height)),
    move: (i, of) => of(i.of).translate(i.by),
    loft: (i) => loft(i.outlines, i.heights),
    letter: (i) => fromOutlines(i.outlines, (section) => (i.growth ? grown(section, i) : section.extrude(i.height))),
    turn: (i, of) => of(i.of).rotate(['X', 'Y', 'Z'].map((axis) => (axis === i.axis ? i.degrees : 0))),
    union: (i, of) => Manifold.union(i.of.map(of)),
    difference: (i, of) => of(i.a).subtract(of(i.b)),
    intersection: (i, of) => of(i.a).intersect(of(i.b)),
  }

  const fromOutline = (outline, solid) => fromOutlines([outline], solid)

  function fromOutlines(outlines, solid) {
    const section = new CrossSection(outlines, 'EvenOdd')
    try {
      return solid(section)
    } finally {
      section.delete()
    }
  }

  function grown(section, { growth, height }) {
    const wider = section.offset(growth, 'Miter', 2)
    try {
      return wider.extrude(height)
    } finally {
      wider.delete()
    }
  }

  // Corner i of each outline joins corner i of the next.
  function loft(outlines, heights) {
    const [n, last] = [outlines[0].length, outlines.length - 1]
    const at = outlines.flatMap((outline, k) => outline.map(([x, y]) => [x, y, heights[k]]))
    const sides = outlines.slice(1).flatMap((outline, k) =>
      outline.flatMap((_, i) => {
        const [j, low, high] = [(i + 1) % n, k * n, (k + 1) * n]
        return [low + i, low + j, high + j, low + i, high + j, high + i]
      }),
    )
    const cap = (k) => {
      const inner = bulges(outlines[k]) ? across(n) : around(n, at.push([0, 0, heights[k]]) - 1 - k * n)
      return inner.map((corner) => corner + k * n)
    }
    const triangles = [...sides, ...cap(0).reverse(), ...cap(last)]
    return Manifold.ofMesh(new Mesh({ numProp: 3, vertProperties: Float32Array.from(at.flat()), triVerts: Uint32Array.from(triangles) }))
  }

  // Whether an outline turns left at every corner.
  const bulges = (p) =>
    p.every(([x, y], i) => {
      const [[u, v], [w, z]] = [p[(i + 1) % p.length], p[(i + 2) % p.length]]
      return (u - x) * (z - v) - (v - y) * (w - u) > 1e-9
    })

  // From side to side: a plate with round corners keeps two large triangles in its middle, where letters are cut.
  function across(n) {
    const triangles = []
    for (let [low, high] = [0, n - 1]; high - low > 1; ) {
      triangles.push(low, low + 1, high)
      if (++low < high - 1) triangles.push(low, high - 1, high--)
    }
    return triangles
  }

  // A fan, for outlines that the axis sees whole.
  const around = (n, middle) => Array.from({ length: n }, (_, i) => [i, (i + 1) % n, middle]).flat()

  // Evaluated subtrees by content key, the least recently used first: a Map keeps the order of insertion.
  const kept = new Map()
  let triangles = 0

  function keep(key, solid) {
    const count = solid.numTri() // forces the evaluation
    kept.set(key, { solid, count })
    triangles += count
    return solid
  }

  function trim() {
    for (const [key, { solid, count }] of kept) {
      if (triangles <= keptTriangles) return
      kept.delete(key)
      triangles -= count
      solid.delete()
    }
  }

  function within(programJson, use) {
    const { instructions, results } = JSON.parse(programJson)
    let [hits, misses] = [0, 0]
    const of = (index) => {
      const { key } = instructions[index]
      const found = kept.get(key)
      if (found) {
        hits++
        kept.delete(key)
        kept.set(key, found)
        return found.solid
      }
      misses++
      return keep(key, make[instructions[index].op](instructions[index], of))
    }
    try {
      return { answer: use(results.map(of)), hits, misses, memory: memory() }
    } finally {
      trim()
    }
  }

  globalThis.meshes = (programJson) =>
    within(programJson, (solids) =>
      solids.map((solid) => {
        const mesh = solid.getMesh()
        return {
          status: solid.status(),
          volume: solid.volume(),
          area: solid.surfaceArea(),
          stride: mesh.numProp,
          vertices: mesh.vertProperties,
          triangles: mesh.triVerts,
        }
      }),
    )

  // Overlap in mm³, the smallest side of its box, and the least gap up to a reach.
  globalThis.between = (programJson, reach) =>
    within(programJson, ([a, b]) => {
      const both = a.intersect(b)
      try {
        const overlap = both.volume()
        if (!(overlap > 0)) return Float64Array.of(0, 0, a.minGap(b, reach))
        const { min, max } = both.boundingBox()
        return Float64Array.of(overlap, Math.min(...max.map((m, i) => m - min[i])), 0)
      } finally {
        both.delete()
      }
    })

  globalThis.layers = (programJson, height, lineWidth, walls, skins) =>
    within(programJson, ([solid]) => cutIntoLayers(solid, { height, lineWidth, walls, skins }))
})
