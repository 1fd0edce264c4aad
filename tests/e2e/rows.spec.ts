import { expect, test } from '@playwright/test'
import { settled, start, station } from './jobs'

const unique = Date.now().toString(36)
const texts = ['Copper tacks', 'Cane & cord', 'Varnish', 'Brass tips', 'Grip stock', 'Scrapers', 'Pumps', 'Discs', 'Spare irons']

test('a row of nine labelled pulls from a pasted list, with its template and bedfuls', async ({ page }) => {
  test.setTimeout(180_000)
  await start(page, /^drawer pull/, `Nine drawers ${unique}`)
  await page.locator('[data-line="spacing"]').click()
  await page.getByRole('textbox', { name: 'Hole spacing' }).fill('3 in')
  await page.keyboard.press('Enter')
  await expect(page.locator('[data-line="spacing"]')).toContainText('76.20 mm')
  await settled(page)

  // What cannot be read is named by its line, and what was pasted stays.
  await station(page, 'Print').click()
  await page.getByRole('button', { name: 'Make a row' }).click()
  const list = page.getByRole('textbox', { name: 'The list' })
  await list.fill(['Copper tacks, 1', 'Cane & cord, lots'].join('\n'))
  await page.getByRole('button', { name: 'Make the row' }).click()
  await expect(page.getByRole('alert')).toContainText("'lots' is not a count.")
  await expect(list).toHaveValue(/lots/)
  await list.fill(['text,count,group', ...texts.map((t, i) => `${t},1,${i === 2 ? 'red' : ''}`)].join('\n'))
  await page.getByRole('button', { name: 'Make the row' }).click()
  const members = page.getByRole('list', { name: 'Members' })
  await expect(members.getByRole('listitem')).toHaveCount(9)
  await settled(page)

  // Each member is looked at and edited where it is its own; what is common moves all.
  await page.getByLabel('Member of the row').selectOption({ label: '6 · Scrapers' })
  await expect(page.getByLabel('Label', { exact: true })).toHaveValue('Scrapers')
  await page.getByLabel('Label', { exact: true }).fill('Card scrapers')
  await page.keyboard.press('Enter')
  await expect(members).toContainText('Card scrapers')
  await settled(page)

  // Bedfuls by colour, to scale, with hours and spools.
  await page.getByRole('button', { name: 'Lay out the bedfuls' }).click()
  await expect(page.getByText(/bedfuls\. /)).toBeVisible({ timeout: 90_000 })
  // Which of them comes first is a matter of the hour: nobody changes a bed at night.
  const bedfuls = page.getByRole('figure', { name: /^Bedful/ })
  await expect(bedfuls.filter({ hasText: '· red' }).getByRole('img', { name: '1 piece on the bed' })).toBeVisible()
  await expect(bedfuls.filter({ hasNotText: '· red' }).getByRole('img', { name: '8 pieces on the bed' })).toBeVisible()

  // Two are printed; they keep their number when the design changes.
  for (const text of texts.slice(2))
    await members
      .getByRole('checkbox', {
        name: text.replace('Scrapers', 'Card scrapers'),
      })
      .uncheck()
  await page.getByRole('button', { name: 'Number this print of 2' }).click()
  await expect(members.getByText('revision 1')).toHaveCount(2)

  // The two on one bed, as they lie, as a file with the plan's name; one a bed when the maker says so.
  await page.getByRole('button', { name: 'Lay out the bedfuls' }).click()
  await expect(page.getByRole('img', { name: '2 pieces on the bed' })).toBeVisible({ timeout: 60_000 })
  const files = page.getByRole('group', { name: 'Files of Bedful 1' })
  const [download] = await Promise.all([page.waitForEvent('download'), files.getByRole('button', { name: '3MF of this bed' }).click()])
  expect(download.suggestedFilename()).toMatch(/^nine-drawers-.*-bedful-1\.3mf$/)
  await page.getByLabel('Pieces on one bed at most').fill('1')
  await page.getByRole('button', { name: 'Lay out the bedfuls' }).click()
  await expect(page.getByRole('figure', { name: /^Bedful/ })).toHaveCount(2, { timeout: 60_000 })

  // Stopped, it says no more, and can be asked again.
  await members.getByRole('checkbox', { name: 'Grip stock' }).check()
  await page.getByRole('button', { name: 'Lay out the bedfuls' }).click()
  await page.getByRole('button', { name: 'Stop', exact: true }).click()
  await expect(page.getByRole('progressbar', { name: 'Laying out' })).toBeHidden()
  await members.getByRole('checkbox', { name: 'Grip stock' }).uncheck()
  await page.locator('[data-line="tall"]').focus()
  await page.keyboard.press('ArrowUp')
  await settled(page)
  await expect(members.getByText('revision 1')).toHaveCount(2)

  // The template takes its holes from the pull, and follows it.
  await page.getByRole('button', { name: 'Another part…' }).click()
  await page.getByRole('button', { name: /^drilling template/ }).click()
  await page.getByRole('button', { name: 'Add it' }).click()
  await expect(page.getByRole('link', { name: 'drilling template' })).toHaveAttribute('aria-current', 'true')
  await expect(page.getByLabel('Holes taken from')).toHaveValue(/.+/)
  await page.getByLabel('Width of the front').fill('33 7/8 in')
  await page.keyboard.press('Enter')
  await expect(page.locator('[data-line="front.centre"]')).toContainText('16 15/16 in')
  await expect(page.getByRole('list', { name: 'Ledger' })).toContainText('38.10 mm')
  await settled(page)

  // On paper, with the holes at full size.
  await station(page, 'Print').click()
  const card = await page.request.get(
    (await page.getByRole('group', { name: 'Shop card' }).getByRole('link', { name: 'A4' }).getAttribute('href'))!,
  )
  expect(card.headers()['content-type']).toBe('application/pdf')
  expect((await card.body()).subarray(0, 5).toString()).toBe('%PDF-')
})

test('a tray of five things is placed by computation, and dragged by hand', async ({ page }) => {
  await start(page, /^pocket tray/, `Loose tools ${unique}`)
  await expect(page.getByLabel('Seat drawing')).toContainText('Nothing is named yet')
  const things = ['wax block', 'slip stone', 'thick pencil', 'bradawl handle', 'carving knife handle']
  for (const [i, thing] of things.entries()) await page.getByLabel(`Place of the thing ${i + 1}`).selectOption({ label: thing })
  const drawing = page.getByRole('img', {
    name: 'Section through machine and part',
  })
  for (const thing of things) await expect(drawing).toContainText(thing)
  await page.getByRole('button', { name: /^3 Check/ }).click()
  await expect(page.getByText('Everything has a place with its walls and finger room.')).toBeVisible()
  await settled(page)

  // Dragged where another lies, it stays there and the others make room.
  const [stone, wax] = [drawing.getByText('slip stone'), drawing.getByText('wax block')]
  const [from, to] = [(await stone.boundingBox())!, (await wax.boundingBox())!]
  await page.mouse.move(from.x + from.width / 2, from.y + from.height / 2)
  await page.mouse.down()
  await page.mouse.move(to.x + to.width / 2, to.y + to.height / 2, {
    steps: 5,
  })
  await page.mouse.up()
  await expect.poll(async () => Math.abs((await stone.boundingBox())!.y - to.y)).toBeLessThan(12)
  await expect(page.getByText('A whole wall stands between all of them.')).toBeVisible()
  await settled(page)

  // By the keyboard, from the list: two put on each other are told by name, and one press gives all of them back.
  await page.getByRole('button', { name: 'List', exact: true }).click()
  for (const [label, value] of [
    ['from the left', '40'],
    ['from the front', '30'],
  ] as const)
    for (const at of [2, 3]) {
      await page.getByLabel(label).nth(at).fill(value)
      await page.keyboard.press('Enter')
      await settled(page)
    }
  await expect(page.getByText('thick pencil and bradawl handle overlap', { exact: false })).toBeVisible()
  await page.getByRole('button', { name: 'Let Emboq place them all' }).click()
  await expect(page.getByText('A whole wall stands between all of them.')).toBeVisible()
})

test('spools are weighed, and the drawer of screws is kept', async ({ page }) => {
  await page.goto('/printroom')
  await page.getByRole('button', { name: 'Weigh in a spool' }).click()
  await page.getByLabel('Name on the spool').fill(`rest ${unique}`)
  await page.getByLabel('Empty spool, g').fill('200')
  await page.getByLabel('The scale shows, g').fill('150')
  await page.getByRole('button', { name: 'Keep it' }).click()
  await expect(page.getByRole('alert')).toContainText('less than the empty spool')
  await page.getByLabel('The scale shows, g').fill('655')
  await page.getByRole('button', { name: 'Keep it' }).click()
  const card = page.getByRole('listitem').filter({ hasText: `rest ${unique}` })
  await expect(card).toContainText('455 g')
  await card.getByRole('textbox').fill('512')
  await card.getByRole('button', { name: 'Weighed now' }).click()
  await expect(card).toContainText('312 g')
  await card.getByRole('button', { name: 'Empty, put away' }).click()
  await expect(card).toBeHidden()

  await page.getByRole('button', { name: 'Another size' }).click()
  const last = page.getByLabel(/^Size/).last()
  await last.fill('M8')
  await page
    .getByLabel(/^Lengths/)
    .last()
    .fill('20, 35')
  await page.getByRole('button', { name: 'Keep the drawer' }).click()
  await expect(page.getByRole('region', { name: 'Screws' }).getByRole('status')).toHaveText('kept')
  await page.reload()
  await expect(page.getByLabel(/^Size/).last()).toHaveValue('M8')
  await expect(page.getByLabel(/^Lengths/).last()).toHaveValue('20, 35')
})
