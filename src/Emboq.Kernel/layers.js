// Runs inside the engine. Cuts a solid into layers and measures what is printed in each; frees every section it makes.
// Answers eleven numbers a layer, in the order of the record Layer: area, wall path, loops, skin, fill, overhang, reach, islands, width, depth, bridge.
globalThis.cutIntoLayers = (solid, { height, lineWidth, walls, skins }) => {
  const made = new Set()
  const keep = (section) => (made.add(section), section)
  try {
    const { min, max } = solid.boundingBox()
    const count = Math.max(1, Math.round((max[2] - min[2]) / height))
    const layers = []
    for (let i = 0; i < count; i++) {
      const section = keep(solid.slice(min[2] + (i + 0.5) * height))
      const below = layers[i - 1]
      layers.push(below && same(below.section, section) ? below : measured(section))
    }
    const skinned = layers.map((layer, i) => skin(layer, layers, i))
    return Float64Array.from(
      layers.flatMap((layer, i) => {
        const { overhang, reach, islands, bridge } = hang(layer, layers[i - 1])
        return [...layer.numbers, ...skinned[i], overhang, reach, islands, layer.width, layer.depth, bridge]
      }),
    )
  } finally {
    for (const section of made) section.delete()
  }

  // A prism repeats its section corner for corner.
  function same(a, b) {
    if (a.numVert() !== b.numVert() || Math.abs(a.area() - b.area()) > 1e-6) return false
    const [p, q] = [a.toPolygons(), b.toPolygons()]
    return p.every((outline, k) => outline.length === q[k]?.length && outline.every(([x, y], n) => Math.hypot(x - q[k][n][0], y - q[k][n][1]) < 1e-6))
  }

  function measured(section) {
    const area = section.area()
    if (area <= 0) return { section, fill: section, numbers: [0, 0, 0], width: 0, depth: 0 }
    // A wall line covers the strip between two offsets: its length is the strip's area over its width, even where the strip closes on itself.
    let [path, loops, rest] = [0, 0, section]
    for (let wall = 1; wall <= walls && !rest.isEmpty(); wall++) {
      const inner = keep(section.offset(-wall * lineWidth, 'Miter'))
      path += (rest.area() - inner.area()) / lineWidth
      const across = Math.max(1, Math.round((2 * rest.area()) / (perimeter(rest) * lineWidth)))
      loops += inner.isEmpty() ? Math.ceil((across * rest.numContour()) / 2) : rest.numContour()
      rest = inner
    }
    const { min, max } = section.bounds()
    return { section, fill: rest, numbers: [area, path, loops], width: max[0] - min[0], depth: max[1] - min[1] }
  }

  // Where the fill is not covered on every side by fill, it is closed.
  function skin(layer, all, i) {
    const area = layer.fill.area()
    if (area < 1e-9) return [0, 0]
    let inner = layer.fill
    for (let j = i - skins; j <= i + skins; j++) {
      if (!all[j]) return [area, 0]
      if (all[j] !== layer) inner = keep(inner.intersect(all[j].fill))
    }
    return [area - inner.area(), inner.area()]
  }

  function hang(layer, below) {
    if (!below || below === layer) return { overhang: 0, reach: 0, islands: 0, bridge: 0 }
    const { overhang, places, islands } = hanging(layer.section, below.section, { height, lineWidth, keep })
    const most = (what) => places.reduce((worst, place) => Math.max(worst, place[what]), 0)
    return { overhang, reach: most('reach'), islands: islands.reduce((sum, piece) => sum + piece.area(), 0), bridge: most('bridge') }
  }
}
