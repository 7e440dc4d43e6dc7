import AxeBuilder from '@axe-core/playwright'
import { expect, type Page } from '@playwright/test'
import { test } from './household'

const views = [
  '/',
  '/kitchen',
  '/trust',
  '/line-up',
  '/dishes',
  '/pot',
  '/check',
  '/book',
  '/book/year000',
  '/book/learned',
  '/cold',
  '/cold/labels',
  '/let-in',
  '/let-in/certificate',
  '/dinner',
]

const colours = ['color-contrast'] // all that differs by night

for (const view of views) {
  test(`${view} has nothing that axe objects to, by day and by night, sticks out nowhere and asks nobody else`, async ({
    page,
    baseURL,
  }) => {
    const heard = listen(page, baseURL!)
    await page.goto(view)
    await page.waitForLoadState('networkidle')
    for (const [colorScheme, theme] of [
      ['light', 'paper'],
      ['dark', 'charcoal'],
    ] as const) {
      await page.emulateMedia({ colorScheme })
      await expect(page.locator('.v-application')).toHaveClass(new RegExp(`v-theme--${theme}`))
      const axe = new AxeBuilder({ page }).setLegacyMode() // there are no frames
      const { violations } = await (colorScheme === 'dark' ? axe.withRules(colours) : axe).analyze()
      expect(violations.map((v) => `${v.id}: ${v.nodes.map((n) => n.target.join(' ')).join(', ')}`)).toEqual([])
    }
    for (const width of [1280, 800, 360]) {
      await page.setViewportSize({ width, height: 800 })
      const over = () => page.evaluate(() => document.documentElement.scrollWidth - innerWidth)
      await expect.poll(over, `${width} pixels`).toBeLessThanOrEqual(0)
    }
    expect(heard).toEqual([])
  })
}

test.describe('with what is installed', () => {
  test.use({ serviceWorkers: 'allow' })
  test('no request leaves the machine and nothing complains in the console', async ({ page, baseURL }) => {
    const heard = listen(page, baseURL!)
    await page.goto('/')
    await page.evaluate(() => navigator.serviceWorker.ready)
    for (const view of ['/', '/pot']) {
      await page.goto(view)
      await page.waitForLoadState('networkidle')
    }
    expect(heard).toEqual([])
  })
})

/** What is asked of anybody but the server, and what the console complains of. */
function listen(page: Page, baseURL: string) {
  const heard: string[] = []
  page.on('request', (r) => r.url().startsWith(baseURL) || r.url().startsWith('data:') || heard.push(r.url()))
  const isOurs = (text: string) => text !== 'Service Worker registration blocked by Playwright'
  page.on('console', (m) => ['error', 'warning'].includes(m.type()) && isOurs(m.text()) && heard.push(m.text()))
  return heard
}
