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
    const carried = keep(below.section.offset(height, 'Round', 2, 32))
    const out = keep(layer.section.subtract(carried))
    const overhang = out.area()
    if (overhang < 1e-6) return { overhang: 0, reach: 0, islands: 0, bridge: 0 }
    const ground = carried.toPolygons()
    const places = out.decompose().map(keep).map((piece) => inTheAir(piece, ground))
    const islands = layer.section.decompose().map(keep).filter((piece) => keep(piece.intersect(below.section)).area() < 1e-6)
    const most = (what) => Math.max(...places.map((place) => place[what]))
    return { overhang, reach: most('reach'), islands: islands.reduce((sum, piece) => sum + piece.area(), 0), bridge: most('bridge') }
  }

  // How what hangs past the layer below is carried: by lines laid across it whose two ends both lie on that layer, or hanging from one end.
  function inTheAir(piece, ground) {
    const narrow = (2 * piece.area()) / perimeter(piece)
    if (narrow < 1) return { reach: narrow, bridge: 0 }
    const outlines = piece.toPolygons()
    let best = null
    for (let turn = 0; turn < 12; turn++) {
      const lines = across(outlines, (turn * Math.PI) / 12, ground)
      const longest = (of) => of.reduce((most, line) => Math.max(most, line.length), 0)
      // A line that lies on nothing at either end cannot be laid at all.
      const loose = lines.some((line) => line.ends === 0) ? Infinity : longest(lines.filter((line) => line.ends === 1))
      const held = longest(lines.filter((line) => line.ends === 2))
      if (!best || loose < best.reach - 1e-9 || (loose < best.reach + 1e-9 && held < best.bridge)) best = { reach: loose, bridge: held }
    }
    // A line that hangs is no longer than the way to what carries it.
    return { reach: Math.min(best.reach, farthest(outlines, ground)), bridge: best.bridge }
  }

  // Straight lines across outlines in one direction, each with its length and how many of its ends are carried.
  function across(outlines, angle, ground) {
    const [cos, sin] = [Math.cos(angle), Math.sin(angle)]
    const turned = outlines.map((outline) => outline.map(([x, y]) => [x * cos + y * sin, y * cos - x * sin]))
    const heights = turned.flat().map(([, y]) => y)
    const [low, high] = [Math.min(...heights), Math.max(...heights)]
    const count = Math.max(2, Math.min(60, Math.ceil((high - low) / lineWidth)))
    const lines = []
    for (let i = 0; i < count; i++) {
      const y = low + ((i + 0.5) * (high - low)) / count
      const met = turned.flatMap((outline) => outline.flatMap((p, n) => {
        const q = outline[(n + 1) % outline.length]
        return p[1] > y === q[1] > y ? [] : [p[0] + ((y - p[1]) * (q[0] - p[0])) / (q[1] - p[1])]
      })).sort((a, b) => a - b)
      for (let n = 0; n + 1 < met.length; n += 2) {
        const end = (x) => inside([x * cos - y * sin, x * sin + y * cos], ground)
        lines.push({ length: met[n + 1] - met[n], ends: end(met[n] - 0.02) + end(met[n + 1] + 0.02) })
      }
    }
    return lines
  }

  // 1 for a point within outlines, 0 for one outside, by the sides that a ray crosses.
  function inside([x, y], outlines) {
    const crosses = ([ax, ay], [bx, by]) => ay > y !== by > y && x < ax + ((y - ay) * (bx - ax)) / (by - ay)
    return outlines.reduce((odd, outline) => outline.reduce((o, p, n) => (crosses(p, outline[(n + 1) % outline.length]) ? 1 - o : o), odd), 0)
  }

  // From the corners of what hangs to the nearest edge of what carries it.
  function farthest(outlines, ground) {
    const edges = ground.flatMap((outline) => outline.map((p, n) => [p, outline[(n + 1) % outline.length]]))
    const away = ([x, y]) => Math.min(...edges.map(([[ax, ay], [bx, by]]) => {
      const [dx, dy] = [bx - ax, by - ay]
      const t = Math.max(0, Math.min(1, ((x - ax) * dx + (y - ay) * dy) / (dx * dx + dy * dy || 1)))
      return Math.hypot(x - ax - t * dx, y - ay - t * dy)
    }))
    // With nothing at all below, it hangs as far as it is long.
    return edges.length === 0 ? cornerToCorner(outlines.flat()) : Math.max(...outlines.flat().map(away))
  }

  // Corner to corner of the box around some points.
  function cornerToCorner(points) {
    const [xs, ys] = [points.map(([x]) => x), points.map(([, y]) => y)]
    return points.length === 0 ? 0 : Math.hypot(Math.max(...xs) - Math.min(...xs), Math.max(...ys) - Math.min(...ys))
  }

  function perimeter(section) {
    let length = 0
    for (const outline of section.toPolygons()) {
      for (let i = 0; i < outline.length; i++) {
        const [a, b] = [outline[i], outline[(i + 1) % outline.length]]
        length += Math.hypot(b[0] - a[0], b[1] - a[1])
      }
    }
    return length
  }
}
