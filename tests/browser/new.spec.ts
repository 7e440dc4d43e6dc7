import { expect } from '@playwright/test'
import { test } from './household'
import { inSight } from './sight'

// A phone, a household that has just begun, and a server that takes its time.
test.use({ viewport: { width: 390, height: 844 }, isNew: true })

test('whoever opens it first says three things about the kitchen, asks in pounds, and follows the cook to the record', async ({
  page,
  request,
}) => {
  await page.route('**/api/**', async (route) => {
    await new Promise((done) => setTimeout(done, 400))
    await route.continue()
  })
  const kitchen = async () => (await request.get('/api/kitchen')).json()
  await page.goto('/')
  await expect(page.getByTestId('minutes')).toHaveText(/^\d+$/)
  const first = page.getByRole('region', { name: 'About your kitchen' })
  await expect(first).toBeVisible()
  await inSight(page, 'The first time', {
    minutes: page.getByTestId('minutes'),
    release: page.getByTestId('release'),
    button: page.getByRole('button', { name: 'Cook this' }),
  })
  await page.setViewportSize({ width: 390, height: 844 })
  const [{ id, capacityLitres }] = (await kitchen()).pots
  await request.put(`/api/kitchen/pots/${id}`, {
    data: { name: 'Renamed by another', capacityLitres, isDefault: true },
  })
  await first.getByLabel('Your pot').selectOption('3 litres')
  await expect
    .poll(async () => (await kitchen()).pots[0])
    .toMatchObject({ name: 'Renamed by another', capacityLitres: 3 })
  await first.getByLabel('A probe thermometer').selectOption('no')
  await expect(first).toHaveCount(0)
  await expect.poll(async () => (await kitchen()).settings.hasThermometer).toBe(false)

  await page.getByRole('button', { name: 'More', exact: true }).click()
  await page.getByRole('button', { name: /^Units:/ }).click()
  await page.getByLabel('What have you got?').fill('three hen legs, 1 1/2 lb, straight from the fridge')
  await page.keyboard.press('Enter')
  await page.getByRole('button', { name: /Change it$/ }).click()
  await expect(page.getByRole('button', { name: /^Weight of all:/ })).toHaveText('1.5 lb')
  await expect(page.locator('.stale')).toHaveCount(0)
  await expect(page.getByTestId('minutes')).toHaveText(/^\d+$/)
  await page.getByRole('button', { name: 'Cook this' }).click()
  await expect(page.getByTestId('step')).toHaveText('Lid on')
  const { id: cook } = (await (await request.get('/api/cooks')).json())[0]
  for (const then of ['Coming up', 'Under pressure']) {
    await page.keyboard.press('Space')
    await expect(page.getByTestId('step')).toHaveText(then)
  }
  await page.goto('/book')
  await expect(page.getByText('0 cooks')).toBeVisible()
  await expect.poll(async () => (await (await request.get(`/api/cooks/${cook}`)).json()).phase).toBe('holding')
})
