import { expect } from '@playwright/test'
import { test } from './household'

test('a reader picks a shape and sees how close the solver is to the textbook', async ({ page }) => {
  await page.goto('/trust')
  const difference = page.getByTestId('difference').locator('b')
  const percent = async () => parseFloat(await difference.innerText())
  await expect(difference).toBeVisible()
  expect(await percent()).toBeLessThan(0.2)
  const slab = page.waitForResponse((r) => r.url().endsWith('/api/engine/course'))
  await page.getByRole('slider', { name: 'Shape dimensionality E' }).fill('1')
  await slab
  await expect(page.getByText('a slab')).toBeVisible()
  expect(await percent()).toBeLessThan(0.2)
})

test('the heat of the cook on the Counter is added up, and every figure says who says so', async ({ page }) => {
  await page.goto('/trust')
  expect(parseFloat(await page.getByTestId('residual').innerText())).toBeLessThan(0.5)
  const widest = page.getByTestId('width').getByRole('listitem').first()
  await expect(widest).toContainText('How thick')
  await page.getByRole('button', { name: /published/ }).click()
  await expect(page.getByText('Choi and Okos (1986)')).toBeVisible()
  await expect(page.getByText('half an hour for leg meat')).toHaveCount(0)
})
