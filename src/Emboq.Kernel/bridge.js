// Runs inside the engine. Evaluates a program of solid instructions and keeps evaluated subtrees within a bound; frees every kernel object it makes.
// The host gives: wasm (Uint8Array), keptTriangles (the bound). It calls meshes(programJson), layers(programJson, ...) or
// between(programJson, reach), and reads typed arrays off the answer.
globalThis.ready = Module({ wasmBinary: wasm }).then((kernel) => {
  kernel.setup()
  const { Manifold, CrossSection, Mesh } = kernel

  const make = {
    cylinder: (i) => Manifold.cylinder(i.height, i.radius, i.radius, i.facets),
    box: (i) => Manifold.cube([i.width, i.depth, i.height]),
    revolve: (i) => fromOutline(i.outline, (section) => section.revolve(i.facets)),
    extrude: (i) => fromOutline(i.outline, (section) => section.extrude(i.height)),
    thread: (i) => threadOf(kernel, i),
    move: (i, of) => of(i.of).translate(i.by),
    loft: (i) => loft(i.outlines, i.heights),
    letter: (i) => fromOutlines(i.outlines, (section) => (i.growth ? grown(section, i) : section.extrude(i.height))),
    turn: (i, of) => of(i.of).rotate(['X', 'Y', 'Z'].map((axis) => (axis === i.axis ? i.degrees : 0))),
    mirror: (i, of) => of(i.of).mirror(['X', 'Y', 'Z'].map((axis) => (axis === i.axis ? 1 : 0))),
    hull: (i, of) => Manifold.hull(i.of.map(of)),
    pad: (i, of) => padded(of(i.of), i),
    rib: (i, of) => ribsUnder(kernel, of(i.of), i),
    sweep: (i) => sweep(i.outline, i.path),
    mesh: (i) => ofTriangles(new Float32Array(bytes(i.corners)), new Uint16Array(bytes(i.triangles))),
    union: (i, of) => Manifold.union(i.of.map(of)),
    difference: (i, of) => of(i.a).subtract(of(i.b)),
    intersection: (i, of) => of(i.a).intersect(of(i.b)),
  }

  const digits = 'ABCDEFGHIJKLMNOPQRSTUVWXYZabcdefghijklmnopqrstuvwxyz0123456789+/'
  const worth = Uint8Array.from({ length: 128 }, (_, code) => Math.max(0, digits.indexOf(String.fromCharCode(code))))

  // What base64 stands for (RFC 4648): the engine has no page's decoder.
  function bytes(text) {
    const out = new Uint8Array((text.length / 4) * 3)
    for (let i = 0, at = 0; i < text.length; i += 4) {
      const [a, b, c, d] = [0, 1, 2, 3].map((k) => worth[text.charCodeAt(i + k)])
      out[at++] = (a << 2) | (b >> 4)
      out[at++] = (b << 4) | (c >> 2)
      out[at++] = (c << 6) | d
    }
    return out.buffer.slice(0, out.length - (text.endsWith('==') ? 2 : text.endsWith('=') ? 1 : 0))
  }

  const ofTriangles = (corners, triangles) =>
    Manifold.ofMesh(new Mesh({ numProp: 3, vertProperties: Float32Array.from(corners), triVerts: Uint32Array.from(triangles) }))

  const fromOutline = (outline, solid) => fromOutlines([outline], solid)

  function fromOutlines(outlines, solid) {
    const section = new CrossSection(outlines, 'EvenOdd')
    try {
      return solid(section)
    } finally {
      section.delete()
    }
  }

  // Small letters that shrink may be gone: nothing is a solid too, and is told as such.
  function grown(section, { growth, height }) {
    const wider = section.offset(growth, 'Miter', 2)
    try {
      return wider.isEmpty() ? Manifold.union([]) : wider.extrude(height)
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
    return ofTriangles(at.flat(), triangles)
  }

  // Up to six pads, each at the corner of the lowest layer's hull that is furthest from those before it; the first is furthest from the middle.
  function padded(solid, { radius, thickness }) {
    const low = solid.boundingBox().min[2]
    const section = solid.slice(low + thickness / 2)
    const hull = section.hull()
    try {
      const corners = hull.toPolygons().flat()
      const middle = [0, 1].map((j) => corners.reduce((sum, c) => sum + c[j], 0) / corners.length)
      const apart = (a, b) => Math.hypot(a[0] - b[0], a[1] - b[1])
      const chosen = []
      while (chosen.length < 6) {
        const from = (c) => (chosen.length === 0 ? apart(c, middle) : Math.min(...chosen.map((o) => apart(c, o))))
        const next = corners.reduce((best, c) => (best && from(best) >= from(c) ? best : c), null)
        if (!next || (chosen.length > 0 && from(next) < 2.5 * radius)) break
        chosen.push(next)
      }
      const pads = chosen.map(([x, y]) => {
        const round = Manifold.cylinder(thickness, radius, radius, 32)
        const pad = round.translate([x, y, low])
        round.delete()
        return pad
      })
      const whole = Manifold.union([solid, ...pads])
      pads.forEach((pad) => pad.delete())
      return whole
    } finally {
      section.delete()
      hull.delete()
    }
  }

  // The outline square to each length, cut off by the plane halfway between two of them; the frame turns with the path and not about it.
  function sweep(outline, path) {
    const ways = path.slice(1).map((p, k) => unit(less(p, path[k])))
    let side = unit(acrossOf(ways[0], Math.abs(ways[0][0]) < 0.9 ? [1, 0, 0] : [0, 1, 0]))
    const at = []
    path.forEach((point, k) => {
      const [from, to] = [ways[Math.max(0, k - 1)], ways[Math.min(ways.length - 1, k)]]
      const up = cross(from, side)
      const plane = unit(from.map((f, j) => f + to[j]))
      for (const [x, y] of outline) {
        const off = side.map((s, j) => x * s + y * up[j])
        const along = -dot(off, plane) / dot(from, plane)
        at.push(point.map((p, j) => p + off[j] + along * from[j]))
      }
      side = unit(acrossOf(to, turned(side, from, to)))
    })
    const [n, last] = [outline.length, path.length - 1]
    const sides = ways.flatMap((_, k) =>
      outline.flatMap((_, i) => {
        const [j, low, high] = [(i + 1) % n, k * n, (k + 1) * n]
        return [low + i, low + j, high + j, low + i, high + j, high + i]
      }),
    )
    const cap = kernel.triangulate([outline]).flat()
    const triangles = [...sides, ...[...cap].reverse(), ...cap.map((corner) => corner + last * n)]
    return ofTriangles(at.flat(), triangles)
  }

  const dot = (a, b) => a[0] * b[0] + a[1] * b[1] + a[2] * b[2]
  const less = (a, b) => a.map((v, i) => v - b[i])
  const unit = (a) => a.map((v) => v / Math.hypot(...a))
  const cross = (a, b) => [a[1] * b[2] - a[2] * b[1], a[2] * b[0] - a[0] * b[2], a[0] * b[1] - a[1] * b[0]]
  const acrossOf = (way, b) => less(b, way.map((w) => w * dot(way, b)))

  // What a direction becomes when one way is turned into another by the shortest turn (Rodrigues).
  function turned(v, from, to) {
    const [axis, cosine] = [cross(from, to), dot(from, to)]
    const [around, share] = [cross(axis, v), dot(axis, v) / (1 + cosine)]
    return v.map((c, i) => c * cosine + around[i] + axis[i] * share)
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

  // What lies within a reach is looked for pair by pair of triangles: nearest first, for of fine faces that are near there are millions.
  const gapWithin = (a, b, reach) => {
    for (let near = 0.25; near < reach; near *= 2) {
      const gap = a.minGap(b, near)
      if (gap < near) return gap
    }
    return a.minGap(b, reach)
  }

  // Overlap in mm³, how deep it is, and the least gap up to a reach. A sliver along a slanting face fills its box hardly: six times its
  // volume over its surface is three times its thickness, and the side of a cube.
  globalThis.between = (programJson, reach) =>
    within(programJson, ([a, b]) => {
      const both = a.intersect(b)
      try {
        const overlap = both.volume()
        if (!(overlap > 0)) return Float64Array.of(0, 0, gapWithin(a, b, reach))
        const { min, max } = both.boundingBox()
        return Float64Array.of(overlap, Math.min(...max.map((m, i) => m - min[i]), (6 * overlap) / both.surfaceArea()), 0)
      } finally {
        both.delete()
      }
    })

  globalThis.layers = (programJson, height, lineWidth, walls, skins) =>
    within(programJson, ([solid]) => cutIntoLayers(solid, { height, lineWidth, walls, skins }))
})
