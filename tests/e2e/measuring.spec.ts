import { readFileSync } from 'node:fs'
import { dirname, join } from 'node:path'
import { Ajv2020 } from 'ajv/dist/2020'
import { expect, test, type Page } from '@playwright/test'
import { addMachine, dimension as dimensionOf, enterReading } from './machines'

const unique = Date.now().toString(36)

type Place = {
  readonly id: string
  readonly name: string
  readonly dimensions: readonly {
    key: string
    size: { value: number } | null
  }[]
}

const placeOf = async (page: Page, machine: string, place: string): Promise<Place> => {
  const [found] = (await (await page.request.get(`/api/machines?words=${encodeURIComponent(machine)}`)).json()) as { id: string }[]
  const whole = (await (await page.request.get(`/api/machines/${found!.id}`)).json()) as { interfaces: Place[] }
  return whole.interfaces.find((i) => i.name === place)!
}

test('a whole machine is measured with the stand-in caliper, by keyboard alone', async ({ page }) => {
  const [machine, place] = [`Keyed mortiser ${unique}`, `keyed rail ${unique}`]
  await addMachine(page, machine, place, 't-slot')
  await page.locator('body').press('c')
  const device = page.getByRole('group', { name: 'Stand-in caliper' })
  const taken: string[] = []
  for (const dimension of ['mouth width', 'lip thickness', 'chamber width', 'whole depth']) {
    await expect(page.getByText(dimension).first()).toBeVisible()
    await expect(page.getByLabel(`Reading of ${dimension}`)).toBeVisible()
    await expect(device.getByRole('button', { name: 'Take what it shows' })).toBeFocused()
    await page.keyboard.press('h')
    await expect(device).toContainText('held')
    taken.push((await device.locator('output').textContent())!)
    await page.keyboard.press('h')
    await expect(device).toContainText('live')
    await page.keyboard.press('Enter')
    await expect(dimensionOf(page, new RegExp(`^${dimension}`))).toContainText('1 reading')
    // It stays until its three readings are in; one key moves on sooner.
    await expect(page.getByRole('img', { name: '1 of 3 readings' })).toBeVisible()
    await expect(page.getByLabel(`Reading of ${dimension}`)).toBeVisible()
    await page.keyboard.press('n')
  }
  // The row starts over with the first one; put down, digits start a reading by hand again.
  await page.keyboard.press('c')
  await expect(device).toBeHidden()
  await page.keyboard.press('9')
  await expect(page.getByLabel('Reading of mouth width')).toHaveValue('9')
  await expect(page.getByRole('list', { name: 'Readings of mouth width' })).toContainText('with the stand-in caliper')
  expect(await page.getByLabel('Instrument').locator('option').allTextContents()).not.toContain('stand-in caliper')
  const kept = await placeOf(page, machine, place)
  const sizes = ['mouth', 'lip', 'chamber', 'depth'].map((key) => kept.dimensions.find((d) => d.key === key)!.size!.value)
  sizes.forEach((size, i) => expect(Math.abs(size - parseFloat(taken[i]!))).toBeLessThan(0.2))
})

test('the stand-in scale reads a mass, and what cannot be weighed is not offered it', async ({ page }) => {
  await addMachine(page, `Weighed router ${unique}`, `weighed body ${unique}`, 'mass')
  await page.getByRole('button', { name: /Take up the stand-in scale/ }).click()
  await page.getByRole('button', { name: 'Take what it shows' }).click()
  await expect(page.getByRole('list', { name: /^Readings of mass/ })).toContainText(/\d+\.\d g/)
})

test('a file of readings with faults: every bad line is named, nothing is kept until told', async ({ page }) => {
  const [machine, place] = [`Filed shaper ${unique}`, `filed port ${unique}`]
  await addMachine(page, machine, place)
  await page.getByRole('button', { name: 'Take in readings' }).click()
  const sheet = page.getByRole('dialog', { name: `Readings for ${machine}` })
  await sheet
    .getByLabel('Readings as CSV')
    .fill('dimension,reading,instrument\ninside,51.2,caliper\ninside,5o.1,caliper\ngirth,3,caliper\noutside,2 1/8 in,caliper')
  await sheet.getByRole('button', { name: 'Look at it' }).click()
  const lines = sheet.getByRole('list', { name: 'Lines' }).getByRole('listitem')
  await expect(sheet).toContainText('2 can be taken, 2 cannot. Nothing is kept yet.')
  await expect(lines.nth(1)).toContainText('5o.1')
  await expect(lines.nth(2)).toContainText("There is no dimension 'girth' here.")
  expect((await placeOf(page, machine, place)).dimensions.every((d) => d.size === null)).toBe(true)
  await sheet.getByRole('button', { name: 'Take 2 readings' }).click()
  await expect(sheet).toBeHidden()
  await expect(page.getByRole('list', { name: /^Dimensions of/ })).toContainText('53.98 mm')
})

test('two people edit one machine: the second sees both versions and loses nothing', async ({ browser }) => {
  const [one, two] = await Promise.all([browser.newPage(), browser.newPage()])
  const name = `Shared drill ${unique}`
  await addMachine(one, name, `shared chuck ${unique}`)
  await two.goto(one.url())
  for (const [page, text] of [
    [one, 'stands by the door'],
    [two, 'stands by the stove'],
  ] as const) {
    await page.getByRole('button', { name: 'Edit', exact: true }).click()
    await page.getByLabel('Worth knowing').fill(text)
  }
  await one.getByRole('button', { name: 'Save', exact: true }).click()
  await expect(one.getByText('stands by the door')).toBeVisible()
  await two.getByRole('button', { name: 'Save', exact: true }).click()
  const both = two.getByRole('table', { name: 'Both versions' })
  await expect(both).toContainText('stands by the stove')
  await expect(both).toContainText('stands by the door')
  await two.getByRole('button', { name: 'Keep mine' }).click()
  await expect(two.getByText('stands by the stove')).toBeVisible()
})

test('before measuring, the way with the smallest spread is named; its readings give the size', async ({ page }) => {
  await addMachine(page, `Ways plate ${unique}`, `ways holes ${unique}`, 'hole-circle')
  await page
    .getByRole('button', { name: /^circle through the middles/ })
    .last()
    .click()
  const ways = page.getByRole('region', {
    name: 'Ways to circle through the middles',
  })
  await expect(ways.getByRole('button').first()).toContainText('inner and outer · sharpest')
  await ways.getByRole('button').first().click()
  for (const [dimension, value] of [
    ['opposite holes, inner', '75.02'],
    ['opposite holes, outer', '85.06'],
  ] as const) {
    await page
      .getByRole('list', { name: /^Dimensions of/ })
      .getByRole('button', { name: dimension })
      .click()
    await page.getByLabel(`Reading of ${dimension}`).fill(value)
    await page.keyboard.press('Enter')
    await expect(dimensionOf(page, dimension)).toContainText('1 reading')
  }
  await expect(dimensionOf(page, /^circle/)).toContainText('80.04 mm')
  await expect(dimensionOf(page, /^circle/)).toContainText('by inner and outer')
})

test('fractions are exact: half of 21 3/8 is 10 11/16', async ({ page }) => {
  await addMachine(page, `Halved board ${unique}`, `halved edge ${unique}`, 'flat')
  await page.getByLabel(/^Reading of/).fill('21 3/8')
  await expect(page.getByText('half is 10 11/16 in')).toBeVisible()
})

test('a nut is likely an M6, and what goes with it is one press away', async ({ page }) => {
  await addMachine(page, `Nut box ${unique}`, `odd nut ${unique}`, 'nut')
  for (const [key, value] of [
    ['flats', '9.8'],
    ['height', '5.0'],
  ] as const) {
    const place = await placeOf(page, `Nut box ${unique}`, `odd nut ${unique}`)
    await page.request.post(`/api/interfaces/${place.id}/readings`, {
      data: { dimension: key, text: value, instrument: 'caliper' },
    })
  }
  await page.reload()
  const likely = page.getByRole('region', { name: 'What it may be' })
  await expect(likely.getByRole('listitem').first()).toContainText(/M6 nut.*medium 6\.6 mm.*over 99/)
  await likely.getByRole('link', { name: /M6 nut/ }).click()
  await expect(page.getByRole('heading', { name: 'Everything of M6' })).toBeVisible()
  await expect(page.getByRole('table', { name: 'Plain washers' })).toContainText('12 mm')
  await page.getByLabel('Find in the tables').fill('5/64 in')
  await expect(page.getByRole('table', { name: 'Drills' })).toContainText('5/64 in')
})

test('a photograph is pinned to a place, and what is none is refused in words', async ({ page }) => {
  await addMachine(page, `Pictured vise ${unique}`, `pictured jaw ${unique}`)
  const chooser = page.getByLabel('Photograph', { exact: true })
  await page.getByLabel('Caption').fill('the worn side')
  await chooser.setInputFiles({
    name: 'note.jpg',
    mimeType: 'image/jpeg',
    buffer: Buffer.from('not a picture'),
  })
  await expect(page.getByRole('region', { name: 'Photographs' }).getByRole('alert')).toContainText('not a JPEG, PNG or WebP')
  await expect(page.getByLabel('Caption')).toHaveValue('the worn side')
  await chooser.setInputFiles({
    name: 'jaw.png',
    mimeType: 'image/png',
    buffer: await page.screenshot(),
  })
  const picture = page.getByRole('img', { name: 'the worn side' })
  await expect(picture).toBeVisible()
  expect(await picture.evaluate((img: HTMLImageElement) => img.naturalWidth)).toBe(320)
})

test('a machine card is valid by its published schema and comes back as another machine', async ({ page, request }) => {
  const schema = JSON.parse(readFileSync(join(dirname(test.info().file), '../../docs/formats/machine-card.schema.json'), 'utf8')) as object
  const validate = new Ajv2020({
    allErrors: true,
    formats: { 'date-time': true },
  }).compile(schema)
  const machines = (await (await request.get('/api/machines')).json()) as {
    id: string
    name: string
  }[]
  const cards = await Promise.all(
    machines.map(async (m) => (await (await request.get(`/api/machines/${m.id}/card.json`)).json()) as Record<string, unknown>),
  )
  for (const card of cards) expect(validate(card), JSON.stringify(validate.errors)).toBe(true)
  expect(validate({ ...cards[0], schema: 2 })).toBe(false)
  const card = cards.find((c) => c.name === 'Grip press')!
  await page.goto('/machines')
  await page.getByLabel('Machine card').setInputFiles({
    name: 'card.json',
    mimeType: 'application/json',
    buffer: Buffer.from(JSON.stringify(card)),
  })
  const sheet = page.getByRole('dialog', { name: 'Take in a machine card' })
  await expect(sheet).toContainText('clamp nut')
  await expect(sheet).toContainText('is here already, reading for reading')
  await sheet.getByRole('button', { name: 'Take as a new machine' }).click()
  await expect(page.getByRole('tab', { name: 'clamp nut' })).toBeVisible()
})

test('put away and brought back; another like it has the places and nothing read', async ({ page }) => {
  const name = `Stored saw ${unique}`
  await addMachine(page, name, `stored port ${unique}`)
  await page.getByRole('button', { name: 'Edit', exact: true }).click()
  await page.getByRole('button', { name: 'Put the machine away' }).click()
  const list = page.getByRole('navigation', { name: 'Machines' })
  await expect(list.getByRole('link', { name: new RegExp(name) })).toBeHidden()
  await list.getByRole('button', { name: 'Put away' }).click()
  await list.getByRole('link', { name: new RegExp(name) }).click()
  await page.getByRole('button', { name: 'Edit', exact: true }).click()
  await page.getByRole('button', { name: 'Bring it back' }).click()
  await list.getByRole('button', { name: 'Those in use' }).click()
  await expect(list.getByRole('link', { name: new RegExp(name) })).toBeVisible()
  await page.getByRole('button', { name: 'Another like it' }).click()
  await page.getByRole('dialog').getByRole('button', { name: 'Add' }).click()
  await expect(page.getByRole('heading', { name: `${name} 2` })).toBeVisible()
  await expect(page.getByRole('article', { name: `stored port ${unique}` })).toContainText('Nothing read yet.')
})

test('an instrument of ones own takes readings, and its zero is noted', async ({ page }) => {
  await page.goto('/instruments')
  await page.getByRole('button', { name: 'Add an instrument' }).click()
  const sheet = page.getByRole('dialog', { name: 'Add an instrument' })
  await sheet.getByLabel('Name').fill(`bore gauge ${unique}`)
  await sheet.getByLabel('Reaches').fill('0')
  await sheet.getByRole('button', { name: 'Add' }).click()
  await expect(sheet.getByRole('alert')).toContainText('This can be 1 to 100000 mm.')
  await expect(sheet.getByLabel('Name')).toHaveValue(`bore gauge ${unique}`)
  await sheet.getByLabel('Reaches').fill('60')
  await sheet.getByRole('button', { name: 'Add' }).click()
  const row = page.getByRole('row', {
    name: new RegExp(`bore gauge ${unique}`),
  })
  await expect(row).toContainText('not noted')
  await row.getByRole('button', { name: 'Checked now' }).click()
  await expect(row).toContainText(/\d{4}/)
  await addMachine(page, `Gauged press ${unique}`, `gauged bore ${unique}`, 'bore')
  await page.getByLabel('Instrument').selectOption({ label: `bore gauge ${unique}` })
  await page.getByLabel(/^Reading of/).fill('20.004')
  await page.keyboard.press('Enter')
  await expect(page.getByRole('list', { name: /^Readings of/ })).toContainText(`with the bore gauge ${unique}`)
})

test('the bench names the reading that would help most, and leads to it', async ({ page }) => {
  await page.goto('/')
  const first = page.getByRole('region', { name: 'Measure next' }).getByRole('link').first()
  const text = (await first.textContent())!
  await first.click()
  await expect(page).toHaveURL(/at=measure&place=/)
  const wanted = await page.getByLabel(/^Reading of/).getAttribute('aria-label')
  expect(text).toContain(wanted!.replace('Reading of ', ''))
})

test('a place is seen in the round, and what has no body says so', async ({ page }) => {
  await page.goto('/machines')
  const list = page.getByRole('navigation', { name: 'Machines' })
  await list
    .getByRole('link', { name: /Grip press/ })
    .first()
    .click()
  await page.getByRole('button', { name: 'In the round' }).click()
  await expect(page.getByLabel('View in the round').locator('canvas')).toBeVisible()
  await list.getByRole('link', { name: /Block planes/ }).click()
  await page.getByRole('button', { name: 'In the round' }).click()
  await expect(page.getByRole('alert')).toContainText('There is no body to show yet.')
})

test('steps are named and added without losing what was read', async ({ page }) => {
  await addMachine(page, `Stepped tool ${unique}`, `stepped grip ${unique}`, 'turned')
  await page.getByLabel('Reading of step 1 length').fill('14.2')
  await page.keyboard.press('Enter')
  await expect(dimensionOf(page, /^step 1 length/)).toContainText('14.20 mm')
  await page.getByRole('button', { name: 'Edit this place' }).click()
  const sheet = page.getByRole('dialog', { name: 'Edit the place' })
  await sheet.getByLabel('step 1').fill('ferrule')
  await sheet.getByRole('button', { name: 'Another step' }).click()
  await sheet.getByRole('button', { name: 'Save' }).click()
  await expect(dimensionOf(page, /^ferrule length/)).toContainText('14.20 mm')
  await expect(dimensionOf(page, /^step 4 length/)).toContainText('not read yet')
  // Put away, the place can be brought back with everything on it.
  await page.getByRole('button', { name: 'Edit this place' }).click()
  await sheet.getByRole('button', { name: 'Put this place away' }).click()
  await page.getByRole('button', { name: `Bring stepped grip ${unique} back` }).click()
  await expect(dimensionOf(page, /^ferrule length/)).toContainText('14.20 mm')
})

test('a round place read at several angles tells how far it is from round', async ({ page }) => {
  await addMachine(page, `Oval lathe ${unique}`, `oval bore ${unique}`, 'bore')
  for (const [angle, value] of [
    ['0', '50.2'],
    ['45', '50.0'],
    ['90', '49.8'],
    ['135', '50.0'],
  ] as const) {
    await dimensionOf(page, /^diameter/).click()
    await page.getByText('Remark, or the angle around a round place').click()
    await page.getByLabel('At which angle, degrees').fill(angle)
    await page.getByLabel('Reading of diameter').fill(value)
    await enterReading(page)
  }
  await dimensionOf(page, /^diameter/).click()
  await expect(page.getByText('Out of round by 0.40 mm, widest at 0°.')).toBeVisible()
  await expect(page.getByRole('list', { name: 'Readings of diameter' })).toContainText('50.2 with the caliper at 0°')
})
