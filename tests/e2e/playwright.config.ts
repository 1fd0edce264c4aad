import { defineConfig } from '@playwright/test'

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
    trace: { mode: 'retain-on-failure', screenshots: false, snapshots: false },
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
      ],
    },
  },
})
