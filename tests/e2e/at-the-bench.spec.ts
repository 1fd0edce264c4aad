import { expect, test, type Page } from '@playwright/test'
import { station } from './jobs'

async function openJob(page: Page, job: string, station = 'reckon') {
  await page.goto('/')
  await page.getByRole('link', { name: new RegExp(`^${job}:`) }).click()
  await page.goto(page.url().replace(/\?.*/, `?at=${station}`))
  await expect(page.locator('[data-line="first.drawn"]')).toBeVisible()
}

test('stepping a value moves drawing, ledger and view together, and undo takes it back', async ({ page }) => {
  await openJob(page, 'Blade sander to hose')
  const length = page.locator('[data-line="cone.length"]')
  const ledger = page.getByRole('list', { name: 'Ledger' })
  const before = (await length.textContent())!
  const outline = await page.locator('svg[aria-label^="Section"] path').nth(4).getAttribute('d')
  await page.locator('[data-line="cone.angle"]').focus()
  for (let i = 0; i < 5; i++) await page.keyboard.press('ArrowUp')
  await expect(page.locator('[data-line="cone.angle"]')).toContainText('35.0°')
  await expect(length).not.toHaveText(before)
  await expect(ledger).toContainText('35.0°')
  expect(await page.locator('svg[aria-label^="Section"] path').nth(4).getAttribute('d')).not.toBe(outline)
  await expect(page.getByText('kept', { exact: true })).toBeVisible()
  await page.reload()
  await expect(page.locator('[data-line="cone.angle"]')).toContainText('35.0°')
  while (!(await page.locator('[data-line="cone.angle"]').textContent())?.includes('30.0°')) {
    const angle = await page.locator('[data-line="cone.angle"]').textContent()
    await page.getByRole('button', { name: 'Take back' }).click()
    await expect(page.locator('[data-line="cone.angle"]')).not.toHaveText(angle!)
  }
  await expect(length).toHaveText(before)
  await expect(page.getByText('kept', { exact: true })).toBeVisible()
})

test('the list holds the same callouts as the drawing and edits them too', async ({ page }) => {
  await openJob(page, 'Blade sander to hose')
  const drawn = await page.locator('[data-line]').count()
  await page.getByRole('button', { name: 'List', exact: true }).click()
  const rows = page.getByLabel('Seat drawing').locator('li')
  await expect(rows).toHaveCount(drawn)
  await rows.filter({ hasText: 'cone half angle' }).getByRole('button', { name: 'Edit' }).press('Enter')
  await page.keyboard.type('33')
  await page.keyboard.press('Enter')
  await expect(rows.filter({ hasText: 'cone half angle' })).toContainText('33.0°')
  await page.keyboard.press('Control+z')
  await expect(rows.filter({ hasText: 'cone half angle' })).toContainText('30.0°')
})

test('keys alone: stations, why, units, finding, a reading', async ({ page }) => {
  await openJob(page, 'Lathe hood to hose')
  await page.keyboard.press(']')
  await expect(station(page, 'Check')).toHaveAttribute('aria-current', 'step')
  await page.keyboard.press('[')
  await page.locator('[data-line="second.drawn"]').focus()
  await page.keyboard.press('.')
  await expect(page.getByRole('region', { name: 'Why second cuff drawn' })).toBeVisible()
  await page.keyboard.press('u')
  await expect(page.locator('[data-line="second.measured"] .font-semibold')).toContainText('in')
  await page.keyboard.press('u')
  await page.keyboard.press('?')
  await expect(page.getByRole('dialog', { name: 'Keys' })).toBeVisible()
  await page.keyboard.press('Escape')
  await expect(page.getByRole('dialog')).toBeHidden()
  await page.keyboard.press('5')
  await expect(page.getByLabel(/^Reading of/)).toHaveValue('5')
  await expect(page.getByLabel(/^Reading of/)).toBeFocused()
  await page
    .getByRole('button', { name: /^Bench|Section/ })
    .first()
    .focus()
  await page.keyboard.press('/')
  await page.keyboard.type('ceiling')
  await expect(page.getByRole('dialog', { name: 'Find' })).toContainText('Ceiling hose')
})

test('a wrong reading is refused at the field with its place, and stays', async ({ page }) => {
  await page.goto('/machines')
  const field = page.getByLabel(/^Reading of/)
  await field.fill('5i.2')
  await page.keyboard.press('Enter')
  await expect(page.getByRole('alert')).toContainText('5i.2')
  await expect(field).toHaveValue('5i.2')
})

test('in the round: machine and part are drawn, and the picture changes with the part', async ({ page }) => {
  await openJob(page, 'Blade sander to hose')
  await page.getByRole('button', { name: 'In the round' }).click()
  const view = page.getByLabel('View in the round').locator('canvas')
  await expect(view).toBeVisible()
  await page.waitForTimeout(1500)
  const picture = await view.screenshot()
  await page.getByLabel('Setup').selectOption({ label: 'Bittern, tough green' })
  await page.waitForTimeout(1500)
  expect(Buffer.compare(picture, await view.screenshot())).not.toBe(0)
  await page.getByRole('button', { name: 'Take back' }).click()
  await expect(page.getByText('kept', { exact: true })).toBeVisible()
})

test('in the round pieces are opened, moved, taken apart and measured, by hand and by key', async ({ page }) => {
  await page.goto('/')
  await page.getByRole('link', { name: /^Jaws that leave no mark:/ }).click()
  await page.goto(page.url().replace(/\?.*/, '?at=check'))
  await expect(page.getByText('the sliding jaw moves freely')).toBeVisible()
  await page.getByRole('button', { name: 'In the round' }).click()
  const view = page.getByLabel('View in the round').locator('canvas')
  await expect(view).toBeVisible()
  await page.waitForTimeout(1500)
  let before = await view.screenshot()
  const changes = async (act: () => Promise<unknown>) => {
    await act()
    await expect(async () => expect(Buffer.compare(before, await view.screenshot())).not.toBe(0)).toPass()
    await page.waitForTimeout(400)
    before = await view.screenshot()
  }
  await changes(() => page.getByLabel('the sliding jaw').fill('1'))
  await changes(() => page.keyboard.press('p'))
  await expect(page.getByRole('button', { name: 'Pieces apart' })).toHaveAttribute('aria-pressed', 'true')
  await changes(() => page.keyboard.press('x'))
  await expect(page.getByLabel('Cutting plane')).toHaveValue('y')
  await changes(() => page.keyboard.press('PageUp'))
  await page.getByLabel('Cutting plane').selectOption('whole')
  await page.getByRole('img', { name: /Turn it with the arrow keys/ }).focus()
  await changes(() => page.keyboard.press('ArrowLeft'))
  await changes(() => page.getByRole('button', { name: 'Fit to view' }).click())
  const box = (await view.boundingBox())!
  const told = page.getByText('Press two faces to measure between them.')
  await expect(told).toBeVisible()
  // Somewhere down the middle there is a face; two presses on it lie in one plane or on two.
  await expect(async () => {
    for (let i = 3; i < 9; i++) await page.mouse.click(box.x + box.width / 2, box.y + (box.height * i) / 12)
    await expect(page.getByText(/ mm · .* in (between two parallel faces|from point to point)/)).toBeVisible({ timeout: 500 })
  }).toPass()
})

test('two people change one part: different things are joined, the same thing is asked about', async ({ browser }) => {
  const [one, two] = await Promise.all([browser.newPage(), browser.newPage()])
  await Promise.all([openJob(one, 'Grip sander to ceiling hose'), openJob(two, 'Grip sander to ceiling hose')])
  await one.locator('[data-line="wall"]').focus()
  await one.keyboard.press('ArrowUp')
  await expect(one.getByText('keeping…')).toBeVisible()
  await expect(one.getByText('kept', { exact: true })).toBeVisible()
  const wall = await one.locator('[data-line="wall"]').textContent()
  await two.locator('[data-line="cone.angle"]').focus()
  await two.keyboard.press('ArrowUp')
  await expect(two.locator('[data-line="wall"]')).toHaveText(wall!)
  await expect(two.locator('[data-line="cone.angle"]')).toContainText('31.0°')
  await expect(two.getByText('kept', { exact: true })).toBeVisible()
  await one.locator('[data-line="cone.angle"]').focus()
  await one.keyboard.press('ArrowDown')
  const sheet = one.getByRole('dialog', {
    name: 'Somebody else changed this part',
  })
  await expect(sheet.getByRole('row', { name: /^Cone half angle/ })).toContainText('31')
  await sheet.getByRole('button', { name: 'Take theirs' }).click()
  await expect(one.locator('[data-line="cone.angle"]')).toContainText('31.0°')
  await one.locator('[data-line="cone.angle"]').focus()
  await one.keyboard.press('ArrowDown')
  await expect(one.locator('[data-line="cone.angle"]')).toContainText('30.0°')
  await expect(one.getByText('kept', { exact: true })).toBeVisible()
})

test('with the line cut, what was changed is told as not kept, outlives a reload and is kept later', async ({ page }) => {
  await openJob(page, 'Blade sander to hose')
  await page.route('**/api/parts/*', (route) => (route.request().method() === 'PUT' ? route.abort() : route.continue()))
  const angle = page.locator('[data-line="cone.angle"]')
  // Whatever was left here before: one step from where it stands.
  await expect(angle).toContainText('°')
  const before = Number((await angle.innerText()).match(/([\d.]+)°/)![1])
  const [stood, stepped] = [before, before + 1].map((degrees) => `${degrees.toFixed(1)}°`)
  await angle.focus()
  await page.keyboard.press('ArrowUp')
  await expect(angle).toContainText(stepped!)
  await expect(page.getByRole('status').filter({ hasText: 'not kept: Emboq does not answer' })).toBeVisible()
  await page.reload()
  await expect(angle).toContainText(stepped!)
  await expect(page.getByRole('status').filter({ hasText: 'not kept' })).toBeVisible()
  await page.unroute('**/api/parts/*')
  await expect(page.getByText('kept', { exact: true })).toBeVisible({
    timeout: 20_000,
  })
  await page.reload()
  await expect(angle).toContainText(stepped!)
  await page.getByRole('button', { name: 'Take back' }).click()
  await expect(angle).toContainText(stood!)
  await expect(page.getByText('kept', { exact: true })).toBeVisible()
})

test('keys belong to the field that is typed in, and a sheet asks before it loses what was typed', async ({ page }) => {
  await openJob(page, 'Blade sander to hose')
  const before = await page.locator('[data-line="cone.angle"]').textContent()
  await page.locator('[data-line="cone.angle"]').focus()
  await page.keyboard.press('ArrowUp')
  await expect(page.getByText('kept', { exact: true })).toBeVisible()
  await page.getByRole('button', { name: 'Another part…' }).click()
  await page.getByRole('button', { name: /^wall bin/ }).click()
  const sheet = page.getByRole('dialog')
  await expect(sheet.getByLabel('Name of the part')).toBeFocused()
  await page.keyboard.type(' 2')
  await page.keyboard.press('Control+z')
  await expect(page.locator('[data-line="cone.angle"]')).not.toHaveText(before!)
  await sheet.getByLabel('Name of the part').fill('bin u 5')
  await page.keyboard.press('Escape')
  await expect(sheet).toContainText('What you typed here is not kept yet.')
  await sheet.getByRole('button', { name: 'Go on typing' }).click()
  await expect(sheet.getByLabel('Name of the part')).toHaveValue('bin u 5')
  await page.keyboard.press('Escape')
  await sheet.getByRole('button', { name: 'Leave it' }).click()
  await expect(page.getByRole('button', { name: 'Another part…' })).toBeFocused()
  // Esc with nothing open stays where it is.
  await page.keyboard.press('Escape')
  await expect(page).toHaveURL(/jobs/)
  await page.getByRole('button', { name: 'Take back' }).click()
  await expect(page.locator('[data-line="cone.angle"]')).toHaveText(before!)
  await expect(page.getByText('kept', { exact: true })).toBeVisible()
})

test('what is edited at the lower edge stays within the window, with its error', async ({ page }) => {
  await page.setViewportSize({ width: 1280, height: 640 })
  await openJob(page, 'Blade sander to hose')
  await page.locator('[data-line="second.cuff"]').click()
  await page.getByRole('textbox', { name: 'Second cuff', exact: true }).fill('long')
  await page.keyboard.press('Enter')
  const [alert, close] = [page.getByRole('alert'), page.locator('form').getByRole('button', { name: 'Close' })]
  for (const seen of [alert, close]) {
    const box = (await seen.boundingBox())!
    expect(box.y).toBeGreaterThanOrEqual(0)
    expect(box.y + box.height).toBeLessThanOrEqual(640)
  }
  await close.click()
})

for (const theme of ['daylight', 'lamplight'] as const)
  test(`on a tablet in ${theme} nothing runs off the side and targets are large`, async ({ page }) => {
    await page.addInitScript((t) => localStorage.setItem('theme', t), theme)
    await page.setViewportSize({ width: 820, height: 1180 })
    for (const open of [
      () => openJob(page, 'Lathe hood to hose'),
      () => page.goto('/machines'),
      () => page.goto('/tables?size=M6'),
      () => page.goto('/instruments'),
    ]) {
      await open()
      await expect(page.getByRole('heading').first()).toBeVisible()
      expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(820)
      const small = await page
        .locator('button:visible, select:visible')
        .evaluateAll((targets) => targets.filter((t) => t.getBoundingClientRect().height < 44).map((t) => t.textContent))
      expect(small).toEqual([])
    }
  })

test('nothing is asked of any other host', async ({ page, baseURL }) => {
  const others: string[] = []
  page.on('request', (request) => {
    if (!request.url().startsWith(baseURL!) && !request.url().startsWith('data:') && !request.url().startsWith('blob:'))
      others.push(request.url())
  })
  await openJob(page, 'Blade sander to hose')
  await page.getByRole('button', { name: 'Both' }).click()
  await page.waitForTimeout(1000)
  expect(others).toEqual([])
})
