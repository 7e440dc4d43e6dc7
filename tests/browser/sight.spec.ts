import { expect, type Page } from '@playwright/test'
import { test } from './household'
import { inSight, looks, measureIn } from './sight'

test.use({ own: 'sight' })

// One of each kind: with things beside, with stops, with a reminder, with what cannot be done.
const loads = [
  '6 frozen thighs 3 lb',
  'whole chicken 1.8 kg',
  'whole chicken 3.6 kg frozen',
  '12 frozen drumsticks 1.4 kg',
  'turkey crown 2.5 kg',
  'turkey breast bone in 2.2 kg',
  'duck legs x4 1 kg',
  '8 wings 800 g',
  '6 frozen thighs in a lump 1.2 kg',
  '4 thighs to fall apart',
  '4 breasts 900 g with 280 g rice, 300 g carrots and onions',
  '500 g chicken dice with 300 g potatoes, 200 g peas, 1 cup milk',
  '20 drumsticks with 500 g pasta',
  '2 kg whole duck with 400 g potatoes, 300 g carrots, 200 g turnips',
]
const answer = (page: Page) => ({
  minutes: page.getByTestId('minutes'),
  release: page.getByTestId('release'),
  promise: page.getByTestId('verdict'),
  clock: page.getByRole('list', { name: 'On the clock' }),
  button: page.getByRole('button', { name: /^Cook this/ }),
})

for (const units of ['metric', 'us'])
  test.describe(`measured in ${units}`, () => {
    test.setTimeout(240_000)
    test.beforeEach(({ request }) => measureIn(request, units))
    test.afterEach(({ request }) => measureIn(request, 'metric'))

    test('on the Counter the whole answer and the button stand on the first screen, for every load', async ({
      page,
    }) => {
      await page.goto('/')
      for (const load of loads) {
        await page.setViewportSize({ width: 1280, height: 800 })
        await page.getByLabel('What have you got?').fill(load)
        await page.keyboard.press('Enter')
        await expect(page.locator('.ask')).toHaveAttribute('aria-busy', 'false')
        await expect(page.locator('.stale')).toHaveCount(0)
        await expect(page.locator('.bench')).toHaveAttribute('aria-busy', 'false')
        await inSight(page, load, answer(page))
      }
    })

    test('in each dish its minutes and the button stand on the first screen', async ({ page, request }) => {
      for (const { id, document } of await (await request.get('/api/dishes')).json()) {
        await page.goto(`/dishes/${id}`)
        const parts = {
          minutes: page.getByLabel('Minutes to set'),
          button: page.getByRole('button', { name: /^Cook .*now$/ }).first(),
        }
        await expect(parts.button).toBeVisible()
        await expect(parts.minutes).toBeVisible()
        await inSight(page, document.name, parts)
      }
    })

    test('on the Line-up stands when to begin', async ({ page, request }) => {
      const [dish] = await (await request.get('/api/dishes')).json()
      await page.goto(`/line-up?dish=${dish.id}`)
      const parts = { begin: page.getByTestId('start-by') }
      await expect(parts.begin).toBeVisible()
      await inSight(page, 'Line-up', parts)
    })
  })

test('at the pot nothing of a step is under the button, and what else there is folds away', async ({
  page,
  request,
}) => {
  const dishes = (await (await request.get('/api/dishes')).json()) as { id: string; document: { name: string } }[]
  for (const { id: dishId, document: dish } of dishes) {
    const confirmed: string[] = []
    let begun = await request.post('/api/cooks', { data: { dishId, confirmed } })
    while (begun.status() === 409) {
      const { toConfirm } = (await begun.json()) as { toConfirm: { code: string }[] }
      confirmed.push(...toConfirm.map((c) => c.code))
      begun = await request.post('/api/cooks', { data: { dishId, confirmed } })
    }
    expect(begun.ok(), `${dish.name}: ${await begun.text()}`).toBe(true)
    const { id } = await begun.json()
    await page.goto(`/pot/${id}`)
    await expect(page.getByTestId('step')).toBeVisible()
    for (const { width, height, percent } of looks) {
      await page.setViewportSize({ width, height })
      await page.evaluate((p) => (document.documentElement.style.fontSize = `${p}%`), percent)
      const step = (await page.locator('.step').boundingBox())!
      const button = (await page.getByTestId('next').boundingBox())!
      const name = `${dish.name}, ${width} by ${height}, ${percent} %`
      expect(step.y + step.height, name).toBeLessThanOrEqual(button.y)
      expect(await page.evaluate(() => document.documentElement.scrollWidth - innerWidth), name).toBe(0)
    }
    await request.post(`/api/cooks/${id}/events`, { data: { clientId: `end-${id}`, kind: 'abandoned' } })
  }
})
