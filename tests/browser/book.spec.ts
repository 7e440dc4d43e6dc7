import { expect, type APIRequestContext, type Page } from '@playwright/test'
import { test } from './household'

const wings = { load: { cut: 'turkey-wing', pieces: 4, totalKg: 1.2 }, promise: 'sure', learned: true }

const ago = (minutes: number) => new Date(Date.now() - minutes * 60_000).toISOString()
const spotsOf = async (request: APIRequestContext, id: string) =>
  (await (await request.get(`/api/cooks/${id}`)).json()).spots as { id: string }[]

/** A cook that ended a few minutes ago, entry by entry. */
async function finish(request: APIRequestContext, name: string, celsius: number) {
  const { id } = await (await request.post('/api/cooks', { data: { plan: wings, name } })).json()
  const say = async (kind: string, minutes: number, path = 'events', more: object = {}) => {
    const data = {
      clientId: `${kind}-${minutes}-${JSON.stringify(more)}`.slice(0, 60),
      kind,
      at: ago(minutes),
      ...more,
    }
    const answer = await request.post(`/api/cooks/${id}/${path}`, { data })
    expect(answer.ok(), await answer.text()).toBe(true)
  }
  await say('lid-on', 118)
  await say('pressure-reached', 104)
  await say('pin-down', 45)
  await say('opened', 44)
  for (const { id: spot } of await spotsOf(request, id))
    for (const minutes of [43, 42, 41]) await say('reading', minutes, 'readings', { spot, celsius }) // in three pieces
  await say('finished', 10)
  return id as string
}

const learnedText = (page: Page) => page.getByTestId('learned')

test('a cook that ended is found, tasted in two touches, and the next plan of that cut says what it taught', async ({
  page,
  request,
}) => {
  const id = await finish(request, 'Wings of Friday', 97)
  await page.goto('/book')
  await expect(page.getByRole('status').first()).toContainText(/12\d cooks/)
  await page.getByLabel('Find a cook').fill('wings frid')
  const row = page.getByRole('link', { name: /Wings of Friday/ })
  await expect(page.locator('.list li')).toHaveCount(1)
  await row.click()
  const table = page.getByRole('table').first()
  await expect(table.getByRole('row', { name: /To pressure/ })).toContainText('14 min')
  await expect(table.getByRole('row', { name: /Lowest reading/ })).toContainText('97 °C')
  await page.getByLabel('a little dry').check()
  await page.getByLabel('soft', { exact: true }).check()
  await page.getByLabel('Next time').fill('Less time, and a sharper knife.')
  await page.getByLabel('Next time').blur()
  await expect(row).toContainText('a sharper knife')
  await expect(row).toContainText('juice: a little dry')
  const kept = await (await request.get(`/api/book/${id}`)).json()
  expect(kept.tasting).toMatchObject({ juicy: -1, tender: 1, nextTime: 'Less time, and a sharper knife.' })

  await page.getByRole('button', { name: 'Again' }).click()
  await expect(page.getByTestId('minutes')).toHaveText(/\d+/)
  await expect(learnedText(page)).toContainText(/Bertha|you like|turkey wings|longer|shorter/i)
  const plan = await (await request.post('/api/plans/preview', { data: wings })).json()
  expect(plan.learned.cooks).toBeGreaterThan(0)
})

test('a cook is removed and brought back, left out and taken in again', async ({ page, request }) => {
  const id = await finish(request, 'Odd wings', 93)
  await page.goto(`/book/${id}`)
  await page.getByRole('button', { name: 'Learn nothing from it', exact: true }).click()
  await page.getByRole('button', { name: 'Learn from it again' }).click()
  await expect(page.getByRole('button', { name: 'Learn nothing from it', exact: true })).toBeVisible()
  await page.getByRole('button', { name: 'Remove it' }).click()
  await expect(page.getByRole('link', { name: /Odd wings/ })).toHaveCount(0)
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(page.getByRole('link', { name: /Odd wings/ })).toBeVisible()
})

test('a cook that nobody followed is written in by one line', async ({ page }) => {
  await page.goto('/book')
  const line = page.getByLabel('One that is not here')
  await line.fill('yesterday something nice')
  await page.getByRole('button', { name: 'Write it in' }).click()
  await expect(page.getByRole('alert')).toBeVisible()
  await line.fill('yesterday, 5 turkey wings, 40 min, vented, 88 °C')
  await page.getByRole('button', { name: 'Write it in' }).click()
  await expect(page.getByRole('heading', { level: 2 })).toContainText('turkey wings')
  await expect(page.locator('.cook .line')).toContainText('yesterday')
})

test('a table that was kept elsewhere says what its columns are, and is taken in', async ({ page }) => {
  await page.goto('/book')
  const buffer = Buffer.from(
    'Tag;Was;Stück;min;Kern\n2025-11-02;goose necks;2;20;\n2025-11-03;6 duck legs 1.5 kg;6;32;88\n',
  )
  await page.getByLabel('File to bring in').setInputFiles({ name: 'old.csv', mimeType: 'text/csv', buffer })
  const mapping = page.getByRole('region', { name: 'Columns of the table' })
  await expect(mapping).toContainText('0 cooks can be taken in')
  await mapping.getByLabel('Column Tag').selectOption('the day')
  await mapping.getByLabel('Column Was').selectOption('what was cooked')
  await mapping.getByLabel('Column Kern').selectOption('temperature in °C')
  await expect(mapping).toContainText('1 cook can be taken in')
  await expect(mapping).toContainText('Row 2')
  await mapping.getByRole('button', { name: 'Take them in' }).click()
  await expect(page.getByRole('status').filter({ hasText: '1 taken in' })).toBeVisible()
})

test('offline, how it ate is kept, goes out once, and two cooks stand side by side', async ({
  page,
  context,
  request,
}) => {
  const id = await finish(request, 'Far wings', 95)
  await page.goto(`/book/${id}`)
  await expect(page.getByRole('heading', { level: 2 })).toHaveText('Far wings')
  await context.setOffline(true)
  await page.getByLabel('very juicy').check()
  await expect(page.getByText('Kept here; it goes out')).toBeVisible()
  await context.setOffline(false)
  await expect(page.getByText('Kept here; it goes out')).toHaveCount(0, { timeout: 10_000 })
  const { events } = await (await request.get(`/api/cooks/${id}`)).json()
  expect(events.filter((e: { kind: string }) => e.kind === 'tasted')).toHaveLength(1)
  await page.getByLabel('Beside another').selectOption({ index: 1 })
  await expect(page.getByRole('heading', { level: 2 })).toHaveCount(2)
})

test('what was learned stands in words, and is forgotten on asking', async ({ page }) => {
  await page.goto('/book/learned')
  await expect(page.getByText(/Bertha heats .* weaker/).first()).toBeVisible({ timeout: 20_000 })
  await page.getByRole('button', { name: 'Forget Pip' }).click()
  await page.getByRole('button', { name: 'Forget all that was learned of Pip until now' }).click()
  await expect(page.getByRole('heading', { name: /^Pip/ })).toHaveCount(0)
})
