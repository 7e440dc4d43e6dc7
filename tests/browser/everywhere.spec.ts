import AxeBuilder from '@axe-core/playwright'
import { expect, test } from '@playwright/test'

const views = ['/', '/kitchen', '/trust', '/line-up', '/dishes', '/pot', '/check']

for (const view of views) {
  for (const colorScheme of ['light', 'dark'] as const) {
    test(`${view} in ${colorScheme} has nothing that axe objects to`, async ({ page }) => {
      await page.emulateMedia({ colorScheme })
      await page.goto(view)
      await page.waitForLoadState('networkidle')
      const { violations } = await new AxeBuilder({ page }).analyze()
      expect(violations.map((v) => `${v.id}: ${v.nodes.map((n) => n.target.join(' ')).join(', ')}`)).toEqual([])
    })
  }
}

for (const width of [360, 800, 1280]) {
  test(`nothing sticks out sideways at ${width} pixels`, async ({ page }) => {
    await page.setViewportSize({ width, height: 800 })
    for (const view of views) {
      await page.goto(view)
      await page.waitForLoadState('networkidle')
      const over = await page.evaluate(() => document.documentElement.scrollWidth - innerWidth)
      expect(over, view).toBeLessThanOrEqual(0)
    }
  })
}

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
