import { expect, test, type Page } from '@playwright/test'
import { addMachine as addWithPlace, dimension } from './machines'
import { station } from './jobs'

/** Bad lines, a database that comes back, names that are taken: nothing that was entered is lost, and nothing is kept twice. */

const opening = {
  status: 503,
  contentType: 'application/problem+json',
  headers: { 'retry-after': '2' },
  body: JSON.stringify({
    status: 503,
    title: 'The notebook is being opened again.',
    problems: [{ field: 'notebook', value: null, message: 'It does not answer.', remedy: 'Wait.', limit: null, position: null }],
  }),
}

async function addMachine(page: Page, name: string) {
  await page.goto('/machines')
  await page.getByRole('button', { name: 'Add a machine' }).click()
  await page.getByLabel('Name', { exact: true }).fill(name)
  await page.getByRole('dialog').getByRole('button', { name: 'Add', exact: true }).click()
}

const found = async (page: Page, name: string) =>
  ((await (await page.request.get(`/api/machines?words=${encodeURIComponent(name)}`)).json()) as unknown[]).length

test('while the notebook is being opened again the page says so, and what was entered is sent then', async ({ page }) => {
  const keys: (string | undefined)[] = []
  await page.route('**/api/machines', async (route) => {
    if (route.request().method() !== 'POST') return route.continue()
    keys.push(route.request().headers()['idempotency-key'])
    return keys.length < 3 ? route.fulfill(opening) : route.continue()
  })
  await addMachine(page, 'Reopened spindle')
  await expect(page.getByText('The notebook is being opened again. What you entered is held here and sent then.')).toBeVisible()
  await expect(page.getByRole('heading', { name: 'Reopened spindle' })).toBeVisible()
  await expect(page.getByText('The notebook is being opened again.')).toBeHidden()
  expect(new Set(keys).size).toBe(1)
  expect(await found(page, 'Reopened spindle')).toBe(1)
})

test('an answer that is lost on the way is asked for again, and nothing is there twice', async ({ page }) => {
  let asked = 0
  await page.route('**/api/machines', async (route) => {
    if (route.request().method() !== 'POST') return route.continue()
    asked++
    if (asked > 1) return route.continue()
    // The notebook has it; the answer never arrives.
    await route.fetch()
    return route.abort()
  })
  await addMachine(page, 'Lost answer lathe')
  await expect(page.getByRole('heading', { name: 'Lost answer lathe' })).toBeVisible()
  expect(asked).toBe(2)
  expect(await found(page, 'Lost answer lathe')).toBe(1)
})

test('on a slow line a job is started at once, and readings are of the instrument that was chosen', async ({ page }) => {
  const slow = (path: string, by: number) =>
    page.route(path, async (route) => {
      await new Promise((later) => setTimeout(later, by))
      await route.continue().catch(() => undefined)
    })
  await slow('**/api/processes', 1500)
  await page.goto('/')
  await page.getByRole('button', { name: 'Start a job' }).click()
  await page.getByRole('button', { name: /^label plate/ }).click()
  await page.getByLabel('Name of the job').fill('On a slow line')
  await page.getByRole('button', { name: 'Start', exact: true }).click()
  await station(page, 'Print').click()
  await expect(page.getByRole('combobox', { name: 'Setup', exact: true }).locator('option:checked')).toHaveText(/\w/)

  await page.evaluate(() => localStorage.setItem('instrument/outside', 'long-caliper'))
  await slow('**/api/instruments', 6000)
  await addWithPlace(page, 'Slow line lathe', 'nose of the slow line lathe')
  await dimension(page, /^outside diameter/).click()
  await page.getByLabel('Reading of outside diameter').fill('33.1')
  await page.keyboard.press('Enter')
  await expect(page.getByRole('list', { name: 'Readings of outside diameter' })).toContainText('33.1 with the long caliper')
})

test('a name in use is told at its field, and pressed once more it is meant', async ({ page }) => {
  await addMachine(page, 'Twin drill')
  await expect(page.getByRole('heading', { name: 'Twin drill' })).toBeVisible()
  await addMachine(page, 'twin drill')
  await expect(page.getByRole('alert')).toContainText('There is a machine called twin drill already.')
  expect(await found(page, 'Twin drill')).toBe(1)
  await page.getByRole('dialog').getByRole('button', { name: 'Add', exact: true }).click()
  await expect(page.getByRole('dialog')).toBeHidden()
  expect(await found(page, 'Twin drill')).toBe(2)
})

test('a disk that fills up and a backup that is old stand above everything', async ({ page }) => {
  const says = [
    'Only 700 MB are free where the notebook lies; below 1000 MB it is time to make room.',
    'No backup has been made yet; look whether /backups can be written.',
  ]
  await page.route('**/api/health', async (route) => {
    const answer = await route.fetch()
    await route.fulfill({ response: answer, json: { ...((await answer.json()) as object), says } })
  })
  await page.goto('/')
  for (const sentence of says) await expect(page.getByText(sentence)).toBeVisible()
})

test('what is wrong with the notebook is read where it is no longer well', async ({ page }) => {
  const says = ['The disk is full: nothing more is written until there is room.']
  await page.route('**/api/health', async (route) => {
    const answer = await route.fetch()
    await route.fulfill({ status: 503, json: { ...((await answer.json()) as object), status: 'unwell', says } })
  })
  await page.goto('/')
  await expect(page.getByText(says[0]!)).toBeVisible()
})

test('where the machine is busy, a plan says at which place it is', async ({ page }) => {
  const jobs = (await (await page.request.get('/api/jobs?words=Blade')).json()) as { id: string }[]
  await page.route('**/api/queue', (route) => route.fulfill({ json: { place: 3 } }))
  await page.route('**/api/plans', async (route) => {
    await new Promise((done) => setTimeout(done, 2500))
    await route.continue()
  })
  await page.goto(`/jobs/${jobs[0]!.id}?at=print`)
  await expect(page.getByText(/The machine is busy: .* at place 3…/).first()).toBeVisible()
})

test('what a busy machine turned away is asked of it again', async ({ page }) => {
  const jobs = (await (await page.request.get('/api/jobs?words=Blade')).json()) as { id: string }[]
  const asked: number[] = []
  await page.route('**/api/plans', async (route) => {
    asked.push(asked.length)
    await (asked.length === 1 ? route.fulfill({ status: 503, headers: { 'retry-after': '5' }, json: {} }) : route.continue())
  })
  await page.goto(`/jobs/${jobs[0]!.id}?at=print`)
  await expect(
    page
      .getByRole('complementary', { name: 'print' })
      .getByText(/ h \d+ min|\d min/)
      .first(),
  ).toBeVisible()
  await expect(page.getByRole('alert')).toBeHidden()
  expect(asked.length).toBeGreaterThan(1)
})
