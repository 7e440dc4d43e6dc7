import { expect } from '@playwright/test'
import { test } from './household'

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

test('what was typed on the Counter is in the line-up, and on a phone every place is at hand', async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 844 })
  await page.goto('/')
  await page.getByLabel('What have you got?').fill('8 thighs marinated 4 hours, browned, crisp 7 min')
  await page.keyboard.press('Enter')
  await expect(page.locator('.ask')).toHaveAttribute('aria-busy', 'false')
  await page.getByRole('link', { name: 'Line-up' }).click()
  await expect(page.getByLabel('Marinade, hours')).toHaveValue('4')
  await expect(page.getByLabel('Crisp after, minutes')).toHaveValue('7')
  await expect(page.getByLabel('Brown first')).toBeChecked()
  await page.getByRole('button', { name: 'More' }).click()
  await page.getByRole('link', { name: 'Trust' }).click()
  await expect(page).toHaveURL(/\/trust/)
  await expect(page.getByRole('link', { name: 'Kitchen' })).toBeHidden()
})

test('a dinner that cannot be ready in time is said to be late', async ({ page }) => {
  await page.goto('/line-up')
  await page.getByLabel('Day').selectOption('today')
  await page.getByLabel('Eat at').fill('00:01')
  await expect(page.getByRole('alert')).toContainText('too late')
})
