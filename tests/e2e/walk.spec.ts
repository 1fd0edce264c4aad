import { expect, test, type APIRequestContext, type Locator, type Page } from '@playwright/test'
import { go } from './jobs'

const unique = Date.now().toString(36)
const stations = ['measure', 'reckon', 'check', 'prove', 'print', 'try', 'keep'] as const
type Station = (typeof stations)[number]

type Slot = { readonly key: string; readonly kinds: readonly string[]; readonly need: string }
type Thing = { readonly key: string; readonly kind: string }
type Family = {
  readonly key: string
  readonly name: string
  readonly slots: readonly Slot[]
  readonly listExample: string
  readonly takes: readonly Thing[]
  readonly gives: readonly Thing[]
}
type Place = { readonly id: string; readonly name: string; readonly kind: string; readonly read: boolean }
type Part = { readonly id: string; readonly job: string; readonly version: number; readonly state: Record<string, unknown> }

/** As a part stands when it is walked. */
const conditions = ['unmeasured', 'measured', 'row of 1', 'row of 3'] as const

/** A family as its choices make another thing of it, and the kinds of places that it then has. */
type Form = { readonly parameters: Record<string, string>; readonly places: Record<string, string> }
const usual: Form = { parameters: {}, places: {} }
const called = (form: Form) => Object.values({ ...form.parameters, ...form.places }).join(' ') || 'as usual'
const forms: Record<string, readonly Form[]> = {
  'hose-adapter': ['oval', 'd-opening', 'trapezoid'].map((kind) => ({ parameters: { firstHold: 'tape' }, places: { first: kind } })),
  'drawer-pull': [{ parameters: { fastening: 'plate' }, places: { drawer: 'hole-row', board: 'flat' } }],
  'set-up-aid': [
    { parameters: { aid: 'wheel', reach: '8' }, places: { round: 'tube' } },
    { parameters: { aid: 'pads' }, places: { feet: 'gaps' } },
  ],
  'fence-key': [
    { parameters: { locks: 'both', across: 'slide' }, places: { channel: 'slot' } },
    { parameters: { foot: 'foot', ladders: 'apart' }, places: { channel: 't-slot' } },
  ],
  'wall-bin': [{ parameters: { labelled: 'plate' }, places: {} }],
  'split-clamp': [
    { parameters: { style: 'clip', face: 'flat' }, places: {} },
    { parameters: { style: 'halves', height: '60' }, places: { dowel: 'pin' } },
  ],
  'rod-block': [
    { parameters: { inserts: '2' }, places: { rod: 'rods' } },
    { parameters: { thread: 'printed', wayUp: 'flat' }, places: { rod: 'rods' } },
    { parameters: { hold: 'pinch', inserts: 'slot' }, places: { rod: 'rods' } },
  ],
  bracket: [{ parameters: {}, places: { mount1: 'hole-row' } }],
  'foot-socket': [
    { parameters: { lip: '3', wayUp: 'back', screws: '4' }, places: { foot: 'foot' } },
    { parameters: { out: 'lower', floor: '0' }, places: { foot: 'post' } },
  ],
  'tube-saddle': [{ parameters: { under: 'block', length: '110', woodScrew: '4 mm' }, places: { holes: 'hole-row' } }],
  'hose-carrier': [
    { parameters: { turns: 'swivel', reach: 'judged' }, places: {} },
    { parameters: { turns: 'inPlace', wayUp: 'lying' }, places: {} },
  ],
  'flip-hinge': [
    { parameters: { pin: 'printed', post: 'none', wayUp: 'side', slots: '6' }, places: {} },
    { parameters: { wide: '160' }, places: { bench1: 'hole-row' } },
  ],
  'pocket-tray': [{ parameters: { beside: 'tongue' }, places: {} }],
  'router-template': [{ parameters: {}, places: { section: 'traced' } }],
  'clamp-rack': [{ parameters: { many: '2', wayUp: 'roof', roofRibs: 'ribs' }, places: {} }],
  'drawer-nest': [
    { parameters: { school: 'rough', tool1Front: 'last', tool1Of: 'steel, hardwood' }, places: {} },
    { parameters: { pose: 'leans', lean: '20' }, places: {} },
    { parameters: { corner: '4', tool2Grasp: 'light' }, places: { drawer: 'cavity' } },
    { parameters: { sunk: '70' }, places: { tool1: 'grip' } },
  ],
  'lidded-case': [
    { parameters: { width: '320', wall: '5', shelf: 'tray', carries: '1.5', joined: 'screwed' }, places: {} },
    { parameters: { handle: 'none' }, places: { content: 'block' } },
  ],
  'shell-clamp': [{ parameters: { stations: 'one', front: '115', bladeHeight: '60', foot: '14', body: 'scanned' }, places: {} }],
  'flip-stop': [{ parameters: { wayUp: 'edge', side: 'right', tongueThick: '4' }, places: {} }],
  'leg-hinge': [
    { parameters: { pass: 'over', screwsAt: 'hidden', wayUp: 'flat' }, places: {} },
    { parameters: { lock: 'spring', end: 'stands', between: '1300' }, places: {} },
  ],
  'cam-vice': [
    { parameters: { face: 'vee', wayUp: 'head', pin: 'filament' }, places: {} },
    { parameters: { turns: 'post', presses: 'spring', press: '12', pad: '14', wide: '90', face: 'flat' }, places: {} },
  ],
  faceplate: [{ parameters: { held: 'glued', ribs: 'none' }, places: {} }],
  'vacuum-chuck': [{ parameters: { seal: 'cord', tailstock: 'up' }, places: {} }],
  'pad-holder': [
    { parameters: { solve: 'thick' }, places: { centre: 'post', guard: 'bore' } },
    { parameters: { held: 'thread', power: '500', boss: '60', bossHigh: '34', roofRibs: 'ribs' }, places: {} },
    { parameters: { held: 'boss', wayUp: 'edge', roofRibs: 'ribs', cornerPads: 'pads' }, places: { centre: 'post' } },
  ],
  'label-plate': [{ parameters: { fixing: 'hang' }, places: { ring: 'ring' } }],
}

/** Places of slots that few things of their kind suit, by name. */
const suited: Record<string, string> = {
  turned: 'turned knob',
  rail: 'ash rail',
  leg: 'table leg',
  work: 'grip blank',
  mount: "sander's screw circle",
  tool1: 'spoke pointer',
  'grip as tool1': 'housing of the hot air gun',
  tool2: 'bent shaft knife',
  'table of shell-clamp': 'holes of its lid',
  'drawer of drawer-nest': 'knife drawer inside',
}

const get = async <T>(request: APIRequestContext, path: string): Promise<T> => (await request.get(path)).json() as Promise<T>

async function send<T>(request: APIRequestContext, method: 'post' | 'put', path: string, data: unknown): Promise<T> {
  const answer = await request[method](path, { data })
  expect(answer.ok(), `${path}: ${await answer.text()}`).toBe(true)
  return (answer.status() === 204 ? undefined : await answer.json()) as T
}

/** Places of the demo workshop of which everything that is needed is read. */
async function readPlaces(request: APIRequestContext): Promise<readonly Place[]> {
  const machines = await get<readonly { id: string }[]>(request, '/api/machines')
  type Sheet = { interfaces: { id: string; name: string; kind: string; dimensions: { need: string; size: unknown }[] }[] }
  const sheets = await Promise.all(machines.map((m) => get<Sheet>(request, `/api/machines/${m.id}`)))
  return sheets.flatMap((s) =>
    s.interfaces.map((i) => ({ ...i, read: i.dimensions.every((d) => d.need !== 'needed' || d.size !== null) })).filter((i) => i.read),
  )
}

/** Starts a part of a family in a condition; what is measured is numbered too, so that it can be tried and kept. */
async function begin(
  request: APIRequestContext,
  family: Family,
  giver: Family,
  condition: string,
  form: Form,
  places: readonly Place[],
  process: string,
) {
  const measured = condition !== 'unmeasured'
  const taken = new Set<string>()
  const interfaces: Record<string, string> = {}
  // Of counted slots two are filled: a tray of two things.
  for (const slot of measured ? family.slots.filter((s) => s.need === 'always' || /[12]$/.test(s.key) || s.key in form.places) : []) {
    const kind = form.places[slot.key]
    const place = places.find(
      (p) =>
        slot.kinds.includes(p.kind) &&
        (!kind || p.kind === kind) &&
        p.name === (suited[`${kind} as ${slot.key}`] ?? suited[`${slot.key} of ${family.key}`] ?? suited[slot.key] ?? p.name) &&
        !taken.has(p.id),
    )
    expect(place, `a place that was read for ${slot.key} of ${family.key}`).toBeDefined()
    taken.add(place!.id)
    interfaces[slot.key] = place!.id
  }
  const asked = { name: family.name, family: family.key, interfaces, process, parameters: form.parameters }
  const job = await send<{ id: string; parts: Part[] }>(request, 'post', '/api/jobs', {
    name: `Walk ${family.name} ${called(form)}, ${condition} ${unique}`,
    need: 'walked from end to end',
    part: asked,
  })
  const part = job.parts[0]!
  // What it can take from others it takes, each from a pull that stands beside it.
  const takes: Record<string, { part: string; thing: string }> = {}
  // A plate as thick as a pull's spacing is none.
  const takeable = family.takes.filter((slot) => slot.key !== 'thick')
  if (measured && takeable.length > 0) {
    const pull = { name: 'pull beside it', family: giver.key, interfaces: {}, process, parameters: {} }
    const beside = await send<Part>(request, 'post', `/api/jobs/${job.id}/parts`, pull)
    for (const slot of takeable) takes[slot.key] = { part: beside.id, thing: giver.gives.find((g) => g.kind === slot.kind)!.key }
    await send(request, 'put', `/api/parts/${part.id}`, { ...part.state, version: part.version, takes })
  }
  const version = part.version + (Object.keys(takes).length > 0 ? 1 : 0)
  const members = condition === 'row of 1' ? 1 : condition === 'row of 3' ? 3 : 0
  if (members > 0) {
    const row = await send<unknown[]>(request, 'post', '/api/rows', { family: family.key, text: family.listExample })
    await send(request, 'put', `/api/parts/${part.id}`, { ...part.state, takes, version, row: row.slice(0, members) })
  }
  if (measured) {
    const bodies = members === 0 ? ['part'] : Array.from({ length: members }, (_, i) => `part@${i + 1}`)
    await send(request, 'post', `/api/parts/${part.id}/revisions`, { bodies })
  }
  return job.id
}

/** Families that are nothing without the first of their counted slots. */
const ofThings: readonly string[] = ['pocket-tray', 'drawer-nest']

/** Waits at every frame: there are a thousand of these. What is not seen is told with what is. */
const seen = (locator: Locator) =>
  locator
    .first()
    .waitFor({ timeout: 30_000 })
    .catch(async (error: Error) => {
      throw new Error(`${error.message}\nThe page says: ${(await locator.page().locator('main').innerText()).slice(0, 2000)}`)
    })

/** Nothing lies over it. */
const pressable = async (button: Locator) => {
  await seen(button)
  const free = await button.first().evaluate((b) => {
    b.scrollIntoView({ block: 'center' })
    const { x, y, width, height } = b.getBoundingClientRect()
    return b.contains(document.elementFromPoint(x + width / 2, y + height / 2))
  })
  expect(free, 'a button that can be pressed').toBe(true)
}

/** What must be there for the maker at each station. Looked for a thousand times at every frame: by what is written in the page, which is found at once, where
 * roles and names of all that stands in it would be reckoned first. */
async function useful(page: Page, station: Station, measured: boolean, needs: boolean) {
  const panel = page.locator(`aside[aria-label="${station}"]`)
  const button = (says: string) => panel.locator('button:enabled', { hasText: says })
  await seen(panel.or(page.getByText('Emboq has stopped here')))
  const waits = !measured && needs
  switch (station) {
    case 'measure':
      return seen(panel.locator('input[aria-label^="Reading of"]').or(button('Measure it now')).or(button('Decide it')))
    case 'reckon':
      return waits ? undefined : seen(panel.locator('[aria-label="Ledger"] li').nth(2))
    case 'check':
      return seen(panel.locator('[aria-label="Checks"] > li').first())
    case 'prove':
    case 'print':
      return waits ? seen(button('Measure what it fits')) : pressable(button('Number this p'))
    case 'try':
      return measured ? seen(panel.locator('input[type=radio]').nth(2)) : seen(button('Print a proof'))
    case 'keep':
      return measured ? seen(button('Keep this one')) : seen(panel.getByText('Nothing is printed yet'))
  }
}

/** What is to be read on the page in the one unit and in the other; asked of the page in one go. */
const inBothUnits = (page: Page) =>
  page.evaluate(async () => {
    const shown = []
    for (const unit of ['inch', 'metric']) {
      document.querySelector<HTMLElement>('button[aria-label^="Leading unit"]')!.click()
      await new Promise((drawn) => requestAnimationFrame(() => requestAnimationFrame(drawn)))
      const alerts = [...document.querySelectorAll<HTMLElement>('[role=alert]')].map((alert) => alert.innerText)
      shown.push({ unit, text: document.querySelector('main')!.innerText, alerts })
    }
    return shown
  })

/** Nothing of the inside of Emboq, and no number that is none, is shown to a maker. */
const inner = /undefined|NaN|Infinity|∞|\[object|\bnull\b|\bitem\d|(first|second)(Join|Fit|Hold)|00000000-/

/** The usual form is walked whole, alone and in a row of three; another form only where its bodies, checks and files are its own. */
const stationsOf = (form: Form, condition: string): readonly Station[] =>
  form !== usual ? ['reckon', 'check', 'prove', 'print'] : condition === 'row of 1' ? ['check', 'prove', 'print', 'try'] : stations

/** Families to walk, where not all are wanted: EMBOQ_WALK=flip-hinge,rod-block. */
const only = process.env.EMBOQ_WALK?.split(',')

const jobs: string[] = []

// However the walk ended: those who come after find the bench as it was.
test.afterEach(({ request }) => Promise.all(jobs.map((job) => send(request, 'put', `/api/away/jobs/${job}`, { away: true }))))

test('every family can be walked through every station, measured or not, alone and in a row, in both units', async ({ page, request }) => {
  test.setTimeout(1_200_000)
  const faults: string[] = []
  let at = ''
  page.on('console', (message) => message.type() === 'error' && faults.push(`${at}: ${message.text()} ${message.location().url}`))
  page.on('pageerror', (error) => faults.push(`${at}: ${error.message}`))
  const [families, places, [process]] = await Promise.all([
    get<readonly Family[]>(request, '/api/families'),
    readPlaces(request),
    get<readonly { id: string }[]>(request, '/api/processes'),
  ])
  const pull = families.find((f) => f.key === 'drawer-pull')!
  await page.goto('/tables')
  const walks = families
    .filter((f) => !only || only.includes(f.key))
    .flatMap((family) => [
      ...conditions.map((condition) => ({ family, form: usual, condition })),
      ...(forms[family.key] ?? []).flatMap((form) => (['measured', 'row of 3'] as const).map((condition) => ({ family, form, condition }))),
    ])
  for (const { family, form, condition } of walks) {
    const measured = condition !== 'unmeasured'
    const needs = family.slots.some((s) => s.need === 'always') || ofThings.includes(family.key)
    const job = await begin(request, family, pull, condition, form, places, process!.id)
    jobs.push(job)
    for (const station of stationsOf(form, condition)) {
      at = `${family.key} ${called(form)}, ${condition}, ${station}`
      await test.step(at, async () => {
        await go(page, `/jobs/${job}?at=${station}`)
        await seen(page.locator('h1', { hasText: `Walk ${family.name} ${called(form)}, ${condition}` }))
        await useful(page, station, measured, needs)
        for (const { unit, text, alerts } of await inBothUnits(page)) {
          if (inner.test(text)) faults.push(`${at}, ${unit}: shows “${inner.exec(text)![0]}”`)
          for (const alert of alerts) faults.push(`${at}: ${alert}`)
        }
      })
    }
  }
  expect(faults).toEqual([])
})
