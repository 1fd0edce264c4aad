// Runs inside the engine. Cuts a solid into layers and measures what is printed in each; frees every section it makes.
// Answers eleven numbers a layer, in the order of the record Layer: area, wall path, loops, skin, fill, overhang, reach, islands, width, depth, bridge.
globalThis.cutIntoLayers = (solid, { height, lineWidth, walls, skins }) => {
  const made = new Set()
  const keep = (section) => (made.add(section), section)
  try {
    const layers = []
    for (const section of sectionsOf(solid, height, keep)) {
      const below = layers[layers.length - 1]
      layers.push(below?.section === section ? below : measured(section))
    }
    const covered = coveredIn(layers.map((layer) => layer.fill))
    return Float64Array.from(
      layers.flatMap((layer, i) => {
        const { overhang, reach, islands, bridge } = hang(layer, layers[i - 1])
        const inner = covered[i]?.area() ?? 0
        return [...layer.numbers, layer.fill.area() - inner, inner, overhang, reach, islands, layer.width, layer.depth, bridge]
      }),
    )
  } finally {
    for (const section of made) section.delete()
  }

  function measured(section) {
    const area = section.area()
    if (area <= 0) return { section, fill: section, numbers: [0, 0, 0], width: 0, depth: 0 }
    // A wall line covers the strip between two offsets: its length is the strip's area over its width, even where the strip closes on itself.
    let [path, loops, rest] = [0, 0, section]
    for (let wall = 1; wall <= walls && !rest.isEmpty(); wall++) {
      const inner = keep(section.offset(-wall * lineWidth, 'Miter'))
      path += (rest.area() - inner.area()) / lineWidth
      loops += inner.isEmpty() ? Math.ceil((linesAcross(rest) * rest.numContour()) / 2) : rest.numContour()
      rest = inner
    }
    const { min, max } = section.bounds()
    return { section, fill: rest, numbers: [area, path, loops], width: max[0] - min[0], depth: max[1] - min[1] }
  }

  // How many lines fill what is too narrow for one more around it.
  function linesAcross(rest) {
    return Math.max(1, Math.round((2 * rest.area()) / (perimeter(rest) * lineWidth)))
  }

  // Of each fill what is covered on every side by fill; the rest is closed. The fills of a window are met by halves: from the middle of each block of
  // layers to its two ends (van Herk's running minimum, 1992).
  function coveredIn(fills) {
    const wide = 2 * skins + 1
    const [down, up] = [[...fills], [...fills]]
    for (let i = 1; i < fills.length; i++) if (i % wide) up[i] = common(up[i - 1], fills[i])
    for (let i = fills.length - 2; i >= 0; i--) if ((i + 1) % wide) down[i] = common(fills[i], down[i + 1])
    return fills.map((_, i) => (fills[i - skins] && fills[i + skins] ? common(down[i - skins], up[i + skins]) : null))
  }

  function common(a, b) {
    return a === b || a.isEmpty() ? a : b.isEmpty() ? b : keep(a.intersect(b))
  }

  function hang(layer, below) {
    if (!below || below === layer) return { overhang: 0, reach: 0, islands: 0, bridge: 0 }
    const { overhang, places, islands } = hanging(layer.section, below.section, { height, lineWidth, keep })
    const most = (what) => places.reduce((worst, place) => Math.max(worst, place[what]), 0)
    return { overhang, reach: most('reach'), islands: islands.reduce((sum, piece) => sum + piece.area(), 0), bridge: most('bridge') }
  }
}
