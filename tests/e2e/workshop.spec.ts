import { expect, test, type Page } from '@playwright/test'
import { addMachine, dimension as dimensionOf, enterReading } from './machines'

const unique = Date.now().toString(36)

/** A machine of our own with one unread place, opened. */
async function newPlace(page: Page, machine: string, place: string) {
  await addMachine(page, machine, place)
  await expect(page.getByRole('article', { name: place })).toContainText('Nothing read yet.')
}

test('readings are taken by digits alone, the next wanted dimension first', async ({ page }) => {
  await newPlace(page, `Planer ${unique}`, `planer chute ${unique}`)
  await page.getByRole('heading', { name: `Planer ${unique}` }).click()
  for (const [dimension, value] of [
    ['inside diameter', '98.4'],
    ['outside diameter', '104.1'],
    ['straight length', '60'],
  ] as const) {
    await page.keyboard.press(value[0]!)
    const field = page.getByLabel(`Reading of ${dimension}`)
    await expect(field).toBeFocused()
    await page.keyboard.type(value.slice(1))
    await page.keyboard.press('Enter')
    await expect(dimensionOf(page, new RegExp(`^${dimension}`))).toContainText(Number(value).toFixed(2))
    await page.getByRole('heading', { name: `Planer ${unique}` }).click()
    await page.getByLabel(/^Reading of/).blur()
    await page.keyboard.press('n')
    await page.getByLabel(/^Reading of/).blur()
  }
})

test('an entry is shown in both unit systems while it is typed, in the leading one first', async ({ page }) => {
  await newPlace(page, `Router ${unique}`, `router hood ${unique}`)
  const entry = page.locator('form', { has: page.getByLabel(/^Reading of/) })
  await page.getByLabel(/^Reading of/).fill('2 1/64')
  await expect(entry).toContainText('51.20 mm')
  await page.getByRole('button', { name: /^Leading unit/ }).click()
  await page.getByLabel(/^Reading of/).fill('2.5')
  await expect(entry).toContainText('2 1/2 in')
  await expect(entry).toContainText('63.50 mm')
  await page.getByLabel(/^Reading of/).press('Enter')
  await expect(page.getByRole('article')).toContainText('2 1/2 in')
  await page.getByRole('button', { name: /^Leading unit/ }).click()
})

test('a bad reading is struck out with a reason and stays to be seen', async ({ page }) => {
  await newPlace(page, `Jointer ${unique}`, `jointer port ${unique}`)
  for (const value of ['60.1', '66.1']) {
    await dimensionOf(page, /^outside diameter/).click()
    await page.getByLabel('Reading of outside diameter').fill(value)
    await enterReading(page)
  }
  await dimensionOf(page, /^outside diameter/).click()
  const readings = page.getByRole('list', {
    name: 'Readings of outside diameter',
  })
  await expect(page.getByText('The readings scatter more than their instrument does')).toBeVisible()
  await readings.getByRole('button', { name: 'Strike out 66.1' }).click()
  await readings.getByLabel('Why it is struck out').fill('read across the seam')
  await page.keyboard.press('Enter')
  await expect(readings).toContainText('struck out: read across the seam')
  await expect(readings.locator('.line-through')).toContainText('66.10 mm')
  await expect(page.getByText('The readings scatter more')).toBeHidden()
  await expect(dimensionOf(page, /^outside diameter/)).toContainText('60.10 mm')
})

test('a reading beyond the reach of its instrument is refused in words', async ({ page }) => {
  await newPlace(page, `Cyclone ${unique}`, `cyclone inlet ${unique}`)
  await page.getByLabel('Instrument').selectOption({ label: 'caliper' })
  await page.getByLabel(/^Reading of/).fill('410')
  await page.keyboard.press('Enter')
  await expect(page.getByRole('alert')).toContainText('410.00 mm is more than the 150 mm that can be read here.')
  await page.getByLabel('Instrument').selectOption({ label: 'steel rule' })
  await page.getByRole('button', { name: 'Take the reading' }).click()
  await expect(page.getByRole('article')).toContainText('410.00 mm')
})

test('a setup of ones own: a wrong number is told at its field and nothing typed is lost', async ({ page }) => {
  await page.goto('/')
  await page.getByRole('link', { name: /^Blade sander to hose:/ }).click()
  await page.getByLabel('Setup').selectOption({ label: 'Another setup…' })
  const sheet = page.getByRole('dialog', { name: 'New setup' })
  await sheet.getByLabel('Name').fill(`Egret, clear ${unique}`)
  await sheet.getByLabel('Printer').selectOption('Curlew')
  await sheet.getByLabel('Line width, mm').fill('0,8')
  await sheet.getByRole('button', { name: 'Add the setup' }).click()
  await expect(sheet.getByRole('alert')).toContainText(
    'This cannot be read as what is wanted here. A number is written with a point, like 0.45.',
  )
  await expect(sheet.getByLabel('Name')).toHaveValue(`Egret, clear ${unique}`)
  await sheet.getByLabel('Line width, mm').fill('0.8')
  await sheet.getByRole('button', { name: 'Add the setup' }).click()
  await expect(sheet).toBeHidden()
  await expect(page.getByLabel('Setup').first().locator('option:checked')).toHaveText(`Egret, clear ${unique}`)
  await expect(page.locator('[data-line="wall"]')).toContainText('1.60 mm')
  await page.getByRole('button', { name: 'Take back' }).click()
  await expect(page.getByText('kept', { exact: true })).toBeVisible()
})

test('a job starts with its name, what it fits is measured on the spot, and it is put away and taken back', async ({ page }) => {
  const job = `Bare start ${unique}`
  await page.goto('/')
  await page.getByRole('button', { name: 'Start a job' }).click()
  await page.getByRole('button', { name: /^wall bin/ }).click()
  await page.getByLabel('Name of the job').fill(job)
  await page.getByRole('button', { name: 'Start', exact: true }).click()
  await expect(page.getByLabel('Seat drawing')).toContainText('No reading yet of box width')
  await page.getByRole('button', { name: 'Measure it now' }).first().click()
  const group = page.getByRole('group', { name: 'Measure the box now' })
  await group.getByLabel('Of which machine or thing').fill(`Nail box ${unique}`)
  await group.getByRole('button', { name: 'Take it up' }).click()
  for (const [dimension, value] of [
    ['width', '92'],
    ['depth', '61'],
    ['height', '40'],
  ] as const) {
    await page.getByLabel(`Reading of ${dimension}`, { exact: true }).fill(value)
    await page.keyboard.press('Enter')
    await expect(page.getByRole('img', { name: '1 of 3 readings' })).toBeVisible()
    await page.keyboard.press('Enter')
  }
  await expect(page.locator('[data-line="item.width.measured"]')).toContainText('92.00 mm')
  await page.goto('/')
  await page.getByRole('button', { name: `Put away ${job}` }).click()
  await expect(page.getByRole('link', { name: new RegExp(`^${job}:`) })).toBeHidden()
  await page.getByText(/jobs? put away$/).click()
  await page.getByRole('button', { name: `Take ${job} back` }).click()
  await expect(page.getByRole('link', { name: new RegExp(`^${job}:`) })).toBeVisible()
})

test('an unknown address leads back', async ({ page }) => {
  await page.goto('/nowhere')
  await page.getByRole('link', { name: 'Go to the bench' }).click()
  await expect(page.getByRole('heading', { name: 'Next on the bench' })).toBeVisible()
})

test('finding leads to a machine by any word', async ({ page }) => {
  await page.goto('/')
  await expect(page.getByRole('heading', { name: 'Next on the bench' })).toBeVisible()
  await page.keyboard.press('/')
  const find = page.getByRole('dialog', { name: 'Find' })
  await expect(find.getByLabel('Words to find')).toBeFocused()
  await page.keyboard.type('spigot')
  await find.getByRole('link', { name: /lathe hood spigot/ }).click()
  await expect(page.getByRole('heading', { name: 'Shaft lathe' })).toBeVisible()
})
