import { expect, test } from '@playwright/test'
import { settled, start, station } from './jobs'

const unique = Date.now().toString(36)

test('an outline with arcs is typed, and a corner that cannot be is told at its field', async ({ page }) => {
  await start(page, /^router template/, `Arcs ${unique}`)
  await station(page, 'Reckon').click()
  const outline = page.getByRole('textbox', { name: 'Outline wanted' })
  await outline.fill('0,0 80,0,r45 80,40 0,40')
  await outline.press('Enter')
  await expect(page.getByText('A corner radius of 45 mm at 80,0 cannot be', { exact: false })).toBeVisible()
  await expect(outline).toHaveValue('0,0 80,0,r45 80,40 0,40')
  await outline.fill('0,0 80,0,r12 80,40 40,52,arc 0,40')
  await outline.press('Enter')
  await settled(page)
  // What the rectangle was drawn by counts no more, and is not asked for.
  await expect(page.locator('[data-line="width"]')).toHaveCount(0)
  await station(page, 'Check').click()
  await expect(page.getByText('The offset outline is whole.')).toBeVisible()
})

test('a thin plate with a lip asks for short screws, and prints on its back', async ({ page }) => {
  await start(page, /^drawer pull/, `Lips ${unique}`)
  await station(page, 'Reckon').click()
  await page.getByLabel('Held by').selectOption('plate')
  await settled(page)
  await expect(page.locator('[data-line="lip.drop"]')).toBeVisible()
  // A nut that no plate has is not asked for.
  await expect(page.getByLabel('Place of the nut as measured')).toHaveCount(0)
  await station(page, 'Print').click()
  await expect(page.getByLabel('Print it with the').first()).toHaveValue('back')
  await page.getByRole('button', { name: 'Number this print' }).click()
  await expect(page.getByRole('group', { name: 'Files of revision 1' })).toBeVisible()
})

test('tags of a row hang on a measured ring, and their cards come in one file', async ({ page, request }) => {
  await page.goto('/')
  await page
    .getByRole('link', { name: /Patterns that nobody can tell apart/ })
    .first()
    .click()
  await station(page, 'Reckon').click()
  const ledger = page.getByRole('list', { name: 'Ledger' })
  await ledger.getByRole('button', { name: /^hole for the ring/ }).click()
  const answer = page.getByRole('region', { name: 'Why hole for the ring' })
  await expect(answer).toContainText('The wire, its bend and its play.')
  // What a line is made of comes when it is opened.
  await expect(answer.getByRole('list', { name: 'Inputs' })).toContainText('play of the wire')
  await station(page, 'Print').click()
  const cards = page.getByRole('group', { name: 'Shop cards of all 4' })
  const file = await request.get((await cards.getByRole('link', { name: 'A4' }).getAttribute('href'))!)
  expect(file.headers()['content-type']).toBe('application/pdf')
  await expect(page.getByRole('group', { name: /^Shop card of Otter/ })).toBeVisible()
})

test('tape around a cuff makes room for itself and is told among the steps', async ({ page }) => {
  await page.goto('/')
  await page
    .getByRole('link', { name: /Lathe hood to hose/ })
    .first()
    .click()
  await station(page, 'Reckon').click()
  const drawn = page.locator('[data-line="second.drawn"]')
  const before = await drawn.textContent()
  await page.getByLabel('Second end is held by').selectOption('tape')
  await settled(page)
  await page.getByRole('textbox', { name: 'Second wraps of tape' }).fill('none')
  await page.keyboard.press('Enter')
  await expect(page.getByRole('textbox', { name: 'Second wraps of tape' })).toHaveAttribute('aria-invalid', 'true')
  await page.getByRole('textbox', { name: 'Second wraps of tape' }).fill('4')
  await page.keyboard.press('Enter')
  await settled(page)
  await expect(drawn).not.toHaveText(before!)
  await page.getByRole('button', { name: 'Take back' }).click()
  await page.getByRole('button', { name: 'Take back' }).click()
  await expect(drawn).toHaveText(before!)
})

test('a saw that walks gets a pad for each foot, each with its own file', async ({ page }) => {
  await page.goto('/')
  await page
    .getByRole('link', { name: /The saw that walks/ })
    .first()
    .click()
  await station(page, 'Print').click()
  await expect(page.getByRole('listitem').filter({ hasText: 'pad under right back' })).toBeVisible()
  await page.getByRole('button', { name: 'Number this print' }).click()
  await expect(page.getByRole('group', { name: 'Files of revision 1' })).toBeVisible()
})
