import { expect, test } from '@playwright/test'
import { settled, station } from './jobs'

const hinge = /Rail that swings away/

test('a flip hinge goes from its bench to test knuckles, a swing that is free, and the part', async ({ page }) => {
  await page.goto('/')
  await page.getByRole('link', { name: hinge }).first().click()
  const check = (title: string) => page.getByRole('listitem').filter({ hasText: title })
  await station(page, 'Check').click()
  await expect(check('stays up by itself')).toHaveAttribute('data-verdict', 'good')
  await expect(check('the rail moves freely')).toHaveAttribute('data-verdict', 'good', { timeout: 30_000 })
  // Straight up it may come down by a bump; a press lets it lean.
  await station(page, 'Reckon').click()
  await page.locator('[data-line="past"]').click()
  await page.getByRole('textbox', { name: 'It rests past upright' }).fill('0')
  await page.keyboard.press('Enter')
  await settled(page)
  await station(page, 'Check').click()
  await expect(check('stays up by itself')).toHaveAttribute('data-verdict', 'watch')
  await check('stays up by itself')
    .getByRole('button', { name: /past upright$/ })
    .click()
  await settled(page)
  await expect(check('stays up by itself')).toHaveAttribute('data-verdict', 'good')
  // It is swung by its slider, and by keyboard.
  await station(page, 'Reckon').click()
  await page.getByRole('button', { name: 'In the round' }).click()
  const swing = page.getByRole('slider', { name: /the rail/ })
  await swing.focus()
  await page.keyboard.press('End')
  await expect(swing).toHaveValue('1')
  await expect(page.getByText('resting on its heel').first()).toBeVisible()

  // Three test knuckles first; the middle one turns.
  await station(page, 'Prove').click()
  await page.getByRole('checkbox', { name: /^test knuckles/ }).check()
  await settled(page)
  await page.getByRole('button', { name: 'Number this proof' }).click()
  await expect(page.getByRole('list', { name: 'Files' })).toContainText('Revision 1')
  await station(page, 'Try').click()
  await page.getByLabel(/^knuckle 2/).check()
  await page.getByLabel('turns without play').check()
  await page.getByRole('button', { name: 'Note the try' }).click()
  await expect(page.getByRole('status').filter({ hasText: 'it was' })).toBeVisible()

  // All three pieces come as files.
  await station(page, 'Print').click()
  await page.getByRole('button', { name: 'Number this print' }).click()
  await expect(page.getByRole('list', { name: 'Files' })).toContainText('Revision 2')
  for (const piece of ["table's leaf", "rail's leaf", 'support post'])
    await expect(page.getByRole('list', { name: 'Files' })).toContainText(piece)
})

test('a faceplate is green only once its print was proved, and one that cracked ends that revision', async ({ page }) => {
  await page.goto('/')
  await page
    .getByRole('link', { name: /Plates for the knob lathe/ })
    .first()
    .click()
  const check = (title: string) => page.getByRole('listitem').filter({ hasText: title })
  const station = (name: string) => page.getByRole('button', { name: new RegExp(`^\\d ${name}`) }).click()
  await station('Check')
  await expect(check('proved by a print')).toHaveAttribute('data-verdict', 'watch')
  await expect(check('hub, when the tool catches')).toHaveAttribute('data-verdict', 'good')
  // Four plates of a row come as files; one of them cracks.
  await station('Print')
  await page.getByRole('button', { name: 'Number this print' }).click()
  await expect(page.getByRole('list', { name: 'Files' })).toContainText('Revision 1')
  await station('Try')
  await page.getByLabel('what it must do').check()
  await page.getByLabel('cracked', { exact: true }).check()
  await page.getByRole('button', { name: 'Note the try' }).click()
  await expect(page.getByText('cracked').first()).toBeVisible()
  await station('Check')
  await expect(check('proved by a print')).toHaveAttribute('data-verdict', 'stop')
  await expect(check('proved by a print')).toContainText('Revision 1 cracked')
  // Another plate than the one that cracked is to be proved anew.
  await station('Reckon')
  await page.locator('[data-line="wall"]').click()
  await page.getByRole('textbox', { name: 'Wall around the thread' }).fill('16')
  await page.keyboard.press('Enter')
  await settled(page)
  await station('Check')
  await expect(check('proved by a print')).toHaveAttribute('data-verdict', 'watch')
})

test('a pad holder is as thick as the weight of the original wants it', async ({ page }) => {
  await page.goto('/')
  await page
    .getByRole('link', { name: /A small pad for the throat/ })
    .first()
    .click()
  const check = (title: string) => page.getByRole('listitem').filter({ hasText: title })
  const thick = async () =>
    Number.parseFloat(
      await page
        .locator('[data-line="thick"]')
        .innerText()
        .then((t) => /([\d.]+) mm/.exec(t)![1]!),
    )
  await station(page, 'Reckon').click()
  const before = await thick()
  await page.locator('[data-line="across"]').click()
  await page.getByRole('textbox', { name: 'Holder, across' }).fill('85')
  await page.keyboard.press('Enter')
  await expect.poll(thick).toBeLessThan(before)
  await settled(page)
  await station(page, 'Check').click()
  await expect(check('weight against the original')).toHaveAttribute('data-verdict', 'good')
})

test('legs that run into each other are turned past each other by a press, and swing free', async ({ page }) => {
  await page.goto('/')
  await page
    .getByRole('link', { name: /Legs that fold/ })
    .first()
    .click()
  await station(page, 'Reckon').click()
  await page.getByLabel('Folded, the legs of both ends', { exact: true }).selectOption('apart')
  await station(page, 'Check').click()
  const passes = page.getByRole('listitem').filter({ hasText: 'the folded legs' })
  await expect(passes).toContainText('they overlap')
  await passes.getByRole('button', { name: 'Turn them past each other' }).click()
  await expect(passes).toContainText('They lie beside each other')
  await expect(page.getByRole('listitem').filter({ hasText: 'the leg moves freely' })).toContainText(
    'touches the hinge, against its stop',
    { timeout: 30_000 },
  )
  // A draft of the whole stands among the proofs, and is not chosen by itself.
  await station(page, 'Prove').click()
  await expect(page.getByRole('checkbox', { name: /^hinge, as a draft/ })).not.toBeChecked()
  await page.getByRole('checkbox', { name: /^hinge, as a draft/ }).check()
  await page.getByRole('button', { name: 'Number this proof' }).click()
  await expect(page.getByText('they are not one print')).toBeVisible()
})
