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
// Time the thread works, not the time it waits for a core that the server has.
await devtools.send('Performance.enable', { timeDomain: 'threadTicks' })
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
const press = async (key, rounds) => {
  const before = await metric('TaskDuration')
  for (let i = 0; i < rounds; i++) {
    await page.keyboard.press(key)
    await page.waitForTimeout(40)
  }
  await page.waitForTimeout(300)
  return (((await metric('TaskDuration')) - before) * 1000) / rounds
}
await press('ArrowUp', 40) // warming up
let answers = 0
page.on('response', (response) => response.url().endsWith('/api/designs') && answers++)
const dragged = await press('ArrowUp', 100)
// Part of it is the protocol itself: a key that does nothing costs it too.
const idle = await press('F9', 100)
console.log(`drag: 100 steps 40 ms apart, ${answers} answers drawn, main thread ${dragged.toFixed(1)} ms a step, ${idle.toFixed(1)} ms of it for a key that does nothing`)
await browser.close()
