import { expect, type Locator, type Page } from '@playwright/test'
import { test } from './household'

// A hand that types anywhere, on a slow machine and a slow server that answers in any order. What was typed last is what is kept.
const edits = Number(process.env.IKUZO_EDITS ?? 10)
const seed = 20261206
const mostDelayMs = Number(process.env.IKUZO_DELAY ?? 3000)

/** Mulberry32: small, and the same on every machine. */
function dice(state: number) {
  return () => {
    state = (state + 0x6d2b79f5) | 0
    let t = Math.imul(state ^ (state >>> 15), 1 | state)
    t = (t + Math.imul(t ^ (t >>> 7), 61 | t)) ^ t
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296
  }
}
const random = dice(seed)
const below = (n: number) => Math.floor(random() * n)
const words = ['salt', 'lovage', 'dill', 'smoked paprika', 'orange peel', 'two bay leaves', 'caraway']
const phrase = () => Array.from({ length: 1 + below(3) }, () => words[below(words.length)]).join(' and ')
const whole = (least: number, most: number) => String(least + below(most - least + 1))

interface Field {
  at: (page: Page) => Locator
  value: () => string
  /** What the field says once the value is kept; the value itself unless said. */
  kept?: (value: string) => string
  choose?: boolean
}
const byLabel = (label: string) => (page: Page) => page.getByLabel(label, { exact: true }).first()
const text = (label: string): Field => ({ at: byLabel(label), value: phrase })
const number = (label: string, least: number, most: number): Field => ({
  at: byLabel(label),
  value: () => whole(least, most),
})
const choice = (label: string, ...of: string[]): Field => ({
  at: (page) => page.getByRole('combobox', { name: label, exact: true }).first(),
  value: () => of[below(of.length)]!,
  choose: true,
})

const pages: { path: string; open?: (page: Page) => Promise<void>; fields: Field[] }[] = [
  {
    path: '/kitchen',
    fields: [
      text('Name of the kitchen'),
      number('Height above the sea, m', 0, 3000),
      { at: byLabel('Usual room temperature'), value: () => whole(10, 34), kept: (v) => `${v} °C` },
      { at: byLabel('In ice water'), value: () => whole(0, 3), kept: (v) => `${v} °C` },
      choice('Minutes and release, where safe', 'none', 'never-vent', 'rest-then-vent'),
    ],
  },
  {
    path: '/dishes',
    open: async (page) => {
      await page.getByRole('link', { name: 'Typed at' }).click()
      await page.locator('.items summary').click()
      await page.getByText('After', { exact: true }).click()
    },
    fields: [
      text('Seasoned with'),
      text('Loosen the bits with'),
      number('Marinade, hours', 0, 40),
      number('Rest, minutes', 0, 50),
      number('Crisp after, minutes', 0, 50),
      number('Broth wanted, ml', 0, 900),
      number('Pieces', 6, 9),
      { at: byLabel('Weight'), value: () => `${whole(800, 990)} g` },
      { at: byLabel('To remember'), value: () => `${phrase()}\n${phrase()}` },
      choice('How it ends', 'pull', 'fall-apart'),
      choice('Where it lies', 'rack', 'on-bed'),
    ],
  },
  {
    path: '/line-up',
    fields: [number('Marinade, hours', 0, 40), number('Crisp after, minutes', 0, 50), choice('Day', '0', '1', '2')],
  },
]

const kitchen = { name: 'Hill House', altitudeMetres: 1350, roomCelsius: 21, units: 'metric' }
const load = { cut: 'chicken-drumstick', pieces: 8, totalKg: 0.96 }
const dish = {
  format: 'ikuzo-dish',
  version: 1,
  name: 'Typed at',
  servings: 4,
  brown: true,
  items: [{ key: 'bird', kind: 'meat', load, aim: 'pull' }],
}
test.beforeEach(async ({ request }) => {
  await request.put('/api/kitchen', { data: kitchen })
  await request.post('/api/dishes', { data: dish })
})
test.afterEach(async ({ request }) => void (await request.put('/api/kitchen', { data: kitchen })))

test('what was typed last is what is kept, whatever the server answers when', async ({ page }) => {
  test.setTimeout(60_000 + edits * 12_000)
  const chrome = await page.context().newCDPSession(page)
  await chrome.send('Emulation.setCPUThrottlingRate', { rate: 6 })
  await page.route('**/api/**', async (route) => {
    await new Promise((resolve) => setTimeout(resolve, random() * mostDelayMs))
    await route.continue().catch(() => {}) // the page may have gone meanwhile
  })
  const lost: string[] = []
  const perPage = 14
  for (let done = 0; done < edits;) {
    const { path, open, fields } = pages[Math.floor(done / perPage) % pages.length]!
    await page.goto(path)
    await open?.(page)
    const last = new Map<Field, string>()
    for (let i = 0; i < perPage && done < edits; i++, done++) {
      const field = fields[below(fields.length)]!
      const value = field.value()
      const line = field.at(page)
      if (field.choose) await line.selectOption(value)
      else {
        await line.click()
        await line.press('ControlOrMeta+a')
        await line.pressSequentially(value, { delay: below(60) })
      }
      last.set(field, value)
      await page.waitForTimeout(below(600))
    }
    await page.locator('h1, h2').first().click()
    await settled(page)
    await page.reload()
    await open?.(page)
    for (const [field, value] of last) {
      const wanted = field.kept?.(value) ?? value
      try {
        await expect(field.at(page)).toHaveValue(wanted, { timeout: 20_000 })
      } catch {
        lost.push(`${path}: ${wanted}, found ${await field.at(page).inputValue()}`)
      }
    }
  }
  expect(lost).toEqual([])
})

/** Waits until nothing has been asked of the server for longer than it holds an answer: what was asked before this began is not counted. */
async function settled(page: Page) {
  let open = 0
  let since = Date.now()
  const begin = () => open++
  const end = () => {
    open--
    since = Date.now()
  }
  page.on('request', begin).on('requestfinished', end).on('requestfailed', end)
  await expect.poll(() => open <= 0 && Date.now() - since > mostDelayMs + 1000, { timeout: 60_000 }).toBe(true)
  page.off('request', begin).off('requestfinished', end).off('requestfailed', end)
}
