import { expect, test } from '@playwright/test'

test('what next is weighed, and a try of one part is believed of every part of its setup', async ({ page }) => {
  await page.goto('/')
  await page
    .getByRole('link', { name: /Lathe hood to hose/ })
    .first()
    .click()
  await page.getByRole('button', { name: /^4 Prove/ }).click()
  const next = page.getByRole('region', { name: 'What next' })
  await expect(next.getByRole('button').first()).toContainText('Takes least.', { timeout: 30_000 })
  await expect(next.getByRole('button').nth(1)).toContainText('at the first print')
  // A row leads to where it is done.
  await next.getByRole('button', { name: /^Print the part/ }).click()
  await expect(page).toHaveURL(/at=print/)

  const setup = await page.getByRole('combobox', { name: 'Setup' }).locator('option:checked').innerText()
  const tried = async () => {
    await page.goto('/fits')
    await page.getByRole('combobox', { name: 'of' }).selectOption({ label: setup })
    await expect(page.getByRole('list', { name: 'Surfaces' }).getByRole('listitem')).toHaveCount(8)
    return (await page.getByRole('list', { name: 'Surfaces' }).innerText()).match(/\d+ of them on this setup/g)!.map((s) => parseInt(s))
  }
  const before = await tried()
  await page.goBack()
  await page.getByRole('button', { name: /^4 Prove/ }).click()
  await page.getByRole('button', { name: 'Number this proof' }).click()
  await page.getByRole('button', { name: /^6 Try/ }).click()
  await page.getByRole('radio', { name: 'firm by hand' }).check()
  await page.getByRole('button', { name: 'Note the try' }).click()
  await expect(page.getByRole('status').filter({ hasText: 'is now' })).toBeVisible()
  const after = await tried()
  expect(after.reduce((a, b) => a + b, 0)).toBe(before.reduce((a, b) => a + b, 0) + 1)

  await page.getByLabel(/^What was done to/).fill('nozzle changed')
  await page.getByRole('button', { name: 'Note the service' }).click()
  await expect(page.getByRole('status').filter({ hasText: 'counts less' })).toBeVisible()
})
