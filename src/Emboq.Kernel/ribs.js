// Runs inside the engine. A solid with thin ribs under what of it hangs in the air, to be broken away: upright, square to the lines that they carry, and
// only where a hand or a blade gets at them.
globalThis.ribsUnder = ({ Manifold, CrossSection }, solid, { height, lineWidth, hangs, bridges, apart }) => {
  const made = new Set()
  const keep = (what) => (made.add(what), what)
  const { min } = solid.boundingBox()
  const gap = lineWidth
  try {
    const ribs = []
    sectionsOf(solid, height, keep).forEach((section, i, all) => {
      const below = all[i - 1]
      if (!below || below === section) return
      for (const place of roofs(section, below)) ribs.push(...under(place, below, min[2] + (i + 0.5) * height))
    })
    const all = Manifold.union([solid, ...ribs])
    if (!ribs.length) return all
    // Between a rib and what it stands beside a drop of air may be shut in: a shell of its own, turned inside out.
    const shells = keep(all).decompose().map(keep)
    return Manifold.compose(shells.filter((shell) => !(shell.volume() < 0 && shell.volume() > -1)))
  } finally {
    for (const what of made) what.delete()
  }

  // What hangs further, or bridges further, than it should.
  function roofs(section, below) {
    const { places, islands } = hanging(section, below, { height, lineWidth, keep })
    return [
      ...places.filter((place) => place.reach > hangs || place.bridge > bridges),
      ...islands.filter((piece) => piece.area() > lineWidth * lineWidth).map((piece) => ({ piece, reach: Infinity, turn: 0 })),
    ]
  }

  function under({ piece, reach, turn }, below, z) {
    const angle = turn * 15
    // A hair within its outline, so that no two faces meet in one edge.
    const room = keep(keep(piece.subtract(keep(below.offset(gap, 'Miter')))).offset(-0.05, 'Miter'))
    if (room.isEmpty()) return []
    const laid = keep(room.rotate(-angle))
    const beside = keep(keep(below.offset(2 * gap + lineWidth, 'Round', 2, 16)).rotate(-angle))
    const { min: least, max: most } = laid.bounds()
    const count = Math.min(40, Math.max(1, Math.ceil((most[0] - least[0]) / apart)))
    const wide = 2 * lineWidth
    return Array.from({ length: count + 1 }, (_, k) => {
      const x = Math.min(most[0] - wide / 2, Math.max(least[0] + wide / 2, least[0] + (k * (most[0] - least[0])) / count))
      const strip = keep(keep(CrossSection.square([lineWidth, most[1] - least[1]])).translate([x - lineWidth / 2, least[1]]))
      const line = keep(laid.intersect(strip))
      // At the ends too, where what hangs there is carried by nothing.
      const carried = (k === 0 || k === count) && (reach <= hangs || keep(line.intersect(beside)).area() > line.area() / 2)
      return carried || line.area() < wide * lineWidth ? [] : standing(keep(line.rotate(angle)), room, z)
    }).flat()
  }

  function upright(section, from, to) {
    return keep(keep(section.extrude(to - from)).translate([0, 0, from]))
  }

  // On what lies below, or on the bed, where it can be reached: one line wide where it touches, thick enough to stand.
  function standing(line, room, z) {
    return keep(upright(line, min[2], z).subtract(solid))
      .decompose()
      .map(keep)
      .filter((free) => free.boundingBox().max[2] > z - height)
      .flatMap((free) => {
        const whole = keep(free.project())
        // A splinter carries nothing.
        if (whole.area() < lineWidth * lineWidth) return []
        const ground = floor(free, whole.area() / 2, free.boundingBox().min[2], z - height)
        const print = clear(whole, ground, z)
        if (print.area() < lineWidth * lineWidth) return []
        if (!reached(free, ground, z)) return []
        // A little into what it stands on.
        const from = Math.max(min[2], ground - height)
        const tall = z - ground
        const as = (wide) => around(print, clear(keep(keep(print.offset((wide - lineWidth) / 2, 'Miter')).intersect(room)), ground, z))
        const tip = upright(print, from, z)
        if (tall < 3 * height) return [tip]
        const stem = upright(as(Math.max(2 * lineWidth, tall / 30)), from, z - Math.min(1, tall / 2))
        // On the bed it has a foot; on the solid itself one would never come off.
        return ground > min[2] + height ? [tip, stem] : [tip, stem, upright(as(Math.max(6 * lineWidth, tall / 4)), from, from + Math.min(2 * height, tall / 2))]
      })
  }

  // Apart from what reaches into its way with air beneath, as a thread's crests do: grown together with that, it would never come off.
  function clear(print, ground, z) {
    const crossed = keep(upright(print, ground, z - height).intersect(solid)).decompose().map(keep)
    const over = crossed.filter((piece) => piece.boundingBox().min[2] > ground + 2 * height)
    return over.reduce((rest, piece) => keep(rest.subtract(keep(keep(piece.project()).offset(gap, 'Miter')))), print)
  }

  // What of a wider outline lies around a line, and not across a thin wall from it.
  function around(print, wider) {
    const near = wider.decompose().map(keep).filter((piece) => keep(piece.intersect(print)).area() > 1e-6)
    return keep(near.reduce((all, piece) => keep(all.add(piece)), print))
  }

  // How far down most of it is free: it does not go on into a hole of what it stands on.
  function floor(free, most, low, high) {
    const goes = (at) => keep(free.slice(at)).area() >= most
    if (goes(low + 0.01)) return low
    for (let [under, over] = [low, high]; ; ) {
      const middle = (under + over) / 2
      if (over - under < 0.01) return over
      if (goes(middle)) over = middle
      else under = middle
    }
  }

  // From the bed, or from the side: not within an outline of what stands around it.
  function reached(free, ground, z) {
    if (ground < min[2] + height) return true
    const middle = (ground + z) / 2
    const around = keep(solid.slice(middle)).toPolygons()
    const filled = keep(new CrossSection(around.filter((outline) => area(outline) > 0), 'NonZero'))
    return keep(keep(free.slice(middle)).intersect(filled)).area() < 1e-6
  }

  function area(outline) {
    return outline.reduce((sum, [x, y], i) => {
      const [u, v] = outline[(i + 1) % outline.length]
      return sum + (x * v - u * y) / 2
    }, 0)
  }
}
