import AxeBuilder from '@axe-core/playwright'
import { expect } from '@playwright/test'
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

for (const view of views) {
  test(`${view} has nothing that axe objects to, by day and by night, and sticks out nowhere`, async ({ page }) => {
    await page.goto(view)
    await page.waitForLoadState('networkidle')
    for (const [colorScheme, theme] of [
      ['light', 'paper'],
      ['dark', 'charcoal'],
    ] as const) {
      await page.emulateMedia({ colorScheme })
      await expect(page.locator('.v-application')).toHaveClass(new RegExp(`v-theme--${theme}`))
      const { violations } = await new AxeBuilder({ page }).analyze()
      expect(violations.map((v) => `${v.id}: ${v.nodes.map((n) => n.target.join(' ')).join(', ')}`)).toEqual([])
    }
    for (const width of [1280, 800, 360]) {
      await page.setViewportSize({ width, height: 800 })
      const over = () => page.evaluate(() => document.documentElement.scrollWidth - innerWidth)
      await expect.poll(over, `${width} pixels`).toBeLessThanOrEqual(0)
    }
  })
}

test.describe('with what is installed', () => {
  test.use({ serviceWorkers: 'allow' })
  test('no request leaves the machine and nothing complains in the console', async ({ page, baseURL }) => {
    const foreign: string[] = []
    const complaints: string[] = []
    page.on('request', (r) => r.url().startsWith(baseURL!) || r.url().startsWith('data:') || foreign.push(r.url()))
    page.on('console', (m) => ['error', 'warning'].includes(m.type()) && complaints.push(m.text()))
    for (const view of views) {
      await page.goto(view)
      await page.waitForLoadState('networkidle')
    }
    expect(foreign).toEqual([])
    expect(complaints).toEqual([])
  })
})
