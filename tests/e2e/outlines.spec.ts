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
})
