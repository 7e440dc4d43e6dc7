import { expect, type APIRequestContext, type Locator, type Page } from '@playwright/test'

const sizes = [
  [360, 640],
  [390, 844],
  [1280, 800],
] as const

/** Each size of screen, day and night, with text as it is and larger. */
export const looks = sizes.flatMap(([width, height]) =>
  [100, 130].map((percent, i) => ({ width, height, percent, light: i === 0 ? 'light' : 'dark' }) as const),
)

/** Sees whether all of these are on the first screen, whatever its size, and nothing sticks out sideways. */
export async function inSight(page: Page, name: string, parts: Record<string, Locator>) {
  const found: string[] = []
  for (const { width, height, percent, light } of looks) {
    await page.setViewportSize({ width, height })
    await page.emulateMedia({ colorScheme: light })
    await page.evaluate((p) => {
      document.documentElement.style.fontSize = `${p}%`
      scrollTo(0, 0)
    }, percent)
    const bar = (await page.getByRole('navigation', { name: 'Places' }).boundingBox())!
    const bottom = width < 800 ? bar.y : height
    // A drawing takes the width of its frame a moment after the screen has changed, on a busy machine a long one.
    const isNarrow = () => document.documentElement.scrollWidth <= innerWidth
    await page.waitForFunction(isNarrow, null, { timeout: 20_000 }).catch(() => undefined)
    const out = await page.evaluate(() => document.documentElement.scrollWidth - innerWidth)
    if (out > 0) found.push(`${name}, ${width} by ${height}, ${percent} %: ${out} pixels too wide`)
    for (const [part, place] of Object.entries(parts)) {
      const box = await place.boundingBox()
      if (box === null || box.y < 0 || box.y + box.height > bottom + 1)
        found.push(`${name}, ${width} by ${height}, ${percent} %: ${part} at ${box?.y} to ${box && box.y + box.height}`)
    }
  }
  expect(found).toEqual([])
}

/** Has the household measure in these. */
export async function measureIn(request: APIRequestContext, units: string) {
  const { settings, version } = await (await request.get('/api/kitchen')).json()
  const put = await request.put('/api/kitchen', { headers: { 'If-Match': version }, data: { ...settings, units } })
  expect(put.ok()).toBe(true)
}
