import { expect, test, type Page } from '@playwright/test'
import { reckoned, settled, station } from './jobs'
import { addMachine } from './machines'

async function open(page: Page, job: string, station: string) {
  await page.goto('/')
  await page.getByRole('link', { name: new RegExp(`^${job}:`) }).click()
  await page.goto(page.url().replace(/\?.*/, `?at=${station}`))
  await expect(page.locator('[data-line="first.drawn"]')).toBeVisible()
}

test('what a print takes is told with its why, the ways up are compared, and a price is answered', async ({ page }) => {
  await open(page, 'Blade sander to hose', 'print')
  const plan = page.getByRole('button', { name: /^Print plan of adapter/ })
  await expect(plan).toContainText(/\d+ (h|min)/)
  await plan.click()
  const lines = page.getByRole('list', { name: 'Lines of adapter' })
  await lines.getByRole('button', { name: /^time by the model/ }).click()
  await expect(lines.getByRole('region', { name: 'Why time by the model' })).toContainText('along walls + along fill')
  const ways = page.getByRole('region', { name: 'Ways up' })
  await expect(ways).toContainText('Better way up')
  await expect(ways.getByRole('row', { name: /hangs out/ })).toContainText('mm²')
  await expect(page.getByRole('region', { name: 'Make or buy' })).toContainText('bought for 21.4 in 9 days')
  const price = page.getByRole('textbox', { name: 'A bought one costs' })
  await price.fill('a lot')
  await price.press('Enter')
  await expect(page.getByRole('alert')).toContainText("'a lot' cannot be read as a number of money.")
  await expect(price).toHaveValue('a lot')
  await price.fill('1')
  await page.getByRole('textbox', { name: 'and its postage' }).fill('0')
  await page.getByRole('textbox', { name: 'and its postage' }).press('Enter')
  await expect(page.getByRole('region', { name: 'Make or buy' })).toContainText('bought for 1 in 9 days')
  await settled(page)
})

test('what holds an end is chosen as a word and edited on the drawing', async ({ page }) => {
  await open(page, 'Lathe hood to hose', 'reckon')
  await page.getByLabel('First end is held by').selectOption('clamp')
  const seat = page.locator('[data-line="first.band"]')
  await expect(seat).toContainText('10.00 mm')
  await seat.click()
  await page.getByRole('textbox', { name: 'First clamp band' }).fill('1/2 in')
  await page.keyboard.press('Enter')
  await expect(seat).toContainText('13.70 mm')
  await page.getByLabel('Second end is held by').selectOption('taper')
  const taper = page.locator('[data-line="second.taper"]')
  await expect(taper).toContainText('0.95°')
  await taper.click()
  await page.getByRole('textbox', { name: 'Second taper' }).fill('steep')
  await page.keyboard.press('Enter')
  await expect(page.getByRole('alert')).toContainText("'steep' cannot be read as a taper.")
  await page.getByRole('textbox', { name: 'Second taper' }).fill('1:20')
  await page.keyboard.press('Enter')
  await expect(taper).toContainText('1.43°')
  await expect(page.getByRole('list', { name: 'Ledger' })).toContainText('second cuff drawn at the mouth')
  await page.getByLabel('Between the ends').selectOption('step')
  await expect(page.getByRole('list', { name: 'Ledger' })).toContainText('shelf thickness')
  await page.getByLabel('Between the ends').selectOption('angle')
  for (const end of ['First', 'Second']) await page.getByLabel(`${end} end is held by`).selectOption('plain')
  await settled(page)
})

test('a ladder is proved in one print and the ring that fits settles the size', async ({ page }) => {
  await open(page, 'Chute to hose', 'prove')
  await page.getByLabel('Rings in a ladder').selectOption('3')
  for (const ring of ['ring of the first end', 'ring of the second end']) await page.getByRole('checkbox', { name: ring }).uncheck()
  await page.getByRole('checkbox', { name: /^ladder of the second end/ }).check()
  await settled(page)
  await page.getByRole('button', { name: 'Number this proof' }).click()
  await expect(page.getByRole('list', { name: 'Files' })).toContainText('ladder of the second end')
  await station(page, 'Try').click()
  await page.getByLabel('ring 3, extractor hose cuff').check()
  await page.getByLabel('firm by hand').check()
  await page.getByLabel('Photograph of the try').setInputFiles({ name: 'ring.png', mimeType: 'image/png', buffer: await page.screenshot() })
  await expect(page.getByText('ring.png goes with it')).toBeVisible()
  await page.getByRole('button', { name: 'Note the try' }).click()
  await expect(page.getByRole('status').filter({ hasText: 'it was' })).toContainText('Second cuff drawn')
  await station(page, 'Keep').click()
  const tries = page.getByRole('list', { name: /^Tries of revision/ }).first()
  await expect(tries).toContainText('Number 3 of the ladder, extractor hose cuff firm by hand')
  await expect(tries.getByRole('img', { name: 'photograph of the try' })).toBeVisible()

  // A mistake is struck with a reason, stays to be read, and the size goes back.
  const drawn = page.locator('[data-line="second.drawn"]')
  await reckoned(page)
  const corrected = await drawn.textContent()
  await tries.getByRole('button', { name: 'Strike out' }).click()
  await tries.getByLabel('Why it is struck out').fill('it was the other hose')
  await page.keyboard.press('Enter')
  await expect(tries).toContainText('Struck: it was the other hose')
  await expect(drawn).not.toHaveText(corrected!)
})

test('a run and a service note are kept with the revision', async ({ page }) => {
  await open(page, 'Grip sander to ceiling hose', 'keep')
  const newest = page.getByRole('list', { name: 'History' }).locator('> li').first()
  await newest.getByLabel('It took').fill('soon')
  await newest.getByRole('button', { name: 'Note the run' }).click()
  await expect(newest.getByRole('alert')).toContainText("'soon' cannot be read as a time.")
  await newest.getByLabel('It took').fill('0:52')
  await newest.getByRole('button', { name: 'Note the run' }).click()
  await expect(newest).toContainText('Printed in 52 min')
  const use = newest.getByRole('region', { name: /^In use/ })
  await use.getByLabel('What happened').selectOption('altered')
  await use.getByLabel('after', { exact: true }).fill('3')
  await use.getByLabel('What, in words').fill('Sanded the rim by hand.')
  await use.getByRole('button', { name: 'Note it' }).click()
  await expect(use).toContainText('altered by hand after 3 months: Sanded the rim by hand.')
})

test('a job file is taken in, and what is none is refused in words', async ({ page, request }) => {
  const jobs = (await (await request.get('/api/jobs')).json()) as {
    name: string
    parts: { id: string }[]
  }[]
  const part = jobs.find((j) => j.name === 'Grip sander to ceiling hose')!.parts[0]!
  const pack = await (await request.get(`/api/parts/${part.id}/revisions/2.zip`)).body()
  await page.goto('/')
  const pick = page.getByLabel('Job file')
  await pick.setInputFiles({
    name: 'pack.zip',
    mimeType: 'application/zip',
    buffer: pack,
  })
  await expect(page.getByRole('alert')).toContainText('pack.zip is no job file. Choose the job.json out of a pack.')
  await pick.setInputFiles({
    name: 'job.json',
    mimeType: 'application/json',
    buffer: Buffer.from('{"format":"other"}'),
  })
  await expect(page.getByRole('alert')).toBeVisible()
})

test('a rectangular place is read on its own drawing', async ({ page }) => {
  await addMachine(page, `Flat nozzle ${Date.now()}`, 'flat mouth', 'duct')
  const place = page.getByRole('article', { name: 'flat mouth' })
  await place
    .getByRole('listitem')
    .getByRole('button', { name: /outside height/ })
    .click()
  await page.keyboard.type('31.4')
  await page.keyboard.press('Enter')
  await expect(place.getByRole('listitem').getByRole('button', { name: /outside height/ })).toContainText('31.40 mm')
})

test('a roof that would hang in the air is carried by ribs at a press, and they are seen as it lies on the bed', async ({ page }) => {
  await page.goto('/')
  await page
    .getByRole('link', { name: /Irons off the sill/ })
    .first()
    .click()
  await page.getByRole('button', { name: /^5 Print/ }).click()
  await page.getByLabel('Print it with the').selectOption({ label: 'back down' })
  await settled(page)
  await page.getByRole('button', { name: /^3 Check/ }).click()
  const roofs = page.getByRole('list', { name: 'Checks' }).getByRole('listitem').filter({ hasText: 'roofs in the air' })
  await expect(roofs).toContainText('do not hold')
  await roofs.getByRole('button', { name: 'Put thin ribs under its roofs' }).click()
  await expect(roofs).toContainText('Short enough to bridge cleanly')
  await settled(page)
  await page.getByRole('button', { name: /^5 Print/ }).click()
  await page.getByRole('button', { name: 'In the round' }).click()
  await expect(page.getByLabel('View in the round').locator('canvas')).toBeVisible()
  // It stands as it was for those who come after.
  await page.getByLabel('Print it with the').selectOption({ label: 'floor down' })
  await page.getByLabel('Under its roofs').selectOption({ label: 'nothing' })
  await settled(page)
})
