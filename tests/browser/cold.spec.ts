import { expect } from '@playwright/test'
import { test } from './household'

test('a forgotten pack is planned, cooked, kept, labelled and eaten', async ({ page, request }) => {
  await page.goto('/cold')
  await page.getByLabel('What goes into the cold?').fill('3 duck legs 750 g fridge since yesterday')
  await page.getByRole('button', { name: 'Keep it' }).click()
  await expect(page.getByRole('status').filter({ hasText: 'duck legs' })).toBeVisible()
  const row = page.getByRole('listitem').filter({ hasText: '3 duck legs' })
  await row.getByRole('button', { name: 'Plan it' }).click()
  await expect(page.locator('main')).toContainText(/3\s*duck legs/)
  await expect(page.getByTestId('minutes')).toHaveText(/\d+/)
  await page.getByRole('button', { name: 'Cook this' }).click()
  await page.waitForURL(/\/pot\//)
  const id = page.url().split('/').at(-1)!
  await page.goto('/cold')
  await expect(page.getByRole('heading', { name: 'Cold store' })).toBeVisible()
  await expect(page.getByRole('heading', { level: 3 }).first()).toBeVisible()
  await expect(row).toHaveCount(0)
  await request.post(`/api/cooks/${id}/events`, { data: { clientId: 'end', kind: 'abandoned' } })

  await page.goto(`/book/${id}`)
  await page.getByRole('button', { name: 'Leftovers to the fridge' }).click()
  const kept = page
    .getByRole('listitem')
    .filter({ hasText: 'Cooked poultry keeps 3 to 4 days' })
    .filter({ hasText: 'duck legs' })
  await kept.getByRole('checkbox').check()
  await page.getByRole('link', { name: 'Labels for 1' }).click()
  await expect(page.getByRole('article')).toHaveCount(1)
  await expect(page.getByRole('article').getByText('74 °C (165 °F)')).toBeVisible()
  await expect
    .poll(() => page.getByRole('img', { name: /Code that opens/ }).evaluate((i: HTMLImageElement) => i.naturalWidth))
    .toBeGreaterThan(20)
  await page.goBack()
  await kept.getByRole('button', { name: 'Eaten up' }).click()
  await expect(kept).toHaveCount(0)
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(kept).toHaveCount(1)
})

test('what must be cooked today is one touch away on the Counter', async ({ page }) => {
  await page.goto('/')
  const urgent = page.getByTestId('urgent')
  await expect(urgent).toContainText('Must be cooked today')
  await urgent.getByRole('button', { name: 'Plan it' }).click()
  await expect(page.getByTestId('minutes')).toHaveText(/\d+/)
  await expect(urgent).toHaveCount(0)
})

test('a move made offline goes out once, when the server is back', async ({ page, context, request }) => {
  const text = '5 turkey thighs 2 kg fridge'
  const { item } = await (await request.post('/api/store', { data: { text } })).json()
  await page.goto('/cold')
  const row = page.getByRole('listitem').filter({ hasText: '5 turkey thighs' })
  await expect(row).toBeVisible()
  await context.setOffline(true)
  await row.getByRole('button', { name: 'Freeze it' }).click()
  await expect(row).toContainText('Freezer')
  await context.setOffline(false)
  const place = async () => (await (await request.get(`/api/store/${item.id}`)).json()).place
  await expect.poll(place, { timeout: 10_000 }).toBe('freezer')
  await expect(row.getByRole('button', { name: 'Thaw in the fridge' })).toBeVisible()
})
