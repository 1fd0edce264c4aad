// Kills the application or PostgreSQL with SIGKILL at random moments of a write load, again and again; every acknowledged write must be there after the next start.
// Usage: node bench/crash.mjs [times]   Needs a built checkout; uses a data folder of its own.
import { execFileSync, spawn } from 'node:child_process'
import { mkdtempSync, readFileSync, rmSync, chmodSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'

const times = Number(process.argv[2] ?? 100)
const data = mkdtempSync(join(tmpdir(), 'emboq-crash-'))
chmodSync(data, 0o755)
const port = 20000 + Math.floor(Math.random() * 10000)
const env = { ...process.env, EMBOQ_PORT: String(port), EMBOQ_DB_PORT: String(port + 1), EMBOQ_DATA: join(data, 'app') }
const url = `http://127.0.0.1:${port}/api/machines`
const acknowledged = new Set()
const wait = (ms) => new Promise((done) => setTimeout(done, ms))

async function start() {
  const emboq = spawn('./emboq', ['start', '--no-demo'], { env, stdio: ['ignore', 'pipe', 'pipe'] })
  const gone = new Promise((done) => emboq.on('exit', done))
  let said = ''
  const ready = new Promise((done, failed) => {
    emboq.stdout.on('data', (chunk) => ((said += chunk), said.includes('Emboq is ready') && done()))
    emboq.stderr.on('data', (chunk) => (said += chunk))
    emboq.on('exit', () => failed(new Error(`the next start failed:\n${said}`)))
  })
  await ready
  return { emboq, gone }
}

/** Writes as fast as it can until the server goes away. */
async function write(writer, until) {
  for (let i = 0; !until.over; i++) {
    const name = `${writer}-${acknowledged.size}-${i}`
    try {
      const answer = await fetch(url, { method: 'POST', headers: { 'content-type': 'application/json' }, body: JSON.stringify({ name }), signal: AbortSignal.timeout(5000) })
      if (answer.status === 201) acknowledged.add(name)
    } catch {
      if (!until.over) await wait(5)
    }
  }
}

const processOf = { application: () => Number(execFileSync('pgrep', ['-f', `Emboq.Web.dll.*:${port}$`]).toString().split('\n')[0]), postgres: () => Number(readFileSync(join(data, 'app', 'cluster', 'postmaster.pid'), 'utf8').split('\n')[0]) }

const killed = { application: 0, postgres: 0 }
for (let n = 0; n < times; n++) {
  const { emboq, gone } = await start()
  const kept = new Set((await (await fetch(url)).json()).map((m) => m.name))
  const lost = [...acknowledged].filter((name) => !kept.has(name))
  if (lost.length > 0) throw new Error(`${lost.length} acknowledged writes are lost after ${n} kills: ${lost.slice(0, 5)}`)
  const until = { over: false }
  const writers = ['a', 'b', 'c'].map((w) => write(`${n}${w}`, until))
  await wait(50 + Math.random() * 400)
  const victim = Math.random() < 0.5 ? 'application' : 'postgres'
  process.kill(processOf[victim](), 'SIGKILL')
  killed[victim]++
  await wait(50)
  until.over = true
  await Promise.all(writers)
  emboq.kill('SIGTERM')
  await gone
}
const { emboq, gone } = await start()
const kept = new Set((await (await fetch(url)).json()).map((m) => m.name))
const lost = [...acknowledged].filter((name) => !kept.has(name)).length
emboq.kill('SIGTERM')
await gone
rmSync(data, { recursive: true, force: true })
console.log(`killed the application ${killed.application} times and PostgreSQL ${killed.postgres} times; ${acknowledged.size} acknowledged writes, ${lost} lost`)
process.exit(lost === 0 ? 0 : 1)
