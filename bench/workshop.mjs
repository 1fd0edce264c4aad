// A large workshop, 500 machines with 50,000 readings by default: the list, a search and one machine's page at the server, and scrolling the list in Chromium.
// Usage: node bench/workshop.mjs URL [machines [readings a machine]]; the application must allow as many uploads a minute (EMBOQ_UPLOADS).
import { createRequire } from 'node:module'
const { chromium } = createRequire(new URL('../web/package.json', import.meta.url))('@playwright/test')

const url = process.argv[2]
const [machines, readings] = [Number(process.argv[3] ?? 500), Number(process.argv[4] ?? 100)]
const places = [
  ['port', 'tube', [], [['inside', 50], ['outside', 54], ['depth', 30]]],
  ['table', 'hole-grid', [], [['pitchX', 96], ['pitchY', 96], ['diameter', 20]]],
  ['spindle', 'turned', ['nose', 'neck', 'flange'], [['step1.length', 20], ['step1.first', 16], ['step2.length', 30], ['step2.first', 20], ['step3.length', 12], ['step3.first', 40]]],
  ['nut', 'nut', [], [['flats', 12.9], ['height', 6.5]]],
]
const sizes = places.flatMap(([, , , dimensions], place) => dimensions.map(([key, value]) => ({ place, key, value })))
const caliper = { id: 'caliper', name: 'caliper', kind: 'caliper', resolution: 0.01, maximumPermissibleError: 0.03, repeatability: 0.03, reach: 150 }
// A fixed sequence, so that every run has the same workshop.
let seed = 1
const noise = () => ((seed = (seed * 48271) % 2147483647) / 2147483647 - 0.5) * 0.12
const from = performance.now()
for (let m = 0; m < machines; m++) {
  const card = {
    format: 'emboq-machine', schema: 1, name: `Bench machine ${m}`, note: `stands in bay ${m % 37}`, instruments: [caliper],
    places: places.map(([name, kind, items], place) => ({
      name: `${name} ${m}`, kind, items,
      readings: Array.from({ length: readings }, (_, r) => ({ ...sizes[r % sizes.length], r })).filter((s) => s.place === place).map((s) => {
        const value = Math.round((s.value + noise()) * 100) / 100
        return { dimension: s.key, value, text: `${value}`, instrument: 'caliper', at: new Date(1.79e12 + m * 1e6 + s.r * 1e3).toISOString() }
      }),
    })),
  }
  const answer = await fetch(`${url}/api/machine-cards`, { method: 'POST', headers: { 'content-type': 'application/json' }, body: JSON.stringify(card) })
  if (!answer.ok) throw new Error(`${answer.status} ${await answer.text()}`)
}
console.log(`${machines} machines with ${machines * readings} readings taken in over ${((performance.now() - from) / 1000).toFixed(0)} s`)

const ids = (await (await fetch(`${url}/api/machines?words=bench`)).json()).map((m) => m.id)
async function timed(what, path) {
  const times = []
  for (let i = 0; i < 220; i++) {
    const start = performance.now()
    await (await fetch(url + path(i))).text()
    if (i >= 20) times.push(performance.now() - start)
  }
  times.sort((a, b) => a - b)
  console.log(`${what}: p50 ${times[100].toFixed(1)} ms, p95 ${times[190].toFixed(1)} ms`)
}
await timed('list of machines', () => '/api/machines')
await timed('search by two words', (i) => `/api/machines?words=bay%20${i % 37}`)
await timed('one machine with its readings', (i) => `/api/machines/${ids[(i * 7) % ids.length]}`)

const browser = await chromium.launch({ executablePath: '/usr/bin/chromium', args: ['--no-sandbox', '--disable-background-networking', '--disable-component-update', '--disable-sync', '--no-first-run'] })
const page = await browser.newPage({ viewport: { width: 1280, height: 800 } })
const opened = performance.now()
await page.goto(`${url}/machines/${ids[3]}`)
await page.getByRole('heading', { name: 'Bench machine' }).first().waitFor()
console.log(`page of a machine beside the list of all: ready after ${(performance.now() - opened).toFixed(0)} ms`)
const frames = await page.evaluate(
  () =>
    new Promise((done) => {
      const list = document.querySelector('nav[aria-label="Machines"]')
      const times = []
      let last = performance.now()
      const step = (now) => {
        times.push(now - last)
        last = now
        list.scrollTop += 60
        if (times.length < 200) requestAnimationFrame(step)
        else done(times.slice(5))
      }
      requestAnimationFrame(step)
    }),
)
frames.sort((a, b) => a - b)
console.log(`scrolling the list: ${frames.length} frames, p50 ${frames[Math.floor(frames.length / 2)].toFixed(1)} ms, p95 ${frames[Math.floor(frames.length * 0.95)].toFixed(1)} ms, longest ${frames.at(-1).toFixed(1)} ms`)
await browser.close()
