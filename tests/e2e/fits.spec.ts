import { expect, test, type Page } from '@playwright/test'

const proveLatheHood = async (page: Page) => {
  await page.goto('/')
  await page
    .getByRole('link', { name: /Lathe hood to hose/ })
    .first()
    .click()
  await page.getByRole('button', { name: /^4 Prove/ }).click()
}

test('what next is weighed, and a try of one part is believed of every part of its setup', async ({ page }) => {
  await proveLatheHood(page)
  const next = page.getByRole('region', { name: 'What next' })
  await expect(next.getByRole('button').first()).toContainText('Takes least.', { timeout: 30_000 })
  await expect(next.getByRole('button').nth(1)).toContainText('at the first print')
  // A row leads to where it is done.
  await next.getByRole('button', { name: /^Print the part/ }).click()
  await expect(page).toHaveURL(/at=print/)

  const setup = await page.getByRole('combobox', { name: 'Setup', exact: true }).locator('option:checked').innerText()
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

test('a ladder is tried by keys alone, and the belief moves with every word', async ({ page, request }) => {
  await proveLatheHood(page)
  await page
    .getByRole('checkbox', { name: /^ladder of/ })
    .first()
    .check()
  const rings = page.getByRole('checkbox', { name: /^ring of/, checked: true })
  while ((await rings.count()) > 0) await rings.first().uncheck()
  await page.getByRole('button', { name: 'Number this proof' }).click()
  await expect(page.getByRole('list', { name: 'Files' })).toBeVisible()
  await page.keyboard.press('t')
  const board = page.getByRole('complementary', { name: 'try' })
  const rungs = board.getByRole('radio', { name: /^ring \d/ })
  await expect(rungs.first()).toBeChecked()
  const count = await rungs.count()
  expect(count).toBeGreaterThan(2)
  const chart = board.getByRole('img', { name: /^Size to draw/ })
  const told = async () =>
    /Size to draw: ([\d.]+) mm ± ([\d.]+) mm(?:; before the try ([\d.]+) mm ± ([\d.]+))?/
      .exec((await chart.getAttribute('aria-label'))!)!
      .slice(1)
      .map(Number)
  const [, doubt] = await told()

  // The first hangs loose, the second slides: a word and Enter each, and the board moves on by itself.
  for (const [key, at] of [
    ['m', 0],
    ['n', 1],
  ] as const) {
    await expect(rungs.nth(at)).toBeChecked()
    await page.keyboard.press(key)
    await page.keyboard.press('Enter')
    await expect(rungs.nth(at + 1)).toBeChecked()
  }
  await expect(chart).toHaveAttribute('aria-label', /before the try/)
  const [, after, , before] = await told()
  expect(after!).toBeLessThanOrEqual(before!)
  expect(after!).toBeLessThan(doubt!)
  // What the caliper types is what was measured; Enter notes that alone.
  await page.keyboard.press('Escape')
  await rungs.nth(2).focus()
  await page.keyboard.type('4')
  await expect(board.getByLabel(/^Printed/)).toBeFocused()
  await expect(board.getByLabel(/^Printed/)).toHaveValue('4')
  await board.getByLabel(/^Printed/).fill('4 km')
  await page.keyboard.press('Enter')
  await expect(board.getByText(/4 km/)).toBeVisible()
  await expect(rungs.nth(2)).toBeChecked()

  // One rung is the right one: in one press the part is drawn like it, and in one more as before.
  await rungs.nth(3).check()
  const drawn = page.locator('[data-line="second.drawn"]')
  const was = await drawn.innerText()
  await board.getByRole('button', { name: 'Draw it like ring 4' }).click()
  await expect(drawn).not.toHaveText(was, { useInnerText: true })
  await expect(board.getByRole('button', { name: 'Draw it like ring 4' })).toBeHidden()
  await page.getByRole('button', { name: 'Take back' }).click()
  await expect(drawn).toHaveText(was, { useInnerText: true })

  // Those who come after find the belief as it was.
  const parts = ((await (await request.get(`/api/jobs/${/jobs\/([\w-]+)/.exec(page.url())![1]}`)).json()) as { parts: { id: string }[] })
    .parts
  const { revisions } = (await (await request.get(`/api/parts/${parts[0]!.id}/history`)).json()) as {
    revisions: { tries: { id: string }[] }[]
  }
  expect(revisions[0]!.tries).toHaveLength(2)
  for (const t of revisions[0]!.tries) await request.post(`/api/tries/${t.id}/strikes`, { data: { because: 'tried by a test' } })
})
