// Four clients ask for heavy plans without a pause; what an ordinary preview waits meanwhile, and what the fourth plan is told.
// Usage: node bench/busy.mjs URL [seconds]
const [url, seconds] = [process.argv[2], Number(process.argv[3] ?? 30)]
const get = async (path) => (await fetch(url + path)).json()
const [setup] = await get('/api/processes')
const [adapter] = await get('/api/jobs?words=Blade%20sander')
const send = (path, body, client) =>
  fetch(url + path, { method: 'POST', headers: { 'content-type': 'application/json', 'emboq-client': client }, body: JSON.stringify(body) })
const heavy = (n) => ({ family: 'label-plate', process: setup.id, interfaces: {}, bodies: ['part', 'coupon'], parameters: { text: `Plate ${n}`, width: String(140 + (n % 60)), height: '60' } })
const { state, family, id } = adapter.parts[0]
const preview = (angle) => ({
  family, process: state.process, part: id, bodies: ['part', 'counterpart'], parameters: { ...state.parameters, coneAngle: String(angle) },
  interfaces: Object.fromEntries(Object.entries(state.interfaces).map(([slot, place]) => [slot, { id: place }])),
})
async function previews(until) {
  const times = []
  for (let i = 0; Date.now() < until; i++) {
    const from = performance.now()
    const answer = await send('/api/designs', preview(20 + (i % 400) / 10), 'watched')
    await answer.arrayBuffer()
    if (!answer.ok) throw new Error(`${answer.status}`)
    times.push(performance.now() - from)
    await new Promise((done) => setTimeout(done, 50))
  }
  times.sort((a, b) => a - b)
  return `p50 ${times[times.length >> 1].toFixed(0)} ms, p95 ${times[Math.floor(times.length * 0.95)].toFixed(0)} ms, longest ${times.at(-1).toFixed(0)} ms of ${times.length}`
}
console.log(`previews alone: ${await previews(Date.now() + 10_000)}`)
const ends = Date.now() + seconds * 1000
const plans = []
let places = 0
const client = async (who) => {
  for (let n = 0; Date.now() < ends; n++) {
    const from = performance.now()
    const answer = await send('/api/plans', heavy(n * 4 + who), `heavy ${who}`)
    await answer.arrayBuffer()
    plans.push({ status: answer.status, took: performance.now() - from })
  }
}
const asker = setInterval(async () => {
  const { place } = await (await fetch(`${url}/api/queue`, { headers: { 'emboq-client': 'heavy 3' } })).json()
  places = Math.max(places, place)
}, 200)
const all = [0, 1, 2, 3].map(client)
console.log(`previews beside four heavy clients: ${await previews(ends)}`)
await Promise.all(all)
clearInterval(asker)
const took = plans.map((p) => p.took).sort((a, b) => a - b)
console.log(`${plans.length} plans meanwhile, ${plans.filter((p) => p.status !== 200).length} of them refused; p50 ${took[took.length >> 1]?.toFixed(0)} ms, longest ${took.at(-1)?.toFixed(0)} ms; the farthest place told was ${places}`)
