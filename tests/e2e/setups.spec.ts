import { expect, test } from '@playwright/test'
import { station } from './jobs'

test('a printer, a filament and a setup are entered on the way, changed, and looked back at', async ({ page }) => {
  await page.goto('/setups')
  await page.getByRole('button', { name: 'Add a setup' }).click()
  const sheet = page.getByRole('dialog', { name: 'New setup' })
  await sheet.getByLabel('Name').fill('Heron, soft black')

  // The printer is entered without leaving the setup; what cannot be stands at its field.
  await sheet.getByLabel('Printer').selectOption({ label: 'Another printer…' })
  const printer = page.getByRole('dialog', { name: 'New printer' })
  await printer.getByLabel('Name').fill('Heron')
  await printer.getByLabel('Bed width, mm').fill('3o0')
  await printer.getByLabel('Nozzles, mm').fill('0.4, 0.8')
  await printer.getByRole('button', { name: 'Add the printer' }).click()
  await expect(printer.getByRole('alert')).toBeVisible()
  await printer.getByLabel('Bed width, mm').fill('300')
  await printer.getByRole('button', { name: 'Add the printer' }).click()
  await expect(printer).toBeHidden()

  await sheet.getByLabel('Filament').selectOption({ label: 'Another filament…' })
  const filament = page.getByRole('dialog', { name: 'New filament' })
  await filament.getByLabel('Name').fill('soft black')
  await filament.getByLabel('Density').fill('1.19')
  await filament.getByLabel('Sort').selectOption('soft')
  // What was typed stays, the rest goes along with the sort.
  await expect(filament.getByLabel('Density')).toHaveValue('1.19')
  await expect(filament.getByLabel('Dried for')).toHaveValue('8')
  await filament.getByRole('button', { name: 'Add the filament' }).click()
  await expect(filament).toBeHidden()

  await sheet.getByLabel('Nozzle').selectOption('0.8')
  await sheet.getByLabel('Layer height, mm').fill('0.7')
  await sheet.getByRole('button', { name: 'Add the setup' }).click()
  await expect(sheet.getByRole('alert')).toContainText('up to 0.64 mm')
  await expect(sheet.getByLabel('Layer height, mm')).toBeFocused()
  await sheet.getByLabel('Layer height, mm').fill('')
  await sheet.getByRole('button', { name: 'Add the setup' }).click()
  const setups = page.getByRole('region', { name: 'Setups' })
  await expect(setups.getByText('Heron, soft black, nozzle 0.8 mm, lines 0.9 mm, layers 0.4 mm')).toBeVisible()

  await page.getByRole('button', { name: 'Change Heron, soft black' }).click()
  const change = page.getByRole('dialog', { name: 'Change the setup' })
  await change.getByText('How sizes come out').click()
  await change.getByLabel('pocket: Drawn minus printed, mm').fill('0.31')
  await change.getByRole('button', { name: 'Keep the change' }).click()
  await expect(change).toBeHidden()
  await page.getByRole('button', { name: 'History of Heron, soft black' }).click()
  await expect(page.getByText('pocket: drawn minus printed: as usual became 0.31 mm')).toBeVisible()
  await page.keyboard.press('Escape')

  // It is offered where parts are made, until it is put away.
  await page.getByRole('button', { name: 'Put away Heron, soft black' }).click()
  await expect(page.getByText('1 of the setups put away')).toBeVisible()
})

test('two who change one printer are both heard', async ({ page, request }) => {
  await page.goto('/setups')
  const printers = page.getByRole('region', { name: 'Printers' })
  await printers.getByRole('button', { name: 'Change Bittern' }).click()
  const sheet = page.getByRole('dialog')
  await sheet.getByLabel('Builds up to, mm').fill('321')
  const bittern = ((await (await request.get('/api/printers')).json()) as { id: string; name: string; margin: number }[]).find(
    (p) => p.name === 'Bittern',
  )!
  const saved = await request.put(`/api/printers/${bittern.id}`, {
    data: { ...bittern, margin: 6 },
    headers: { 'idempotency-key': crypto.randomUUID() },
  })
  expect(saved.status()).toBe(200)
  await sheet.getByRole('button', { name: 'Keep the change' }).click()
  await expect(page.getByRole('dialog', { name: 'Somebody else changed this printer' })).toBeVisible()
  await page.getByRole('button', { name: 'Take theirs' }).click()
  await expect(sheet.getByLabel('Free at each edge, mm')).toHaveValue('6')
  await sheet.getByLabel('Free at each edge, mm').fill('5')
  await sheet.getByRole('button', { name: 'Keep the change' }).click()
  await expect(sheet).toBeHidden()
})

test('inlaid letters are printed in a setup of their own, and numbered by themselves', async ({ page }) => {
  await page.goto('/')
  await page.getByRole('button', { name: 'Start a job' }).click()
  await page.getByRole('button', { name: /^label plate/ }).click()
  await page.getByLabel('Name of the job').fill('Letters of another filament')
  await page.getByRole('button', { name: 'Start', exact: true }).click()
  await station(page, 'Print').click()
  await page.getByLabel('Label', { exact: true }).fill('Glue')
  await page.keyboard.press('Enter')
  await page.getByLabel('Letters').first().selectOption('inlay')
  const letters = page.getByRole('listitem').filter({ hasText: 'inlay letters' })
  const setup = letters.getByLabel('Setup of inlay letters')
  const other = (await setup.locator('option').last().textContent())!
  await setup.selectOption(other)
  await expect(page.getByText('kept', { exact: true })).toBeVisible()
  // What another setup prints is a print of its own: asked for together, that is said.
  await expect(letters.getByRole('checkbox')).not.toBeChecked()
  await letters.getByRole('checkbox').check()
  await page.getByRole('button', { name: 'Number this print' }).click()
  await expect(page.getByText('These are printed with different setups: they are not one print.')).toBeVisible()
  await page.getByRole('checkbox').first().uncheck()
  await page.getByRole('button', { name: 'Number this print' }).click()
  await station(page, 'Keep').click()
  await expect(page.getByRole('complementary').getByText(other).first()).toBeVisible()

  await page.getByRole('button', { name: 'Take back' }).click()
  await station(page, 'Print').click()
  await expect(setup).toHaveValue('')
})
