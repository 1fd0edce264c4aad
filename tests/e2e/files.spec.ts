import { expect, test, type APIRequestContext } from '@playwright/test'
import { buildSync } from 'esbuild'
import { validateBytes } from 'gltf-validator'

type Part = { readonly id: string }

async function kept(request: APIRequestContext): Promise<Part> {
  const jobs = (await (await request.get('/api/jobs')).json()) as {
    name: string
    parts: Part[]
  }[]
  return jobs.find((j) => j.name === 'Grip sander to ceiling hose')!.parts[0]!
}

async function file(request: APIRequestContext, kind: string): Promise<Buffer> {
  const part = await kept(request)
  return (await request.get(`/api/parts/${part.id}/revisions/2.${kind}`)).body()
}

test('the Khronos validator finds nothing wrong with the glTF', async ({ request }) => {
  const report = await validateBytes(new Uint8Array(await file(request, 'glb')))
  expect(report.issues.messages.filter((m: { severity: number }) => m.severity < 2)).toEqual([])
  expect(report.info.totalVertexCount).toBeGreaterThan(100)
})

test('three readers of one library see one size in STL, 3MF and glTF', async ({ page, request }) => {
  const [stl, threeMf, glb] = await Promise.all(['stl', '3mf', 'glb'].map((kind) => file(request, kind)))
  // The loaders want a page; this one has nothing else on it.
  const script = buildSync({
    stdin: {
      contents: `
        import { Box3, Vector3, Mesh } from 'three'
        import { STLLoader } from 'three/examples/jsm/loaders/STLLoader.js'
        import { ThreeMFLoader } from 'three/examples/jsm/loaders/3MFLoader.js'
        import { GLTFLoader } from 'three/examples/jsm/loaders/GLTFLoader.js'
        const bytes = (text) => Uint8Array.from(atob(text), (c) => c.charCodeAt(0)).buffer
        const size = (thing) => new Box3().setFromObject(thing).getSize(new Vector3()).toArray()
        const names = (thing) => { const found = []; thing.traverse((o) => o.isMesh && found.push(o.name)); return found }
        globalThis.read = async (stl, threeMf, glb) => {
          const model = new ThreeMFLoader().parse(bytes(threeMf))
          const scene = (await new GLTFLoader().parseAsync(bytes(glb), '')).scene
          return { stl: size(new Mesh(new STLLoader().parse(bytes(stl)))), threeMf: size(model), glb: size(scene), names: names(scene) }
        }`,
      resolveDir: process.cwd(),
    },
    bundle: true,
    write: false,
    format: 'iife',
  }).outputFiles[0]!.text
  await page.goto('about:blank')
  await page.addScriptTag({ content: script })
  const read = await page.evaluate(
    ([a, b, c]) =>
      (
        globalThis as unknown as {
          read: (...files: string[]) => Promise<Record<'stl' | 'threeMf' | 'glb', number[]> & { names: string[] }>
        }
      ).read(a!, b!, c!),
    [stl, threeMf, glb].map((f) => f!.toString('base64')),
  )
  const [x, y, z] = read.stl
  read.threeMf.forEach((side, i) => expect(side).toBeCloseTo(read.stl[i]!, 3))
  // Metres, with y up.
  expect(read.glb.map((side) => side * 1000).map((side) => side.toFixed(2))).toEqual([x!, z!, y!].map((side) => side.toFixed(2)))
  expect(read.names).toEqual(['part'])
})
