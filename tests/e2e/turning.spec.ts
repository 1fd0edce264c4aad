import { expect, test, type Page } from '@playwright/test'

const hinge = /Rail that swings away/

const settled = (page: Page) => expect(page.getByText('kept', { exact: true })).toBeVisible()

test('a flip hinge goes from its bench to test knuckles, a swing that is free, and the part', async ({ page }) => {
  test.setTimeout(120_000)
  await page.goto('/')
  await page.getByRole('link', { name: hinge }).first().click()
  const check = (title: string) => page.getByRole('listitem').filter({ hasText: title })
  await page.getByRole('button', { name: '3 Check' }).click()
  await expect(check('stays up by itself')).toHaveAttribute('data-verdict', 'good')
  await expect(check('the rail moves freely')).toHaveAttribute('data-verdict', 'good', { timeout: 30_000 })
  // Straight up it may come down by a bump; a press lets it lean.
  await page.getByRole('button', { name: '2 Reckon' }).click()
  await page.locator('[data-line="past"]').click()
  await page.getByRole('textbox', { name: 'It rests past upright' }).fill('0')
  await page.keyboard.press('Enter')
  await settled(page)
  await page.getByRole('button', { name: '3 Check' }).click()
  await expect(check('stays up by itself')).toHaveAttribute('data-verdict', 'watch')
  await check('stays up by itself')
    .getByRole('button', { name: /past upright$/ })
    .click()
  await settled(page)
  await expect(check('stays up by itself')).toHaveAttribute('data-verdict', 'good')
  // It is swung by its slider, and by keyboard.
  await page.getByRole('button', { name: '2 Reckon' }).click()
  await page.getByRole('button', { name: 'In the round' }).click()
  const swing = page.getByRole('slider', { name: /the rail/ })
  await swing.focus()
  await page.keyboard.press('End')
  await expect(swing).toHaveValue('1')
  await expect(page.getByText('resting on its heel').first()).toBeVisible()

  // Three test knuckles first; the middle one turns.
  await page.getByRole('button', { name: '4 Prove' }).click()
  await page.getByRole('checkbox', { name: /^test knuckles/ }).check()
  await settled(page)
  await page.getByRole('button', { name: 'Number this proof' }).click()
  await expect(page.getByRole('list', { name: 'Files' })).toContainText('Revision 1')
  await page.getByRole('button', { name: '6 Try' }).click()
  await page.getByLabel(/^knuckle 2/).check()
  await page.getByLabel('turns without play').check()
  await page.getByRole('button', { name: 'Note the try' }).click()
  await expect(page.getByRole('status').filter({ hasText: 'it was' })).toBeVisible()

  // All three pieces come as files.
  await page.getByRole('button', { name: '5 Print' }).click()
  await page.getByRole('button', { name: 'Number this print' }).click()
  await expect(page.getByRole('list', { name: 'Files' })).toContainText('Revision 2')
  for (const piece of ["table's leaf", "rail's leaf", 'support post'])
    await expect(page.getByRole('list', { name: 'Files' })).toContainText(piece)
})
