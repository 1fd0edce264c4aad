// Runs inside the engine. Evaluates a program of solid instructions; frees every kernel object it makes.
// The host gives: wasm (Uint8Array). It calls evaluate(programJson) and reads typed arrays off the answer.
globalThis.ready = Module({ wasmBinary: wasm }).then((kernel) => {
  kernel.setup()
  const { Manifold, CrossSection } = kernel

  // Each instruction refers to earlier results by index.
  const instructions = {
    cylinder: (i) => Manifold.cylinder(i.height, i.radius, i.radius, i.facets),
    box: (i) => Manifold.cube([i.width, i.depth, i.height]),
    revolve: (i) => fromOutline(i.outline, (section) => section.revolve(i.facets)),
    extrude: (i) => fromOutline(i.outline, (section) => section.extrude(i.height)),
    move: (i, done) => done[i.of].translate(i.by),
    turn: (i, done) => done[i.of].rotate([i.degrees, 0, 0]),
    union: (i, done) => done[i.a].add(done[i.b]),
    difference: (i, done) => done[i.a].subtract(done[i.b]),
    intersection: (i, done) => done[i.a].intersect(done[i.b]),
  }

  function fromOutline(outline, make) {
    const section = new CrossSection([outline])
    try {
      return make(section)
    } finally {
      section.delete()
    }
  }

  globalThis.evaluate = (programJson) => {
    const program = JSON.parse(programJson)
    const done = []
    try {
      for (const instruction of program.instructions) done.push(instructions[instruction.op](instruction, done))
      return program.results.map((index) => {
        const mesh = done[index].getMesh()
        return {
          status: done[index].status(),
          volume: done[index].volume(),
          area: done[index].surfaceArea(),
          stride: mesh.numProp,
          vertices: mesh.vertProperties,
          triangles: mesh.triVerts,
        }
      })
    } finally {
      for (const solid of done) solid.delete()
    }
  }
  globalThis.memory = () => kernel.HEAP8?.length ?? 0
})
