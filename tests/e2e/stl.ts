/** Reads a binary STL, as the format says: 80 bytes, a count, 50 bytes a triangle. */
export function readStl(file: Buffer) {
  const count = file.readUInt32LE(80)
  const least = [Infinity, Infinity, Infinity]
  const greatest = [-Infinity, -Infinity, -Infinity]
  for (let t = 0; t < count; t++)
    for (let v = 0; v < 3; v++)
      for (let axis = 0; axis < 3; axis++) {
        const value = file.readFloatLE(84 + t * 50 + 12 + v * 12 + axis * 4)
        least[axis] = Math.min(least[axis]!, value)
        greatest[axis] = Math.max(greatest[axis]!, value)
      }
  return {
    count,
    title: file.toString('ascii', 0, 80).replaceAll('\0', ''),
    size: greatest.map((g, axis) => g - least[axis]!),
    bytes: file.length,
  }
}
