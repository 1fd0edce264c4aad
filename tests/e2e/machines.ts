import { expect, type Page } from '@playwright/test'

/** The list of a place's dimensions, and one of them in it. */
export const dimension = (page: Page, name: string | RegExp) =>
  page.getByRole('list', { name: /^Dimensions of/ }).getByRole('button', { name })

/** Adds a machine with one place, and waits until both are there. */
export async function addMachine(page: Page, machine: string, place: string, kind = 'tube') {
  await page.goto('/machines')
  await page.getByRole('button', { name: 'Add a machine' }).click()
  const sheet = page.getByRole('dialog', { name: 'Add a machine' })
  await sheet.getByLabel('Name').fill(machine)
  await sheet.getByRole('button', { name: 'Add', exact: true }).click()
  await expect(page.getByRole('heading', { name: machine })).toBeVisible()
  await page.getByLabel('Another place').fill(place)
  await page.getByLabel('Kind of place').selectOption(kind)
  await page.getByRole('button', { name: 'Add', exact: true }).click()
  await expect(page.getByRole('heading', { name: place })).toBeVisible()
}

/** Sends the reading that was typed, and waits until it is taken or refused. */
export async function enterReading(page: Page) {
  const answered = page.waitForResponse((r) => r.request().method() === 'POST' && r.url().endsWith('/readings'))
  await page.keyboard.press('Enter')
  await answered
  await expect(page.getByRole('button', { name: 'Take the reading' }).locator('xpath=ancestor::form')).toHaveAttribute('aria-busy', 'false')
}
