// Runs inside the engine. What of a layer lies past the layer below, and how it is carried there. The caller frees what is kept.
// Answers the area that hangs past 45 degrees, its places (piece, reach, bridge, turn), and the pieces that nothing below carries.
globalThis.hanging = (section, below, { height, lineWidth, keep }) => {
  const carried = keep(below.offset(height, 'Round', 2, 32))
  const out = keep(section.subtract(carried))
  const overhang = out.area()
  if (overhang < 1e-6) return { overhang: 0, places: [], islands: [] }
  const ground = carried.toPolygons()
  return {
    overhang,
    places: out.decompose().map(keep).flatMap(wide).map((piece) => ({ piece, ...inTheAir(piece, ground) })),
    islands: section.decompose().map(keep).filter((piece) => keep(piece.intersect(below)).area() < 1e-6),
  }

  // What is wide is parted where it is narrower than a line: no line runs through there.
  function wide(piece) {
    if ((2 * piece.area()) / perimeter(piece) < 1) return [piece]
    const opened = keep(keep(piece.offset(-lineWidth / 2, 'Miter')).offset(lineWidth / 2, 'Miter'))
    return opened.isEmpty() ? [piece] : opened.decompose().map(keep)
  }

  // How what hangs past the layer below is carried: by lines laid across it whose two ends both lie on that layer, or hanging from one end.
  function inTheAir(piece, ground) {
    const narrow = (2 * piece.area()) / perimeter(piece)
    if (narrow < 1) return { reach: narrow, bridge: 0, turn: 0 }
    const outlines = piece.toPolygons()
    let best = null
    for (let turn = 0; turn < 12; turn++) {
      const lines = across(outlines, (turn * Math.PI) / 12, ground)
      const longest = (of) => of.reduce((most, line) => Math.max(most, line.length), 0)
      // A line that lies on nothing at either end cannot be laid at all.
      const loose = lines.some((line) => line.ends === 0) ? Infinity : longest(lines.filter((line) => line.ends === 1))
      const held = longest(lines.filter((line) => line.ends === 2))
      if (!best || loose < best.reach - 1e-9 || (loose < best.reach + 1e-9 && held < best.bridge)) best = { reach: loose, bridge: held, turn }
    }
    // A line that hangs is no longer than the way to what carries it.
    return { ...best, reach: Math.min(best.reach, farthest(outlines, ground)) }
  }

  // Straight lines across outlines in one direction, each with its length and how many of its ends are carried.
  function across(outlines, angle, ground) {
    const turned = rotated(outlines, angle)
    const heights = turned.flat().map(([, y]) => y)
    const [low, high] = [Math.min(...heights), Math.max(...heights)]
    const count = Math.max(2, Math.min(60, Math.ceil((high - low) / lineWidth)))
    const rows = { low: low + (high - low) / count / 2, step: (high - low) / count, count }
    const carried = crossings(rotated(ground, angle), rows)
    return crossings(turned, rows).flatMap((met, row) => {
      const end = (x) => carried[row].filter((crossed) => x < crossed).length % 2
      const lines = []
      for (let n = 0; n + 1 < met.length; n += 2) lines.push({ length: met[n + 1] - met[n], ends: end(met[n] - 0.02) + end(met[n + 1] + 0.02) })
      return lines
    })
  }

  function rotated(outlines, angle) {
    const [cos, sin] = [Math.cos(angle), Math.sin(angle)]
    return outlines.map((outline) => outline.map(([x, y]) => [x * cos + y * sin, y * cos - x * sin]))
  }

  // Where level rows cross outlines, from left to right: each side is asked for its own rows alone.
  function crossings(outlines, { low, step, count }) {
    const met = Array.from({ length: count }, () => [])
    for (const outline of outlines) {
      for (let n = 0; n < outline.length; n++) {
        const [[px, py], [qx, qy]] = [outline[n], outline[(n + 1) % outline.length]]
        const [first, last] = [Math.ceil((Math.min(py, qy) - low) / step), Math.ceil((Math.max(py, qy) - low) / step) - 1]
        for (let row = Math.max(0, first); row <= Math.min(count - 1, last); row++) met[row].push(px + ((low + row * step - py) * (qx - px)) / (qy - py))
      }
    }
    return met.map((xs) => xs.sort((a, b) => a - b))
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
}

// Length of all outlines of a section.
globalThis.perimeter = (section) => {
  let length = 0
  for (const outline of section.toPolygons()) {
    for (let i = 0; i < outline.length; i++) {
      const [a, b] = [outline[i], outline[(i + 1) % outline.length]]
      length += Math.hypot(b[0] - a[0], b[1] - a[1])
    }
  }
  return length
}
