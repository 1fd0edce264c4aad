import { readdirSync, readFileSync } from 'node:fs'
import { dirname, join, relative, sep } from 'node:path'
import { expect, it } from 'vitest'

const root = import.meta.dirname

/** Folder to the folders whose files it imports. */
function leans(): Map<string, Set<string>> {
  const found = new Map<string, Set<string>>()
  for (const file of readdirSync(root, { recursive: true, encoding: 'utf8' }).filter((f) => /\.tsx?$/.test(f) && !f.includes('.test.'))) {
    const folder = folderOf(file)
    const on = found.get(folder) ?? new Set()
    found.set(folder, on)
    for (const [, path] of readFileSync(join(root, file), 'utf8').matchAll(/(?:from|import\()\s*'((?:@\/|\.)[^']+)'/g)) {
      const to = folderOf(path!.startsWith('@/') ? path!.slice(2) : relative(root, join(root, dirname(file), path!)))
      if (to !== folder) on.add(to)
    }
  }
  return found
}

const folderOf = (file: string) => (file.includes(sep) ? file.split(sep)[0]! : '.')

it('has folders that stand on each other and never in a ring', () => {
  const all = leans()
  expect(all.size).toBeGreaterThan(8)
  const left = new Set(all.keys())
  for (let lowest; (lowest = [...left].find((f) => ![...all.get(f)!].some((on) => left.has(on)))) !== undefined;) left.delete(lowest)
  expect([...left].map((f) => `${f} on ${[...all.get(f)!].filter((on) => left.has(on)).join(', ')}`)).toEqual([])
})
