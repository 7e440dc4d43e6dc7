import { expect, type Page } from '@playwright/test'
import { test } from './household'
import { measureIn } from './sight'

test.use({ own: 'number' })
test.setTimeout(120_000)

// As it is typed, and as a dish has it.
const loads = {
  '6 thighs 1.2 kg': { cut: 'chicken-thigh-bone-in', pieces: 6, totalKg: 1.2 },
  'whole chicken 1.7 kg': { cut: 'chicken-whole', pieces: 1, totalKg: 1.7 },
  '4 frozen breasts 0.9 kg': { cut: 'chicken-breast-boneless', pieces: 4, totalKg: 0.9, state: 'frozen' },
}
const minutes = (page: Page) => page.getByTestId('minutes')
const settled = async (page: Page) => {
  await expect(page.locator('.ask')).toHaveAttribute('aria-busy', 'false')
  await expect(page.locator('.bench')).toHaveAttribute('aria-busy', 'false')
  await expect(page.locator('.stale')).toHaveCount(0)
  await expect(minutes(page)).toHaveText(/^\d+$/)
}
const number = (said: string | null) => Number(/\d+/.exec(said ?? '')?.[0])

for (const units of ['metric', 'us'])
  for (const [load, inDish] of Object.entries(loads))
    test(`${load} in ${units}: one number in every place, by either promise`, async ({ page, request }) => {
      await measureIn(request, units)
      await page.goto('/')
      await page.getByLabel('What have you got?').fill(load)
      await page.keyboard.press('Enter')
      const seen: Record<string, number> = {}
      for (const promise of ['measured', 'sure']) {
        await settled(page)
        const other = page.getByTestId('other-promise')
        if (/^Sure/.test(await page.getByTestId('verdict').innerText()) !== (promise === 'sure')) await other.click()
        await settled(page)
        const large = number(await minutes(page).textContent())
        seen[promise] = large
        // What stands beside it is what comes when it is touched, and the other way round.
        const beside = number(await other.textContent())
        await other.click()
        await expect(minutes(page)).toHaveText(String(beside))
        await settled(page)
        expect(number(await other.textContent())).toBe(large)
        await other.click()
        await expect(minutes(page)).toHaveText(String(large))

        const loss = number(await page.locator('.facts dd').nth(1).textContent())
        expect(loss).toBeGreaterThan(0)
        const done = page.getByRole('button', { name: 'Done', exact: true })
        if (promise === 'measured' && (await done.count()) > 0) await done.first().click()
        await settled(page)

        // As a dish.
        const items = [{ key: 'meat', kind: 'meat', load: inDish }]
        const document = { format: 'ikuzo-dish', version: 1, name: `${load} ${promise}`, servings: 4, promise, items }
        const dish = await (await request.post('/api/dishes', { data: document })).json()
        const dishPage = await page.context().newPage()
        await dishPage.goto(`/dishes/${dish.id}`)
        await expect(dishPage.getByLabel('Minutes to set')).toHaveText(new RegExp(`^\\s*${large}\\s*min`))
        await expect(dishPage.getByRole('button', { name: /^(Be sure|Measure, and)/ })).toHaveText(
          promise === 'sure' ? 'Measure, and cook it shorter' : 'Be sure without measuring',
        )
        await dishPage.close()

        // On the Line-up, at the pot, in the Book.
        await page.getByRole('link', { name: 'Line-up' }).click()
        await expect(page.locator('main')).toContainText(new RegExp(`\\b${large} min\\b`))
        await page.getByRole('link', { name: 'Counter' }).click()
        await settled(page)
        await page.getByRole('button', { name: 'Cook this' }).click()
        await expect(page.getByTestId('say')).toContainText(`set ${large} min at high pressure`)
        const id = new URL(page.url()).pathname.split('/').at(-1)!
        const cook = await (await request.get(`/api/cooks/${id}`)).json()
        expect(cook.plan.minutes).toBe(large)
        for (const kind of ['lid-on', 'pressure-reached', 'abandoned'])
          await request.post(`/api/cooks/${id}/events`, { data: { clientId: kind, kind } })
        await page.goto(`/book/${id}`)
        await expect(
          page
            .getByRole('row', { name: /pressure/ })
            .getByText(`${large} min`)
            .first(),
        ).toBeVisible()
        await page.goto('/')
        await settled(page)
        await expect(minutes(page)).toHaveText(String(large))
      }
      expect(seen.sure).toBeGreaterThanOrEqual(seen.measured!)
      await measureIn(request, 'metric')
    })
