import { expect, test, type Page } from '@playwright/test'
import { reckoned, station } from './jobs'

const proveLatheHood = async (page: Page) => {
  await page.goto('/')
  await page
    .getByRole('link', { name: /Lathe hood to hose/ })
    .first()
    .click()
  await page.getByRole('button', { name: /^4 Prove/ }).click()
}

test('what next is weighed, and a try of one part is believed of every part of its setup', async ({ page }) => {
  await proveLatheHood(page)
  const next = page.getByRole('region', { name: 'What next' })
  await expect(next.getByRole('button').first()).toContainText('Takes least.', { timeout: 30_000 })
  await expect(next.getByRole('button').nth(1)).toContainText('at the first print')
  // A row leads to where it is done.
  await next.getByRole('button', { name: /^Print the part/ }).click()
  await expect(page).toHaveURL(/at=print/)

  const setup = await page.getByRole('combobox', { name: 'Setup', exact: true }).locator('option:checked').innerText()
  const tried = async () => {
    await page.goto('/fits')
    await page.getByRole('combobox', { name: 'of' }).selectOption({ label: setup })
    await expect(page.getByRole('list', { name: `Surfaces of ${setup}` }).getByRole('listitem')).toHaveCount(8)
    return (await page.getByRole('list', { name: `Surfaces of ${setup}` }).innerText())
      .match(/\d+ of them on this setup/g)!
      .map((s) => parseInt(s))
  }
  const before = await tried()
  await page.goBack()
  await page.getByRole('button', { name: /^4 Prove/ }).click()
  // At once: the board of tries waits for the print that is being numbered.
  await page.getByRole('button', { name: 'Number this proof' }).click()
  await page.getByRole('button', { name: /^6 Try/ }).click()
  await page.getByRole('radio', { name: 'firm by hand' }).check()
  await page.getByRole('button', { name: 'Note the try' }).click()
  await expect(page.getByRole('status').filter({ hasText: 'is now' })).toBeVisible()
  // What is sanded afterwards is told by the size that it has now, and is no try of the setup.
  await page.getByRole('checkbox', { name: /^I have worked it by hand/ }).check()
  await expect(page.getByRole('button', { name: 'Note the try' })).toBeDisabled()
  const chart = page.getByRole('img', { name: /^Size to draw/ })
  const size = parseFloat(/Size to draw: ([\d.]+)/.exec((await chart.getAttribute('aria-label'))!)![1]!).toFixed(2)
  await page.getByLabel('Diameter now').fill(size)
  await page.getByRole('button', { name: 'Note the try' }).click()
  await expect(page.getByText(`worked to ${size} mm`).first()).toBeVisible()
  const after = await tried()
  expect(after.reduce((a, b) => a + b, 0)).toBe(before.reduce((a, b) => a + b, 0) + 1)

  await page.getByLabel(/^What was done to/).fill('nozzle changed')
  await page.getByRole('button', { name: 'Note the service' }).click()
  await expect(page.getByRole('status').filter({ hasText: 'counts less' })).toBeVisible()
})

test('a ladder is tried by keys alone, and the belief moves with every word', async ({ page, request }) => {
  await proveLatheHood(page)
  await page
    .getByRole('checkbox', { name: /^ladder of/ })
    .first()
    .check()
  const rings = page.getByRole('checkbox', { name: /^ring of/, checked: true })
  while ((await rings.count()) > 0) await rings.first().uncheck()
  await page.getByRole('button', { name: 'Number this proof' }).click()
  await expect(page.getByRole('list', { name: 'Files' })).toBeVisible()
  await page.keyboard.press('t')
  const board = page.getByRole('complementary', { name: 'try' })
  const rungs = board.getByRole('radio', { name: /^ring \d/ })
  await expect(rungs.first()).toBeChecked()
  const count = await rungs.count()
  expect(count).toBeGreaterThan(2)
  const chart = board.getByRole('img', { name: /^Size to draw/ })
  const told = async () =>
    /Size to draw: ([\d.]+) mm ± ([\d.]+) mm(?:; before the try ([\d.]+) mm ± ([\d.]+))?/
      .exec((await chart.getAttribute('aria-label'))!)!
      .slice(1)
      .map(Number)
  const [, doubt] = await told()

  // The first hangs loose, the second slides: a word and Enter each, and the board moves on by itself.
  for (const [key, at] of [
    ['m', 0],
    ['n', 1],
  ] as const) {
    await expect(rungs.nth(at)).toBeChecked()
    await page.keyboard.press(key)
    await page.keyboard.press('Enter')
    await expect(rungs.nth(at + 1)).toBeChecked()
  }
  await expect(chart).toHaveAttribute('aria-label', /before the try/)
  const [, after, , before] = await told()
  expect(after!).toBeLessThanOrEqual(before!)
  expect(after!).toBeLessThan(doubt!)
  // What the caliper types is what was measured; Enter notes that alone.
  await page.keyboard.press('Escape')
  await rungs.nth(2).focus()
  await page.keyboard.type('4')
  await expect(board.getByLabel(/^Printed/)).toBeFocused()
  await expect(board.getByLabel(/^Printed/)).toHaveValue('4')
  await board.getByLabel(/^Printed/).fill('4 km')
  await page.keyboard.press('Enter')
  await expect(board.getByText(/4 km/)).toBeVisible()
  await expect(rungs.nth(2)).toBeChecked()

  // One rung is the right one: in one press the part is drawn like it, and in one more as before.
  await rungs.nth(3).check()
  const drawn = page.locator('[data-line="second.drawn"]')
  await reckoned(page)
  const was = await drawn.innerText()
  await board.getByRole('button', { name: 'Draw it like ring 4' }).click()
  await expect(drawn).not.toHaveText(was, { useInnerText: true })
  await expect(board.getByRole('button', { name: 'Draw it like ring 4' })).toBeHidden()
  await page.getByRole('button', { name: 'Take back' }).click()
  await expect(drawn).toHaveText(was, { useInnerText: true })

  // Those who come after find the belief as it was.
  const parts = ((await (await request.get(`/api/jobs/${/jobs\/([\w-]+)/.exec(page.url())![1]}`)).json()) as { parts: { id: string }[] })
    .parts
  const { revisions } = (await (await request.get(`/api/parts/${parts[0]!.id}/history`)).json()) as {
    revisions: { tries: { id: string }[] }[]
  }
  expect(revisions[0]!.tries).toHaveLength(2)
  for (const t of revisions[0]!.tries) await request.post(`/api/tries/${t.id}/strikes`, { data: { because: 'tried by a test' } })
})

test('another setup says what it moves, before anything is printed with it', async ({ page }) => {
  await proveLatheHood(page)
  await page.getByRole('button', { name: 'Number this proof' }).click()
  await expect(page.getByRole('list', { name: 'Files' })).toBeVisible()
  const moved = page.getByRole('region', { name: 'What another setup moves' })
  await expect(moved).toBeHidden()
  const setup = page.getByRole('combobox', { name: 'Setup', exact: true })
  const [own, names] = [await setup.locator('option:checked').innerText(), await setup.locator('option').allInnerTexts()]
  await setup.selectOption({ label: names.find((n) => n !== own)! })
  await expect(moved).toContainText(own)
  for (const end of await moved.getByRole('listitem').allInnerTexts()) expect(end).toMatch(/mm[\s\S]*→[\s\S]*mm[\s\S]*fits[\s\S]*%/)
  await expect(moved.getByRole('listitem')).not.toHaveCount(0)
  await station(page, 'Print').click()
  await expect(moved).toBeVisible()
  await page.getByRole('button', { name: 'Take back' }).click()
  await expect(moved).toBeHidden()
  await expect(setup.locator('option:checked')).toHaveText(own)
})

test('a window of a fit is moved with a reason, a part is drawn by it, and it is taken back', async ({ page }) => {
  await proveLatheHood(page)
  const drawn = page.locator('[data-line="first.drawn"]')
  await expect(drawn).toBeVisible()
  await reckoned(page)
  const was = await drawn.innerText()
  const job = page.url()
  await page.getByRole('link', { name: 'Fits' }).click()
  const panel = page.getByRole('region', { name: 'What a fit means' })
  await panel.getByLabel('Joint').selectOption({ label: 'Foot in its socket' })
  await expect(panel.getByRole('listitem')).toHaveCount(3)
  await panel.getByLabel('Joint').selectOption({ label: 'Cuff' })
  await expect(panel).toContainText('H7/h6')
  for (const name of await panel.getByRole('listitem').allInnerTexts()) expect(name).toMatch(/mm/)
  const before = await panel.getByRole('listitem').allInnerTexts()
  for (let i = 0; i < before.length; i++) {
    const line = panel.getByRole('listitem').nth(i)
    await line.getByRole('button', { name: 'Move' }).click()
    const [least, greatest] = [line.getByLabel('Least clearance'), line.getByLabel('Greatest clearance')]
    await line.getByLabel('Aimed at').fill('9')
    await line.getByRole('button', { name: 'Move it' }).click()
    await expect(line.getByText(/9\.00 mm is more than the 5 mm/)).toBeVisible()
    await expect(line.getByText(/A word or two is needed/)).toBeVisible()
    await line.getByLabel('Aimed at').fill('1.5')
    await least.fill('1.4')
    await greatest.fill('1.6')
    await line.getByLabel('Why').fill('our pipes come dusty')
    await line.getByRole('button', { name: 'Move it' }).click()
    await expect(line).toContainText('Moved: our pipes come dusty. As usual it is')
    await expect(line).toContainText('1.40 to 1.60 mm')
  }
  await page.goto(job)
  await expect(drawn).toBeVisible()
  await expect(drawn).not.toHaveText(was, { useInnerText: true })
  await page.goto('/fits')
  for (let i = 0; i < before.length; i++) {
    await panel.getByRole('button', { name: 'Take it back' }).first().click()
    await expect(panel.getByRole('button', { name: 'Take it back' })).toHaveCount(before.length - 1 - i)
  }
  expect(await panel.getByRole('listitem').allInnerTexts()).toEqual(before)
  await page.goto(job)
  await expect(drawn).toHaveText(was, { useInnerText: true })
})

test('what another workshop learned is taken in, told apart, and taken out', async ({ page, request }) => {
  await page.goto('/fits')
  const panel = page.getByRole('region', { name: 'From workshop to workshop' })
  await expect(panel).toContainText('Nothing was taken in yet.')
  const ours = await (await request.get('/api/learned.json')).body()
  const file = (name: string, buffer: Buffer) => ({ name, mimeType: 'application/json', buffer })
  await panel.getByLabel('What another workshop learned').setInputFiles(file('ours.json', ours))
  await expect(panel.getByText('This is what your own workshop told: it counts here already.')).toBeVisible()
  await panel.getByLabel('What another workshop learned').setInputFiles(file('notes.json', Buffer.from('buy glue')))
  await expect(panel.getByText('notes.json is not what a workshop has learned.')).toBeVisible()
  const theirs = { ...(JSON.parse(ours.toString()) as object), workshop: crypto.randomUUID() }
  await panel.getByLabel('Whose it is').fill('Alder Boats')
  await panel.getByLabel('What another workshop learned').setInputFiles(file('theirs.json', Buffer.from(JSON.stringify(theirs))))
  await expect(panel.getByRole('listitem')).toContainText(/Alder Boats, \d+ prints? with/)
  await panel.getByRole('button', { name: 'Take Alder Boats out' }).click()
  await expect(panel).toContainText('Nothing was taken in yet.')
})

test('the smallest test print is chosen, made, and read tooth by tooth', async ({ page, request }) => {
  // A setup that nobody else prints with.
  const of = async (path: string, data: object) =>
    (await (await request.post(`/api/${path}?again=true`, { data })).json()) as { id: string }
  const printer = await of('printers', { name: 'Test print printer', nozzles: [0.85] })
  const filament = await of('filaments', { name: 'Test print filament' })
  const setup = await of('setups', { name: 'Test print setup', printer: printer.id, filament: filament.id, nozzle: 0.85, lineWidth: 0.9 })
  await page.goto(`/fits?setup=${setup.id}`)
  const panel = page.getByRole('region', { name: 'The smallest test print' })
  await expect(panel.getByRole('status')).toContainText('faces will tell', { timeout: 30_000 })
  for (const surface of await panel.getByRole('checkbox').all()) {
    if (await surface.isChecked()) await surface.uncheck()
  }
  await expect(panel.getByRole('status')).toContainText('choose')
  await panel.getByRole('checkbox', { name: /^Pocket/ }).check()
  await panel.getByRole('checkbox', { name: /^Gap in place/ }).check()
  await expect(panel.getByText(/^It takes \d+ min/)).toBeVisible({ timeout: 30_000 })
  await panel.getByRole('button', { name: 'Make it' }).click()

  const faces = page.getByRole('list', { name: 'Faces of the test print' })
  await expect(faces.getByRole('listitem').first()).toContainText('slot')
  const believed = page.getByRole('list', { name: 'Surfaces' }).getByRole('listitem').filter({ hasText: 'pocket' }).locator('p')
  const before = await believed.innerText()
  const size = page.getByLabel('Printed size of tooth 1')
  await size.fill('80')
  await size.press('Enter')
  await expect(page.getByText('is further than 3.00 mm from the drawn')).toBeVisible()
  await expect(size).toHaveValue('80')
  const drawn = parseFloat((await faces.getByRole('listitem').first().innerText()).match(/([\d.]+) mm/)![1]!)
  await size.fill((drawn - 0.3).toFixed(2))
  await size.press('Enter')
  await expect(faces.getByRole('listitem').first()).toContainText(`${(drawn - 0.3).toFixed(2)} mm`)
  await expect(believed).not.toHaveText(before)

  // A pin is told by a word and its key.
  await faces
    .getByRole('button', { name: /pin in its bore/ })
    .first()
    .click()
  await page.keyboard.press('b')
  await page.keyboard.press('Enter')
  await expect(faces.getByText('“drags”')).toBeVisible()

  await faces.getByRole('button', { name: 'Strike out' }).first().click()
  await page.getByLabel('Why it is struck out').fill('wrong tooth')
  await page.getByRole('listitem').getByRole('button', { name: 'Strike out' }).first().click()
  await expect(faces).toContainText('Struck: wrong tooth')
  await expect(believed).toHaveText(before)
  const file = await request.get(
    await page
      .getByRole('link', { name: '3MF' })
      .getAttribute('href')
      .then((h) => h!),
  )
  expect(file.ok()).toBe(true)
})
