import { expect, test } from '@playwright/test'

test('the meal is scheduled back from eating time and follows what the cook wants', async ({ page }) => {
  await page.goto('/line-up')
  const start = page.getByTestId('start-by').locator('b').first()
  await page.getByLabel('Day').selectOption('tomorrow')
  await page.getByLabel('Eat at').fill('19:00')
  await expect(page.getByTestId('start-by')).toContainText('eat at 19:00')
  const plain = await start.innerText()
  await page.getByLabel('Brown first').check()
  await expect(page.getByText(/^Brown in/)).toBeVisible()
  expect((await start.innerText()) < plain).toBe(true)
  await page.getByLabel('Marinade, hours').fill('3')
  await expect(page.getByText(/^Marinade in the fridge/)).toBeVisible()
  const saved = page.waitForEvent('download')
  await page.getByRole('button', { name: 'To my calendar' }).click()
  expect((await saved).suggestedFilename()).toBe('dinner.ics')
})

test('a dinner that cannot be ready in time is said to be late', async ({ page }) => {
  await page.goto('/line-up')
  await page.getByLabel('Day').selectOption('today')
  await page.getByLabel('Eat at').fill('00:01')
  await expect(page.getByRole('alert')).toContainText('too late')
})
