// Runs inside the engine. Evaluates a program of solid instructions and keeps evaluated subtrees within a bound; frees every kernel object it makes.
// The host gives: wasm (Uint8Array), keptTriangles (the bound). It calls evaluate(programJson) and reads typed arrays off the answer.
globalThis.ready = Module({ wasmBinary: wasm }).then((kernel) => {
  kernel.setup()
  const { Manifold, CrossSection } = kernel

  const make = {
    cylinder: (i) => Manifold.cylinder(i.height, i.radius, i.radius, i.facets),
    box: (i) => Manifold.cube([i.width, i.depth, i.height]),
    revolve: (i) => fromOutline(i.outline, (section) => section.revolve(i.facets)),
    extrude: (i) => fromOutline(i.outline, (section) => section.extrude(i.height)),
    move: (i, of) => of(i.of).translate(i.by),
    turn: (i, of) => of(i.of).rotate([i.degrees, 0, 0]),
    union: (i, of) => of(i.a).add(of(i.b)),
    difference: (i, of) => of(i.a).subtract(of(i.b)),
    intersection: (i, of) => of(i.a).intersect(of(i.b)),
  }

  function fromOutline(outline, solid) {
    const section = new CrossSection([outline])
    try {
      return solid(section)
    } finally {
      section.delete()
    }
  }

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

  globalThis.evaluate = (programJson) => {
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
      const meshes = results.map((index) => {
        const solid = of(index)
        const mesh = solid.getMesh()
        return {
          status: solid.status(),
          volume: solid.volume(),
          area: solid.surfaceArea(),
          stride: mesh.numProp,
          vertices: mesh.vertProperties,
          triangles: mesh.triVerts,
        }
      })
      return { meshes, hits, misses, memory: memory() }
    } finally {
      trim()
    }
  }
})
