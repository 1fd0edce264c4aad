import { expect, test, type Page } from '@playwright/test'
import { station } from './jobs'

const unique = Date.now().toString(36)

async function start(page: Page, family: RegExp, job: string, places: Readonly<Record<string, string>> = {}) {
  await page.goto('/')
  await page.getByRole('button', { name: 'Start a job' }).click()
  await page.getByRole('button', { name: family }).click()
  await page.getByLabel('Name of the job').fill(`${job} ${unique}`)
  for (const [slot, place] of Object.entries(places)) await page.getByLabel(slot, { exact: true }).selectOption({ label: place })
  await page.getByRole('button', { name: 'Start', exact: true }).click()
  await expect(page.getByRole('heading', { name: `${job} ${unique}` })).toBeVisible()
  await station(page, 'Reckon').click()
}

const line = (page: Page, key: string) => page.locator(`[data-line="${key}"]`)

async function set(page: Page, key: string, label: string, entry: string) {
  await line(page, key).click()
  await page.getByRole('textbox', { name: label, exact: true }).fill(entry)
  await page.keyboard.press('Enter')
}

test('an inlaid tag has a second body that is smaller by its own offset', async ({ page }) => {
  await start(page, /^label plate/, 'Key tags')
  await page.getByLabel('Shape').selectOption('tag')
  await page.getByLabel('Held by').selectOption('hang')
  await page.getByLabel('Label', { exact: true }).fill('Shed')
  await page.keyboard.press('Enter')
  await page.getByLabel('Letters', { exact: true }).selectOption('inlay')
  await expect(page.getByRole('list', { name: 'Ledger' })).toContainText('inlay smaller, a side')
  await station(page, 'Print').click()
  await expect(page.getByText('inlay letters', { exact: true })).toBeVisible()
})

test('an angle gauge shows its rise, and a spacer between layers is mended with one press', async ({ page }) => {
  await start(page, /^angle gauge/, 'Grinding angle')
  await set(page, 'angle', 'Angle', '25')
  await expect(line(page, 'high')).toContainText('38.90 mm')
  await page.getByLabel('It is').selectOption('spacer')
  await set(page, 'height', 'Height', '9.13')
  await page.getByRole('button', { name: /^3 Check/ }).click()
  await expect(page.getByText('Between two layers')).toBeVisible()
  await page.getByRole('button', { name: /^Make it 9/ }).click()
  await expect(page.getByText('A whole number of layers')).toBeVisible()
})

test('a router template stops when the cutter is wider than its follower', async ({ page }) => {
  await start(page, /^router template/, 'Grip blanks')
  await expect(line(page, 'offset')).toContainText('2.50 mm')
  await set(page, 'cutter', 'Cutter diameter', '3/4 in')
  await page.getByRole('button', { name: /^3 Check/ }).click()
  await expect(page.getByText('The cutter is wider than its follower')).toBeVisible()
  await page.getByRole('button', { name: 'Take back' }).click()
  await expect(page.getByText('The cutter stays clear of the template.')).toBeVisible()
})

test('a fence key is proved by a ladder over width and height', async ({ page }) => {
  await start(page, /^fence key/, 'Fence that tips', { Channel: 'fence slot' })
  await expect(line(page, 'channel.width.drawn')).toBeVisible()
  await station(page, 'Prove').click()
  await page.getByRole('checkbox', { name: /^ladder of the channel/ }).check()
  await page.getByRole('button', { name: 'Number this proof' }).click()
  await station(page, 'Try').click()
  await page.getByLabel(/^rung 4/).check()
  await page.getByLabel('firm by hand').check()
  await page.getByRole('button', { name: 'Note the try' }).click()
  await station(page, 'Reckon').click()
  await expect(page.getByRole('list', { name: 'Ledger' })).toContainText('key width correction')
})

test('a bin needs its box read, and a rail takes the place of screws', async ({ page }) => {
  await start(page, /^wall bin/, 'Irons on the wall', { Box: 'iron box' })
  await expect(line(page, 'item.width.measured')).toContainText('92.35 mm')
  await page.getByLabel('Hangs by').selectOption('rail')
  await expect(page.getByLabel('Screw', { exact: true })).toBeHidden()
  await expect(page.getByLabel('Rail thickness')).toBeVisible()
  await page.getByLabel('Stacking').selectOption('lip')
  await page.getByRole('button', { name: /^3 Check/ }).click()
  await expect(page.getByText('The rim keeps the next bin from sliding.')).toBeVisible()
})

test('soft jaws are grooved for rounds, proved by a slice, and screwed on with what the drawer has', async ({ page }) => {
  await start(page, /^soft jaws/, 'Jaws for dowels', {
    'Jaw of the vice': 'vice jaw',
  })
  await page.getByLabel('The face is').selectOption('vee')
  await expect(page.getByRole('list', { name: 'Ledger' })).toContainText('smallest round stands out')
  await set(page, 'largest', 'Largest round', '20')
  // (d/2) cos 45° / tan 45° is 7.07 mm above the bottom, and 0.8 mm of face beyond.
  await expect(line(page, 'groove.depth')).toContainText('7.87 mm')
  await page.getByLabel('Held by').selectOption('screws')
  await page.getByLabel('Screw', { exact: true }).selectOption('M5')
  await page.getByRole('button', { name: /^3 Check/ }).click()
  await expect(page.getByText(/M5 cap screw, \d+ mm from the drawer/)).toBeVisible()
  await station(page, 'Prove').click()
  await expect(page.getByRole('checkbox', { name: /^a slice of the groove/ })).toBeChecked()
  await page.getByRole('button', { name: 'Number this proof' }).click()
  await station(page, 'Print').click()
  await page.getByRole('button', { name: 'Lay out the bedfuls' }).click()
  await expect(page.getByRole('img', { name: '2 pieces on the bed' })).toBeVisible({ timeout: 60_000 })
})

test('a key locks in height instead, and its sides are then free', async ({ page }) => {
  await start(page, /^fence key/, 'Fence that lifts', {
    Channel: 'fence slot',
  })
  await page.getByLabel('It locks').selectOption('height')
  await expect(line(page, 'channel.depth.measured')).toBeVisible()
  await set(page, 'sides', 'Free at the sides', '2')
  await expect(page.getByRole('list', { name: 'Ledger' })).toContainText('key height drawn')
})
