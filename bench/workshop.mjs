// A large workshop, 5,000 machines with 50,000 readings and 2,000 jobs by default: what the screens open with, at the server, and scrolling the list in Chromium.
// Usage: node bench/workshop.mjs URL [machines [readings a machine [jobs]]]; the application must allow as many uploads a minute (EMBOQ_UPLOADS).
import { createRequire } from 'node:module'
const { chromium } = createRequire(new URL('../web/package.json', import.meta.url))('@playwright/test')

const url = process.argv[2]
const [machines, readings, jobs] = [Number(process.argv[3] ?? 5000), Number(process.argv[4] ?? 10), Number(process.argv[5] ?? 2000)]
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

const ids = (await (await fetch(`${url}/api/machines?words=bench&most=500`)).json()).map((m) => m.id)
const [first] = await (await fetch(`${url}/api/machines/${ids[0]}`)).json().then((m) => m.interfaces.filter((i) => i.kind === 'tube'))
const process_ = (await (await fetch(`${url}/api/processes`)).json())[0].id
const began = performance.now()
for (let j = 0; j < jobs; j++) {
  const place = (await (await fetch(`${url}/api/machines/${ids[j % ids.length]}`)).json()).interfaces.find((i) => i.kind === 'tube').id
  const part = { name: 'adapter', family: 'hose-adapter', process: process_, interfaces: { first: place, second: first.id }, parameters: { firstJoin: 'over', secondJoin: 'inside' } }
  const answer = await fetch(`${url}/api/jobs`, { method: 'POST', headers: { 'content-type': 'application/json' }, body: JSON.stringify({ name: `Bench job ${j}`, need: `number ${j} of many`, part }) })
  if (!answer.ok) throw new Error(`${answer.status} ${await answer.text()}`)
}
const entered = performance.now()
// Every part is reckoned in the background before it is timed.
for (let from = 0, left = true; left; left = from > 0) {
  const page = await (await fetch(`${url}/api/bench?most=500&from=${from}`)).json()
  if (page.items.some((i) => i.reckoning)) await new Promise((done) => setTimeout(done, 200))
  else from = from + 500 < page.total ? from + 500 : 0
  if (from === 0 && !page.items.some((i) => i.reckoning)) break
}
console.log(`${jobs} jobs entered in ${((entered - began) / 1000).toFixed(0)} s; all reckoned ${((performance.now() - entered) / 1000).toFixed(1)} s after the last`)
const jobIds = (await (await fetch(`${url}/api/jobs?most=500`)).json()).map((j) => j.id)

async function timed(what, path) {
  const times = []
  for (let i = 0; i < 220; i++) {
    const start = performance.now()
    const answer = await fetch(url + path(i))
    await answer.text()
    if (!answer.ok) throw new Error(`${answer.status} of ${path(i)}`)
    if (i >= 20) times.push(performance.now() - start)
  }
  times.sort((a, b) => a - b)
  console.log(`${what}: p50 ${times[100].toFixed(1)} ms, p95 ${times[190].toFixed(1)} ms`)
}
await timed('bench, first page', () => '/api/bench')
await timed('bench, any page', (i) => `/api/bench?from=${(i * 100) % jobs}&most=100`)
await timed('measure next', () => '/api/measure-next')
await timed('jobs by a word', (i) => `/api/jobs?words=${i}%20many`)
await timed('one job', (i) => `/api/jobs/${jobIds[(i * 7) % jobIds.length]}`)
await timed('machines, first page', () => '/api/machines')
await timed('machines, any page', (i) => `/api/machines?from=${(i * 100) % machines}`)
await timed('machines by two words', (i) => `/api/machines?words=bay%20${i % 37}`)
await timed('places of a kind', () => '/api/machines?kinds=tube,hose,duct')
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
