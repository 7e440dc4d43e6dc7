import AxeBuilder from '@axe-core/playwright'
import { expect, type Page } from '@playwright/test'
import { test } from './household'
import { measureIn } from './sight'

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

test('a household that measures in pounds and cups sees nothing else, on any page', async ({ page, request }) => {
  const { units } = (await (await request.get('/api/kitchen')).json()).settings
  await measureIn(request, 'us')
  const kept = (await (await request.get('/api/dishes')).json()) as {
    id: string
    document: { items: { text: string | null }[] }
  }[]
  const dishes = kept.map((d) => `/dishes/${d.id}`)
  // What a cook typed stays as it was typed.
  const typed = kept.flatMap((d) => d.document.items.flatMap((i) => i.text ?? []))
  const ours = (said: string) => typed.reduce((left, line) => left.replaceAll(line, ''), said)
  const { id } = await (
    await request.post('/api/cooks', {
      data: { plan: { load: { cut: 'duck-leg', pieces: 4, totalKg: 1 } }, name: 'Legs' },
    })
  ).json()
  await request.post(`/api/cooks/${id}/events`, { data: { clientId: 'lid', kind: 'lid-on' } })
  const metric =
    /(?<![\w.])\d[\d.,]*\s?(ml|cm|g|kg|mm|l|litres?|°C|kPa|m)(?![\w/])|\b(gram|litre|kilogram|millilitre|centimetre)s?\b|, (g|ml|mm|kg|°C)\b/
  const found: string[] = []
  for (const view of [...views.filter((v) => v !== '/trust'), ...dishes, `/pot/${id}`, `/check/${id}`]) {
    await page.goto(view)
    await page.waitForLoadState('networkidle')
    const said = await page.evaluate(() => {
      document.querySelectorAll('details').forEach((d) => (d.open = true))
      const all = [...document.querySelectorAll<HTMLElement>('body *:not(script, style)')]
      const own = all.flatMap((e) => [...e.childNodes].filter((n) => n.nodeType === 3).map((n) => n.textContent ?? ''))
      const labels = all.flatMap((e) =>
        ['aria-label', 'title', 'placeholder'].map((name) => e.getAttribute(name) ?? ''),
      )
      return [...own, ...labels, ...[...document.querySelectorAll('input')].map((i) => i.value)]
    })
    const both = '74 °C (165 °F)' // of a label, which guests read too
    found.push(...said.filter((t) => metric.test(ours(t.replace(both, '')))).map((t) => `${view}: ${t.trim()}`))
  }
  await request.post(`/api/cooks/${id}/events`, { data: { clientId: 'end', kind: 'abandoned' } })
  await measureIn(request, units)
  expect([...new Set(found)]).toEqual([])
})

/** What is asked of anybody but the server, and what the console complains of. */
function listen(page: Page, baseURL: string) {
  const heard: string[] = []
  page.on('request', (r) => r.url().startsWith(baseURL) || r.url().startsWith('data:') || heard.push(r.url()))
  const isOurs = (text: string) => text !== 'Service Worker registration blocked by Playwright'
  page.on('console', (m) => ['error', 'warning'].includes(m.type()) && isOurs(m.text()) && heard.push(m.text()))
  return heard
}
