import { expect } from '@playwright/test'
import { test } from './household'

test('a pot is added, changed, removed and brought back', async ({ page }) => {
  await page.goto('/kitchen')
  await page.getByRole('button', { name: 'Add a pot' }).click()
  await page.getByLabel('What you call it').fill('Cauldron')
  await page.getByLabel('Capacity, litres').fill('8')
  await page.getByRole('button', { name: 'Save' }).click()
  const pot = page.getByRole('listitem').filter({ hasText: 'Cauldron' })
  await expect(pot).toContainText('380 ml')
  await pot.getByRole('button', { name: 'Change' }).click()
  await expect(page.getByLabel('What you call it')).toBeFocused()
  await page.route('**/api/quantities', async (route) => {
    await new Promise((done) => setTimeout(done, 600)) // saved before it is read
    await route.continue()
  })
  await page.getByLabel('Least liquid, by its manual').fill('2 cups')
  await page.getByLabel('Power, W').fill('1300')
  await page.getByRole('button', { name: 'Save' }).click()
  await expect(pot).toContainText('470 ml')
  await pot.getByRole('button', { name: 'Remove' }).click()
  await expect(pot).toHaveCount(0)
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(pot).toBeVisible()
  await pot.getByRole('button', { name: 'Remove' }).click()
  await expect(pot).toHaveCount(0)
})

test('two windows on one pot: the second is told, and offered both', async ({ page, request }) => {
  const body = { name: 'Old Tom', capacityLitres: 6 }
  const add = async (data: object) => (await (await request.post('/api/kitchen/pots', { data })).json()).id
  const [id, otherId] = [await add(body), await add({ name: 'Young Tom', capacityLitres: 3 })]
  await page.goto('/kitchen')
  const pot = page.getByRole('listitem').filter({ hasText: 'Old Tom' })
  const other = page.getByRole('listitem').filter({ hasText: 'Young Tom' })
  const power = page.getByLabel('Power, W')
  await pot.getByRole('button', { name: 'Change' }).click()
  await request.put(`/api/kitchen/pots/${id}`, { data: { ...body, heaterWatts: 900 } })
  await power.fill('1100')
  await page.getByRole('button', { name: 'Save' }).click()
  await expect(page.getByRole('alert')).toContainText('There it is “Old Tom” of 6 litres and 900 W.')
  await other.getByRole('button', { name: 'Change' }).click() // with the question open, another one is no answer to it
  await expect(page.getByRole('alert')).toHaveCount(0)
  await power.fill('700')
  await page.getByRole('button', { name: 'Save' }).click()
  await expect(other).toContainText('700 W')
  await expect(pot).toContainText('900 W')
  await pot.getByRole('button', { name: 'Change' }).click()
  await request.put(`/api/kitchen/pots/${id}`, { data: { ...body, heaterWatts: 950 } })
  await power.fill('1100')
  await page.getByRole('button', { name: 'Save' }).click()
  await expect(page.getByRole('alert')).toContainText('of 6 litres and 950 W.')
  await page.getByRole('button', { name: 'Keep what is here' }).click()
  await expect(pot).toContainText('1100 W')
  for (const each of [id, otherId]) await request.delete(`/api/kitchen/pots/${each}`)
})

test('the way of the household is followed where it is safe', async ({ page }) => {
  await page.goto('/kitchen')
  const way = page.getByLabel('Minutes and release')
  const saved = page.waitForResponse((r) => r.url().endsWith('/api/kitchen') && r.request().method() === 'PUT')
  await way.selectOption('Vent at once')
  await saved
  await page.goto('/')
  await expect(page.getByTestId('release')).toHaveText('Vent at once')
  await page.goto('/kitchen')
  await way.selectOption('What Ikuzo computes')
})

test('a pot that cannot be is refused in words', async ({ page }) => {
  await page.goto('/kitchen')
  await page.getByRole('button', { name: 'Add a pot' }).click()
  await page.getByLabel('What you call it').fill('Bathtub')
  await page.getByLabel('Capacity, litres').fill('90')
  await page.getByRole('button', { name: 'Save' }).click()
  await expect(page.getByRole('alert')).toContainText('between 1 and 20')
})

test('the altitude of the kitchen changes where water boils', async ({ page }) => {
  await page.goto('/kitchen')
  const altitude = page.getByLabel('Height above the sea, m')
  await altitude.fill('0')
  await altitude.press('Enter')
  await expect(page.getByText('Water boils at 100 °C')).toBeVisible()
  await altitude.fill('1350')
  await altitude.press('Enter')
  await expect(page.getByText('Water boils at 96 °C')).toBeVisible()
})

test('a backup is made, looked into, and brought back with a way back', async ({ page }) => {
  await page.goto('/kitchen')
  const name = page.getByLabel('Name of the kitchen')
  await expect(name).not.toHaveValue('')
  const before = await name.inputValue()
  await page.getByRole('button', { name: 'Back up now' }).click()
  await expect(page.getByRole('status').filter({ hasText: 'Backed up' })).toBeVisible()
  await name.fill('Elsewhere')
  await expect.poll(async () => (await (await page.request.get('/api/kitchen')).json()).settings.name).toBe('Elsewhere')
  await page.getByRole('button', { name: 'Bring back', exact: true }).first().click()
  await expect(page.getByRole('group', { name: 'Backup to bring back' })).toContainText(/1\d\d cooks/)
  await page.getByRole('button', { name: 'Put it in the place of what is here' }).click()
  await expect(page.getByRole('status').filter({ hasText: 'Brought back' })).toBeVisible()
  await expect(name).toHaveValue(before)
  await expect(page.getByText('before another was brought back')).toBeVisible()
  await expect(page.getByText('./ikuzo serve --home')).toBeVisible()
})

test('a thermometer that reads too hot is found out in ice and boiling water', async ({ page }) => {
  await page.goto('/kitchen')
  await page.getByLabel('In ice water').fill('1.5')
  await page.getByLabel('In ice water').press('Enter')
  await expect(page.getByLabel('In ice water')).toHaveValue('1.5 °C')
  await page.getByLabel('In boiling water').fill('97')
  await page.getByLabel('In boiling water').press('Enter')
  await expect(page.getByRole('status').filter({ hasText: 'too hot' })).toBeVisible()
  await page.getByRole('button', { name: 'Forget it' }).click()
  await expect(page.getByRole('status').filter({ hasText: 'too hot' })).toHaveCount(0)
})
