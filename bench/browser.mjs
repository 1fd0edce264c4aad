// First load and the main thread's work for each step of a value, in headless Chromium, through the DevTools protocol.
// Usage: node bench/browser.mjs URL
import { createRequire } from 'node:module'
const { chromium } = createRequire(new URL('../web/package.json', import.meta.url))('@playwright/test')

const url = process.argv[2]
const browser = await chromium.launch({
  executablePath: '/usr/bin/chromium',
  args: ['--no-sandbox', '--disable-background-networking', '--disable-component-update', '--disable-sync', '--no-first-run', '--use-angle=swiftshader', '--enable-unsafe-swiftshader'],
})
const page = await browser.newPage({ viewport: { width: 1280, height: 800 } })
const devtools = await page.context().newCDPSession(page)
await devtools.send('Network.enable')
await devtools.send('Performance.enable')
let bytes = 0
devtools.on('Network.loadingFinished', (e) => (bytes += e.encodedDataLength))
const from = performance.now()
await page.goto(url)
await page.getByRole('link', { name: /^Lathe hood/ }).waitFor()
console.log(`first load: ${(bytes / 1024).toFixed(0)} KiB, bench to be read after ${(performance.now() - from).toFixed(0)} ms`)

await page.getByRole('link', { name: /^Lathe hood/ }).click()
await page.goto(page.url().replace(/at=.*/, 'at=reckon'))
// A cuff that grows a millimetre a step: every step is another part, so that nothing is drawn from memory.
await page.locator('[data-line="first.cuff"]').focus()
const metric = async (name) => (await devtools.send('Performance.getMetrics')).metrics.find((m) => m.name === name).value
for (const [mode, rounds] of [['warming up', 40], ['dragging', 100]]) {
  let answers = 0
  const count = (response) => response.url().endsWith('/api/designs') && answers++
  page.on('response', count)
  const before = await metric('TaskDuration')
  for (let i = 0; i < rounds; i++) {
    await page.keyboard.press('ArrowUp')
    await page.waitForTimeout(40)
  }
  await page.waitForTimeout(300)
  const spent = ((await metric('TaskDuration')) - before) * 1000
  page.off('response', count)
  if (mode !== 'warming up') console.log(`drag: ${rounds} steps, ${answers} answers drawn, main thread ${(spent / rounds).toFixed(1)} ms a step`)
}
await browser.close()
