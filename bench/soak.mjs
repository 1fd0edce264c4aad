// Hours of use in a row: clients ask for previews of every family with random decisions, now and then for a plan, and write readings; memory and answers are noted as it goes on.
// EMBOQ_SOAK_PAUSE: milliseconds between one client's previews; EMBOQ_SOAK_NOTES: minutes between notes.
// Usage: node bench/soak.mjs URL [minutes [clients [previews]]]; ends after the minutes, and not before the previews (0: minutes alone).
const [url, minutes, clients, wanted] = [process.argv[2], Number(process.argv[3] ?? 120), Number(process.argv[4] ?? 2), Number(process.argv[5] ?? 50000)]
const get = async (path) => (await fetch(url + path)).json()
const families = await get('/api/families')
const [setup] = await get('/api/processes')
const machines = await get('/api/machines?most=500')
let seed = 7
const random = () => (seed = (seed * 48271) % 2147483647) / 2147483647
const pick = (list) => list[Math.floor(random() * list.length)]

function decisions(family) {
  const parameters = {}
  for (const spec of family.parameters) {
    if (random() < 0.6 || spec.kind === 'outline') continue
    const usual = Number.parseFloat(spec.default)
    const [least, most] = Number.isFinite(usual) ? [Math.max(spec.minimum, usual / 2), Math.min(spec.maximum, usual * 2)] : [spec.minimum, spec.maximum]
    parameters[spec.key] = spec.kind === 'choice' ? pick(spec.options).key : spec.kind === 'text' ? pick(['M6', 'Grips', 'Spare blades']) : (least + random() * (most - least)).toFixed(2)
  }
  const interfaces = {}
  for (const slot of family.slots.filter((s) => s.need === 'always' || random() < 0.2)) {
    const places = machines.flatMap((m) => m.interfaces).filter((i) => slot.kinds.includes(i.kind) && i.read)
    if (places.length > 0) interfaces[slot.key] = { id: pick(places).id }
  }
  return { family: family.key, process: setup.id, parameters, interfaces, bodies: ['part', 'counterpart'] }
}

const counts = { previews: 0, refused: 0, plans: 0, readings: 0, failed: 0 }
let times = []
const send = (path, body) => fetch(url + path, { method: 'POST', headers: { 'content-type': 'application/json' }, body: JSON.stringify(body) })
const ends = Date.now() + minutes * 60_000
const pause = Number(process.env.EMBOQ_SOAK_PAUSE ?? 0)
const tube = machines.flatMap((m) => m.interfaces).find((i) => i.kind === 'tube')

async function client() {
  while (Date.now() < ends || counts.previews < wanted) {
    const asked = decisions(pick(families))
    const from = performance.now()
    const answer = await send('/api/designs', asked)
    await answer.arrayBuffer()
    times.push(performance.now() - from)
    counts.previews++
    if (pause > 0) await new Promise((done) => setTimeout(done, pause))
    if (answer.status >= 500) counts.failed++
    else if (!answer.ok) counts.refused++
    if (counts.previews % 200 === 0) {
      const plan = await send('/api/plans', { ...asked, bodies: ['part'] })
      await plan.arrayBuffer()
      counts.plans++
      if (plan.status >= 500 && plan.status !== 503) counts.failed++
    }
    if (counts.previews % 500 === 0) {
      const reading = await send(`/api/interfaces/${tube.id}/readings`, { dimension: 'inside', text: (50 + random() / 10).toFixed(2), instrument: 'caliper' })
      counts.readings++
      if (!reading.ok) counts.failed++
    }
  }
}

const mb = (bytes) => Math.round(bytes / 1024 / 1024)
async function note(minute) {
  const { memory, metrics } = await get('/api/health')
  const sorted = times.sort((a, b) => a - b)
  times = []
  console.log(`${minute} min: ${counts.previews} previews (${counts.refused} refused in words, ${counts.failed} failed), p50 ${sorted[sorted.length >> 1]?.toFixed(0)} ms, p95 ${sorted[Math.floor(sorted.length * 0.95)]?.toFixed(0)} ms; ` +
    `memory ${mb(memory.workingSet)} MB, of it .NET ${mb(memory.managed)}, kernels ${mb(metrics.memoryBytes)}, scripts ${mb(metrics.scriptBytes)}; engines replaced ${metrics.replaced}`)
}
const every = Number(process.env.EMBOQ_SOAK_NOTES ?? 5)
let minute = 0
const clock = setInterval(() => void note((minute += every)), every * 60_000)
await Promise.all(Array.from({ length: clients }, client))
clearInterval(clock)
await note('end')
console.log(JSON.stringify(counts))
process.exit(counts.failed === 0 ? 0 : 1)
