// Kills application, database and shell with SIGKILL, alone and together, at random moments of a write load, again and again; after each the next start comes at once.
// Every acknowledged write must be there, and no write that was repeated after a lost answer may be there twice.
// Usage: node bench/crash.mjs [times]   Needs a built checkout; uses a data folder of its own.
import { spawn } from 'node:child_process'
import { mkdtempSync, readdirSync, readFileSync, rmSync, chmodSync, statSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'

const times = Number(process.argv[2] ?? 300)
const folder = mkdtempSync(join(tmpdir(), 'emboq-crash-'))
chmodSync(folder, 0o755)
const data = join(folder, 'app')
const port = 20000 + Math.floor(Math.random() * 10000)
const env = { ...process.env, EMBOQ_PORT: String(port), EMBOQ_DB_PORT: String(port + 1), EMBOQ_DATA: data }
const url = `http://127.0.0.1:${port}/api/machines`
const acknowledged = new Set()
const refusals = {}
const wait = (ms) => new Promise((done) => setTimeout(done, ms))

async function start() {
  const emboq = spawn('./emboq', ['start', '--no-demo'], { env, stdio: ['ignore', 'pipe', 'pipe'] })
  const gone = new Promise((done) => emboq.on('exit', done))
  let said = ''
  await new Promise((done, failed) => {
    emboq.stdout.on('data', (chunk) => ((said += chunk), said.includes('Emboq is ready') && done()))
    emboq.stderr.on('data', (chunk) => (said += chunk))
    emboq.on('exit', () => failed(new Error(`the next start failed:\n${said}`)))
  })
  return { emboq, gone }
}

/** Writes as fast as it can; an answer that was lost is asked for again under the same key until it comes. */
async function write(writer, until) {
  for (let i = 0; !until.over; i++) {
    const name = `${writer}-${i}`
    while (!until.over) {
      try {
        const answer = await fetch(url, { method: 'POST', headers: { 'content-type': 'application/json', 'idempotency-key': `crash-${name}` }, body: JSON.stringify({ name }), signal: AbortSignal.timeout(5000) })
        if (answer.status === 201) {
          acknowledged.add(name)
          break
        }
        refusals[answer.status] = (refusals[answer.status] ?? 0) + 1
        if (answer.status < 500) throw new Error(`${answer.status} ${await answer.text()}`)
      } catch (error) {
        if (error.message.startsWith('4')) throw error
      }
      await wait(20)
    }
  }
}

/** The process that has a file open, found as the kernel knows it. */
function holder(file) {
  const wanted = statSync(file).ino
  for (const pid of readdirSync('/proc').filter((name) => /^\d+$/.test(name)))
    try {
      if (readdirSync(`/proc/${pid}/fd`).some((fd) => statSync(`/proc/${pid}/fd/${fd}`, { throwIfNoEntry: false })?.ino === wanted)) return Number(pid)
    } catch {
      // It has gone meanwhile.
    }
  return null
}

/** A page of machines, asked for until it comes: what was killed may still be starting. */
async function pageOf(from) {
  for (let tries = 0; ; tries++) {
    try {
      const answer = await fetch(`${url}?most=500&from=${from}`)
      if (answer.ok) return await answer.json()
    } catch (error) {
      if (tries > 600) throw error
    }
    await wait(100)
  }
}

async function names() {
  const all = []
  for (let from = 0; ; from += 500) {
    const page = await pageOf(from)
    all.push(...page.map((m) => m.name))
    if (page.length < 500) return all
  }
}

async function judge(after) {
  const kept = await names()
  const set = new Set(kept)
  const lost = [...acknowledged].filter((name) => !set.has(name))
  if (lost.length > 0) throw new Error(`${lost.length} acknowledged writes are lost after ${after} kills: ${lost.slice(0, 5)}`)
  if (set.size !== kept.length) throw new Error(`${kept.length - set.size} writes are there twice after ${after} kills`)
}

const mixes = ['a', 'd', 's', 'ad', 'as', 'ds', 'ads']
const killed = Object.fromEntries(mixes.map((m) => [m, 0]))
let living = await start()
let slowest = 0
for (let n = 0; n < times; n++) {
  await judge(n)
  const until = { over: false }
  const writers = ['x', 'y', 'z'].map((w) => write(`${n}${w}`, until))
  await wait(50 + Math.random() * 400)
  const mix = mixes[n % mixes.length]
  const victims = { a: () => holder(join(data, 'application')), d: () => Number(readFileSync(join(data, 'cluster', 'postmaster.pid'), 'utf8').split('\n')[0]), s: () => living.emboq.pid }
  for (const pid of [...mix].map((letter) => victims[letter]()).filter(Boolean)) process.kill(pid, 'SIGKILL')
  killed[mix]++
  const from = Date.now()
  if (mix.includes('s')) {
    until.over = true
    await living.gone
    living = await start()
  } else {
    // The shell starts again what was killed: writing goes on by itself.
    const before = acknowledged.size
    while (acknowledged.size === before && Date.now() - from < 60_000) await wait(20)
    if (acknowledged.size === before) throw new Error(`nothing was written for a minute after ${mix} was killed`)
    until.over = true
  }
  slowest = Math.max(slowest, Date.now() - from)
  await Promise.all(writers)
}
await judge(times)
living.emboq.kill('SIGTERM')
await living.gone
rmSync(folder, { recursive: true, force: true })
console.log(`killed ${Object.entries(killed).map(([mix, count]) => `${mix} ${count}`).join(', ')} times (a application, d database, s shell); ${acknowledged.size} acknowledged writes, none lost, none twice; meanwhile answered ${JSON.stringify(refusals)}; at most ${(slowest / 1000).toFixed(1)} s until the next write or start`)
