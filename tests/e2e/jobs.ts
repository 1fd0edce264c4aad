import { expect, type Page } from '@playwright/test'

/** Waits until the notebook has what was changed. */
export const settled = (page: Page) => expect(page.getByText('kept', { exact: true })).toBeVisible()

/** Waits until the drawing shows what was noted last. */
export const reckoned = (page: Page) => expect(page.locator('[aria-busy=true]')).toHaveCount(0)

/** Where a station is chosen. */
export const station = (page: Page, name: string) => page.getByRole('navigation', { name: 'Stations' }).getByRole('button', { name })

/** Starts a job with one part of a family, nothing named yet. */
export async function start(page: Page, family: RegExp, job: string) {
  await page.goto('/')
  await page.getByRole('button', { name: 'Start a job' }).click()
  await page.getByRole('button', { name: family }).click()
  await page.getByLabel('Name of the job').fill(job)
  await page.getByRole('button', { name: 'Start', exact: true }).click()
  await expect(page.getByRole('heading', { name: job })).toBeVisible()
}

/** Goes to an address as a link would, in the page that is open. */
export const go = (page: Page, address: string) =>
  page.evaluate((to) => {
    history.pushState(null, '', to)
    dispatchEvent(new PopStateEvent('popstate', { state: null }))
  }, address)
