import { AxeBuilder } from '@axe-core/playwright'
import { expect, test, type Page } from '@playwright/test'
import { go } from './jobs'

type Found = { readonly rule: string; readonly says: string; readonly where: string }

/** What stands in the way of somebody who does not see, or does not use a mouse: axe's findings of weight. Themes differ in nothing but their colours. */
async function serious(page: Page, theme: 'daylight' | 'lamplight'): Promise<readonly Found[]> {
  const axe = new AxeBuilder({ page }).options({ resultTypes: ['violations'] })
  const { violations } = await (theme === 'daylight' ? axe : axe.withRules(['color-contrast'])).analyze()
  return violations
    .filter((v) => v.impact === 'serious' || v.impact === 'critical')
    .flatMap((v) => v.nodes.map((n) => ({ rule: v.id, says: v.help, where: n.html.slice(0, 160) })))
}

const open = async (page: Page, address: string) => {
  await page.goto(address)
  await expect(page.getByRole('heading').first()).toBeVisible()
  await expect(page.getByRole('status', { name: /^Loading/ })).toHaveCount(0)
}

for (const theme of ['daylight', 'lamplight'] as const)
  test(`no view has a serious barrier, in ${theme}`, async ({ page, request }) => {
    test.setTimeout(180_000)
    await page.addInitScript((t) => localStorage.setItem('theme', t), theme)
    const jobs = (await (await request.get('/api/jobs')).json()) as { id: string; name: string }[]
    const job = jobs.find((j) => j.name === 'Grip sander to ceiling hose')!.id
    const found: Record<string, readonly Found[]> = {}
    const look = async (what: string) => {
      // Colours on their way from one to another are nobody's barrier.
      await page.evaluate(() =>
        Promise.all(
          document
            .getAnimations()
            .filter((a) => Number.isFinite(a.effect?.getComputedTiming().endTime))
            .map((a) => a.finished.catch(() => undefined)),
        ),
      )
      const barriers = await serious(page, theme)
      if (barriers.length > 0) found[what] = barriers
    }
    for (const address of ['/', '/machines', '/instruments', '/printroom', '/tables?size=M6', '/nowhere']) {
      await open(page, address)
      await look(address)
    }
    const homes = jobs.find((j) => j.name === 'Edges that meet in the drawer')!.id
    await open(page, `/jobs/${homes}/homes`)
    await page.getByRole('button', { name: /^wax/ }).click()
    await look('homes')
    await open(page, `/jobs/${job}`)
    for (const station of ['measure', 'reckon', 'check', 'prove', 'print', 'try', 'keep']) {
      await go(page, `/jobs/${job}?at=${station}`)
      await expect(page.locator(`aside[aria-label="${station}"]`)).toBeVisible()
      await expect(page.locator('[data-line="first.drawn"]')).toBeVisible()
      await expect(page.getByRole('progressbar')).toHaveCount(0, { timeout: 30_000 })
      await look(station)
    }
    for (const mode of ['In the round', 'List']) {
      await page.getByRole('button', { name: mode, exact: true }).click()
      await look(mode)
    }
    await page.getByRole('button', { name: 'List the keys' }).click()
    await look('the keys')
    await page.keyboard.press('Escape')
    await page.getByRole('button', { name: /^Find/ }).click()
    await look('finding')
    await page.keyboard.press('Escape')
    await page.getByRole('button', { name: 'Another part…' }).click()
    await look('another part')
    await page.getByRole('button', { name: /^wall bin/ }).click()
    await look('fields of a part')
    expect(found).toEqual({})
  })
