import { defineConfig } from '@playwright/test'

const port = process.env.IKUZO_TEST_PORT ?? '5191'
const address = `http://127.0.0.1:${port}`

export default defineConfig({
  testDir: '.',
  outputDir: '../../artifacts/browser',
  reporter: [['list'], ['junit', { outputFile: '../../artifacts/results/browser.xml' }]],
  workers: 1,
  timeout: 30_000,
  use: {
    baseURL: address,
    viewport: { width: 1280, height: 800 },
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
  webServer: {
    command: 'rm -rf ../browser-data && exec dotnet Ikuzo.Web.dll',
    env: {
      IKUZO_URLS: address,
      IKUZO_DATA: '../browser-data',
      IKUZO_DEMO: 'true',
    },
    url: `${address}/api/health`,
    cwd: '../../artifacts/web',
    reuseExistingServer: false,
    timeout: 60_000,
    gracefulShutdown: { signal: 'SIGTERM', timeout: 5000 },
  },
})
