import { expect, test, type Page } from '@playwright/test'
import { settled, start } from './jobs'

const unique = Date.now().toString(36)

const check = (page: Page, title: string) => page.getByRole('listitem').filter({ hasText: title })

async function decide(page: Page, label: string, value: string) {
  await page.getByRole('textbox', { name: label, exact: true }).fill(value)
  await page.keyboard.press('Enter')
  await settled(page)
}

test('a case twice the size is split for the bed, and its walls thicken at a press for the pins that align it', async ({ page }) => {
  test.setTimeout(120_000)
  await start(page, /lidded case/, `Case ${unique}`)
  await page.getByLabel('Place of the pin').selectOption({ label: 'green filament' })
  await settled(page)
  await page.getByRole('button', { name: /^2 Reckon/ }).click()
  await decide(page, 'Inside, high', '120')
  await page.locator('[data-line="width"]').click()
  await decide(page, 'Inside, left to right', '480')
  // Nothing can be drawn of it as it stands: what the drawing took is asked for beside it.
  await decide(page, 'Inside, front to back', '300')
  await page.getByRole('button', { name: /^3 Check/ }).click()
  const wall = check(page, 'wall around the dowels')
  await expect(wall).toHaveAttribute('data-verdict', 'stop')
  await wall.getByRole('button', { name: /^Make the walls/ }).click()
  await settled(page)
  await expect(wall).toHaveAttribute('data-verdict', 'good')
  await expect(check(page, 'split for the bed')).toContainText('the fewest that lie on the bed')
  await expect(check(page, 'fits the printer').first()).toHaveAttribute('data-verdict', 'good')
  await expect(check(page, 'the lid moves freely')).toHaveAttribute('data-verdict', 'good', { timeout: 90_000 })
})

test('long tools lean in their drawer as far as it closes, and what is not known of them is said', async ({ page }) => {
  test.setTimeout(120_000)
  await start(page, /drawer nest/, `Nests ${unique}`)
  await page.getByLabel('Place of the tool 1').selectOption({ label: 'bent shaft knife' })
  await page.getByLabel('Place of the drawer they lie in').selectOption({ label: 'knife drawer inside' })
  await settled(page)
  await page.getByRole('button', { name: /^2 Reckon/ }).click()
  await decide(page, 'steps of', 'steel, brass, moonstone')
  await page.getByRole('button', { name: /^3 Check/ }).click()
  await expect(check(page, 'bent shaft knife: what it is of')).toContainText("No density is known of 'moonstone'")
  await page.getByRole('button', { name: /^2 Reckon/ }).click()
  await decide(page, 'steps of', 'steel, brass, hardwood')
  await page.getByLabel('Tools', { exact: true }).last().selectOption('lean, their front ends raised')
  await settled(page)
  await page.getByRole('button', { name: /^3 Check/ }).click()
  await expect(check(page, 'The highest tool passes below what closes over it.')).toHaveAttribute('data-verdict', 'good')
  await expect(check(page, 'how the bent shaft knife leans')).toContainText('Its front end is raised')
})
