import { expect, test } from '@playwright/test'
import { settled } from './jobs'

/** The demo's clamp on a column, and the bracket that takes its holes. */
const mounts = /Shaves within reach/

test('a clamp that opens over its post shows its window, and a press brings a wall into it', async ({ page }) => {
  await page.goto('/')
  await page.getByRole('link', { name: mounts }).first().click()
  await page.getByRole('button', { name: '2 Reckon' }).click()
  await page.getByLabel('At its back').selectOption('none')
  await settled(page)
  const wall = page.locator('[data-line="wall"]')
  await wall.click()
  await page.getByRole('textbox', { name: 'Wall' }).fill('40')
  await page.keyboard.press('Enter')
  await settled(page)
  await expect(wall).toContainText('40.00 mm')
  await page.getByRole('button', { name: '3 Check' }).click()
  const opens = page.getByRole('listitem').filter({ hasText: 'opens over the post' })
  await expect(opens).toHaveAttribute('data-verdict', 'stop')
  await opens.getByRole('button', { name: /^Make the wall/ }).click()
  await settled(page)
  await expect(opens).toHaveAttribute('data-verdict', 'good')
  await expect(opens.getByRole('img', { name: /used of what is there/ })).toBeVisible()
  const takeBack = page.getByRole('button', { name: 'Take back' })
  while (await takeBack.isEnabled()) await takeBack.click()
  await settled(page)
})

test('a bracket has the holes of its clamp, and says what it waits for until the gap is read', async ({ page }) => {
  await page.goto('/')
  await page.getByRole('link', { name: mounts }).first().click()
  await page.getByRole('group', { name: 'Parts of the job' }).getByText('shelf bracket').click()
  await page.getByRole('button', { name: '2 Reckon' }).click()
  await page.getByLabel('Thick as').selectOption({ label: 'column clamp: gap once it is tight' })
  await settled(page)
  await page.getByRole('button', { name: '3 Check' }).click()
  await expect(page.getByText(/It waits for the clamp tightened on its post/)).toBeVisible()
  await page.getByRole('button', { name: 'Take back' }).click()
  await settled(page)
  await expect(page.getByText(/It waits for the clamp tightened/)).toHaveCount(0)
  await expect(page.getByRole('listitem').filter({ hasText: 'bending' })).toHaveAttribute('data-verdict', 'good')
})

test('a clamp in halves comes as two files, and its halves close around the post', async ({ page }) => {
  await page.goto('/')
  await page.getByRole('link', { name: mounts }).first().click()
  await page.getByRole('button', { name: '2 Reckon' }).click()
  await page.getByLabel('It comes onto the post').selectOption('halves')
  await settled(page)
  await page.getByRole('button', { name: '3 Check' }).click()
  await expect(page.getByRole('listitem').filter({ hasText: 'the half with the nuts' })).toHaveAttribute('data-verdict', 'good', {
    timeout: 30_000,
  })
  await page.getByRole('button', { name: '5 Print' }).click()
  await expect(page.getByRole('listitem').filter({ hasText: 'half with the heads' }).first()).toBeVisible({ timeout: 20_000 })
  await page.getByRole('button', { name: '2 Reckon' }).click()
  await page.getByRole('button', { name: 'Take back' }).click()
  await settled(page)
})
