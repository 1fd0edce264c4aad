import { defineConfig } from '@playwright/test'

/** What Playwright asks Chromium to leave away, which its own flag would else forget; and the two pages of the address bar, which cost more than ours. */
const leftAway = [
  'AvoidCorsURLLoaderRestartOnRedirect',
  'AvoidUnnecessaryBeforeUnloadCheckSync',
  'DestroyProfileOnBrowserClose',
  'HttpsFirstBalancedModeAutoEnable',
  'HttpsUpgrades',
  'LensOverlay',
  'MediaRouter',
  'OptimizationHints',
  'PaintHolding',
  'ThirdPartyStoragePartitioning',
  'WebUIOmniboxAimPopup',
  'WebUIOmniboxPopup',
]

/** The real application is started by tests/run.sh; its address comes in EMBOQ_URL. */
export default defineConfig({
  testDir: '.',
  // A machine that does much beside this is slow, not wrong.
  timeout: 120_000,
  expect: { timeout: 20_000 },
  workers: 1,
  reporter: [['list']],
  outputDir: '../../test-results',
  use: {
    baseURL: process.env.EMBOQ_URL ?? 'http://127.0.0.1:5080',
    viewport: { width: 1280, height: 800 },
    // Frames that nobody looks at.
    contextOptions: { reducedMotion: 'reduce' },
    launchOptions: {
      executablePath: '/usr/bin/chromium',
      args: [
        '--no-sandbox',
        '--use-angle=swiftshader',
        '--enable-unsafe-swiftshader',
        '--disable-gpu-compositing',
        '--disable-background-networking',
        '--disable-component-update',
        '--disable-sync',
        '--no-first-run',
        `--disable-features=${leftAway.join()}`,
      ],
    },
  },
})
