import { defineConfig } from '@playwright/test'

export default defineConfig({
  testDir: '.',
  outputDir: '../../artifacts/browser',
  reporter: [['list'], ['junit', { outputFile: '../../artifacts/results/browser.xml' }]],
  workers: Number(process.env.IKUZO_WORKERS ?? 2),
  // Deadlines, for a machine that is busy with other things.
  timeout: 90_000,
  expect: { timeout: 15_000 },
  use: {
    viewport: { width: 1280, height: 800 },
    serviceWorkers: 'block', // each page as it comes from the server; offline.spec.ts has what is installed
    browserName: 'chromium',
    launchOptions: {
      executablePath: process.env.CHROMIUM ?? '/usr/bin/chromium',
      args: [
        '--headless',
        '--no-sandbox',
        '--disable-gpu',
        '--disable-quic',
        '--no-first-run',
        '--disable-background-networking',
        '--disable-component-update',
        '--disable-sync',
      ],
    },
  },
  // The drag is timed: it has the machine to itself.
  projects: [
    { name: 'cooks', testIgnore: 'drag.spec.ts' },
    { name: 'drag', testMatch: 'drag.spec.ts', dependencies: ['cooks'] },
  ],
})
