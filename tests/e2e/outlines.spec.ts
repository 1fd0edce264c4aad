import { expect, test } from '@playwright/test'
import { settled, start } from './jobs'
import { addMachine, dimension } from './machines'

const unique = Date.now().toString(36)

const drawing = (path: string) => ({
  name: 'scoop.svg',
  mimeType: 'image/svg+xml',
  buffer: Buffer.from(`<svg xmlns="http://www.w3.org/2000/svg" width="90mm" height="40mm" viewBox="0 0 90 40"><path d="${path}"/></svg>`),
})

test('an odd tool gets a pocket from its drawing, and a reading settles how large it is', async ({ page }) => {
  await addMachine(page, `Scoops ${unique}`, `scoop ${unique}`, 'traced')
  const outline = page.getByRole('region', { name: 'Outline' })
  await expect(outline).toContainText('No outline yet')
  const chooser = outline.getByLabel('Drawing')
  await chooser.setInputFiles(drawing('M0 20 C0 0 30 0 30 14 L86 16'))
  await expect(outline.getByRole('alert')).toContainText('no open end')
  await expect(outline).toContainText('No outline yet')
  await chooser.setInputFiles(drawing('M0 20 C0 0 30 0 30 14 L86 16 L86 24 L30 26 C30 40 0 40 0 20 Z'))
  await expect(outline).toContainText('corners from scoop.svg')
  await expect(outline.getByRole('status')).toContainText('a reading across it settles the scale')
  await dimension(page, /overall width/).click()
  const entry = page.getByRole('textbox', { name: /^Reading of/ })
  await entry.fill('88.4')
  await entry.press('Enter')
  await dimension(page, /^height/).click()
  await entry.fill('14')
  await entry.press('Enter')
  await expect(dimension(page, /^height/)).toContainText('14.00 mm')
  await expect(page.getByRole('article')).toContainText('scale of the drawing')

  await start(page, /pocket tray/, `Scoop tray ${unique}`)
  await page.getByLabel('Place of the thing 1').selectOption({ label: `scoop ${unique}` })
  await settled(page)
  await page.getByRole('button', { name: /^3 Check/ }).click()
  const checks = page.getByRole('list', { name: 'Checks' })
  await expect(checks).toContainText('Everything has a place')
  await expect(checks.getByText('Stop')).toHaveCount(0)
  await page.getByRole('button', { name: /^2 Reckon/ }).click()
  await expect(page.getByRole('list', { name: 'Ledger' })).toContainText(`scoop ${unique} pocket`)
})

test('an odd tool is photographed on a sheet of marks, and its edge is seen in the picture', async ({ page }) => {
  await addMachine(page, `Hooks ${unique}`, `hook ${unique}`, 'traced')
  const outline = page.getByRole('region', { name: 'Outline' })
  await outline.getByText('From a photograph', { exact: true }).click()
  await outline.getByLabel('The thing').selectOption('has upright sides')
  const photograph = outline.getByLabel('Photograph on a sheet of marks')
  await photograph.setInputFiles({ name: 'hook.jpg', mimeType: 'image/jpeg', buffer: Buffer.from('no picture') })
  await expect(outline).toContainText('How high the thing is decides where its edge is.')
  await outline.getByLabel('It is high').fill('12')
  await outline.getByLabel('From sheet to lens').fill('450')
  await photograph.setInputFiles({ name: 'hook.jpg', mimeType: 'image/jpeg', buffer: Buffer.from('no picture') })
  await expect(outline.getByRole('alert')).toContainText('no photograph that can be read')
  await outline.getByRole('button', { name: /^Let the stand-in camera/ }).click()
  await expect(outline.getByRole('status')).toContainText('14 of 14 marks')
  await expect(outline.getByRole('img', { name: 'The photograph with the edge that was found' })).toBeVisible()
  await expect(outline).toContainText('corners from stand-in camera.jpg')

  await outline.getByRole('button', { name: 'Move its corners' }).click()
  const corners = outline.getByRole('region', { name: 'Corners' })
  const keep = corners.getByRole('button', { name: 'Keep the corners' })
  await expect(keep).toBeDisabled()
  const third = corners.getByRole('button', { name: /^Corner 3 at/ })
  const stood = await third.getAttribute('aria-label')
  await third.focus()
  await page.keyboard.press('Shift+ArrowUp')
  await expect(third).not.toHaveAttribute('aria-label', stood!)
  await corners.getByRole('button', { name: 'As it was' }).click()
  await expect(third).toHaveAttribute('aria-label', stood!)
  const count = Number(/(\d+) corners/.exec((await outline.textContent())!)![1])
  await third.focus()
  await page.keyboard.press('Delete')
  await keep.click()
  await expect(corners).toBeHidden()
  await expect(outline).toContainText(`${count - 1} corners from`)
  await outline.getByRole('button', { name: 'Take the corners back' }).click()
  await expect(outline).toContainText(`${count} corners from`)
})

test('a scanned tool is laid and cut, what cannot be cut is told at its field, and it gets a nest in a drawer', async ({ page }) => {
  await addMachine(page, `Scanned grips ${unique}`, `grip ${unique}`, 'traced')
  const outline = page.getByRole('region', { name: 'Outline' })
  await outline.getByText('From a scan', { exact: true }).click()
  await outline.getByLabel('Scan file').setInputFiles({ name: 'grip.stl', mimeType: 'model/stl', buffer: Buffer.from('no scan') })
  await expect(outline.getByRole('alert')).toContainText('no scan that can be read')
  await outline.getByRole('button', { name: 'Let the stand-in scanner scan a grip' }).click()
  await expect(outline.getByRole('status')).toContainText('loose pieces were left away')
  await expect(outline.getByRole('img', { name: /The scan from the front/ })).toBeVisible()
  await expect(outline).toContainText('corners from stand-in scan of a grip.stl')
  await outline.getByLabel('cut level at').fill('90')
  await outline.getByRole('button', { name: 'Lay and cut it so' }).click()
  await expect(outline).toContainText('a cut there meets nothing')
  await outline.getByLabel('cut level at').fill('20')
  await outline.getByLabel('Lay it').selectOption('on its long edge')
  await outline.getByRole('button', { name: 'Lay and cut it so' }).click()
  await expect(outline.getByRole('alert')).toContainText('a hole that was never scanned')
  await outline.getByLabel('Lay it').selectOption('flat')
  await outline.getByRole('button', { name: 'Lay and cut it so' }).click()
  await expect(outline.getByRole('status')).toContainText('the outline does not cross them')
  await expect(outline.getByLabel('cut level at')).toHaveValue('20')

  // Read across, it gets a nest in the drawer of the demo workshop.
  const entry = page.getByRole('textbox', { name: /^Reading of/ })
  for (const [of, text] of [
    [/overall width/, '150'],
    [/^height/, '28'],
  ] as const) {
    await dimension(page, of).click()
    await entry.fill(text)
    await entry.press('Enter')
    await expect(dimension(page, of)).toContainText(`${text}.00 mm`)
  }
  await start(page, /drawer nest/, `Grip nest ${unique}`)
  await page.getByLabel('Place of the tool 1').selectOption({ label: `grip ${unique}` })
  await page.getByLabel('Place of the drawer they lie in').selectOption({ label: 'knife drawer inside' })
  await settled(page)
  await page.getByRole('button', { name: /^3 Check/ }).click()
  const checks = page.getByRole('list', { name: 'Checks' })
  await expect(checks).toContainText('It lies flat, as its outline was taken.')
  await expect(checks).toContainText('Ends fill what the nests leave.')
  await expect(checks).toContainText('lifting straight out moves freely', { timeout: 60_000 })
  await expect(checks.getByText('Stop')).toHaveCount(0)
})

test('a handle without a straight edge is scanned, and gets a shell clamp that goes straight on', async ({ page }) => {
  test.slow()
  await addMachine(page, `Scanned housings ${unique}`, `housing ${unique}`, 'grip')
  const scan = page.getByRole('region', { name: 'Scan', exact: true })
  await expect(scan).toContainText('No scan yet')
  await expect(scan.getByLabel('cut level at')).toHaveCount(0)
  await scan.getByRole('button', { name: 'Let the stand-in scanner scan a grip' }).click()
  await expect(scan.getByRole('status')).toContainText('of them across what was never scanned')
  await expect(scan).toContainText('nothing is clamped there')
  const entry = page.getByRole('textbox', { name: /^Reading of/ })
  for (const [of, text] of [
    [/greatest breadth/, '50'],
    [/greatest height/, '28'],
  ] as const) {
    await dimension(page, of).click()
    await entry.fill(text)
    await entry.press('Enter')
    await expect(dimension(page, of)).toContainText(`${text}.00 mm`)
  }
  await start(page, /shell clamp/, `Housing clamps ${unique}`)
  await page.getByLabel('Place of the handle').selectOption({ label: `housing ${unique}` })
  await page.getByLabel('Place of the table').selectOption({ label: 'holes of its lid' })
  await settled(page)
  await page.getByRole('button', { name: /^3 Check/ }).click()
  const checks = page.getByRole('list', { name: 'Checks' })
  // Its first clamp would go around the hole on its top.
  await expect(checks).toContainText('a clamp would go around it')
  await checks.getByRole('button', { name: 'Move the clamps to where it was scanned, and level' }).click()
  await expect(checks).toContainText('All of the handle was scanned where the clamps go around it.')
  await expect(checks).toContainText('Both halves go straight on, and lie close.')
  await expect(checks).toContainText('each upper half moves freely', { timeout: 60_000 })
  await expect(checks).toContainText('the tool moves freely')
  await expect(checks).not.toContainText('runs into')
})
