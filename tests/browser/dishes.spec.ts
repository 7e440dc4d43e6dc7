import { expect, type Page } from '@playwright/test'
import { readFile } from 'node:fs/promises'
import { test } from './household'

async function open(page: Page, dish: string) {
  await page.getByRole('link', { name: dish }).click()
  await expect(page.getByLabel('Name of the dish')).toHaveValue(dish)
}

test('a dish is changed, solved as it changes, and still there after a reload', async ({ page }) => {
  await page.goto('/dishes')
  await page.getByRole('button', { name: 'New dish' }).click()
  await expect(page.getByLabel('Name of the dish')).toHaveValue('New dish')
  await page.getByLabel('Name of the dish').fill('Cellar supper')
  await page.getByLabel('Add', { exact: true }).fill('270 g wild rice blend')
  await page.getByRole('button', { name: 'Add to the dish' }).click()
  await expect(page.getByRole('heading', { name: 'wild rice blend' })).toBeVisible()
  await page.getByRole('listitem', { name: 'Chicken' }).first().locator('summary').click()
  await page.getByLabel('How it ends').selectOption('fall-apart')
  await page.getByLabel('Add', { exact: true }).fill('320 g penne')
  await page.getByRole('button', { name: 'Add to the dish' }).click()
  await expect(page.getByTestId('stage')).toHaveCount(2)
  await expect(page.getByText('Twice under the lid', { exact: true })).toBeVisible()
  await expect(page.getByTestId('way-best')).toHaveAttribute('aria-pressed', 'true')
  await expect(page.getByTestId('way-one-go')).toContainText('penne too soft')
  await page.getByTestId('way-one-go').click()
  await expect(page.getByTestId('stage')).toHaveCount(1)
  await expect(page.getByTestId('way-one-go')).toHaveAttribute('aria-pressed', 'true')
  await page.reload()
  await expect(page.getByRole('link', { name: 'Cellar supper' })).toBeVisible()
  await expect(page.getByText('Once under the lid', { exact: true })).toBeVisible()
  await expect(page.getByRole('heading', { name: 'penne' })).toBeVisible()
})

test('wine without an amount is asked about once', async ({ page }) => {
  await page.goto('/dishes')
  await open(page, 'Turkey crown with gravy')
  const add = async (line: string) => {
    await page.getByLabel('Add', { exact: true }).fill(line)
    await page.getByRole('button', { name: 'Add to the dish' }).click()
  }
  await add('white wine')
  const question = page.getByRole('group', { name: 'Wine: how much?' })
  await question.getByRole('button', { name: '200 ml' }).click()
  await expect(question).toHaveCount(0)
  await expect(page.getByRole('listitem', { name: 'wine' })).toContainText('200 ml')
  await add('cider')
  await page.getByRole('group', { name: 'Cider: how much?' }).getByRole('button', { name: 'A splash' }).click()
  await expect(page.getByRole('group', { name: /how much/ })).toHaveCount(0)
  await expect(page.getByRole('listitem', { name: 'cider' })).toContainText('under the lid')
})

test('a new dish is open though the list that was asked for before it comes late', async ({ page }) => {
  let late = true
  await page.route(/\/api\/dishes\?/, async (route) => {
    const answer = await route.fetch()
    if (late) await page.waitForTimeout(1500)
    late = false
    await route.fulfill({ response: answer }).catch(() => undefined) // nobody waits for it any more
  })
  await page.goto('/dishes')
  await page.getByRole('button', { name: 'New dish' }).click()
  await expect(page.getByLabel('Name of the dish')).toHaveValue('New dish')
  await page.waitForTimeout(1600)
  await expect(page.getByLabel('Name of the dish')).toHaveValue('New dish')
})

test('what is changed last is kept when another dish is opened at once', async ({ page }) => {
  await page.goto('/dishes')
  await open(page, 'Turkey crown with gravy')
  await page.getByText('Before', { exact: true }).click()
  await page.getByLabel('Seasoned with').fill('salt and lovage')
  await open(page, 'Chicken soup with barley')
  await open(page, 'Turkey crown with gravy')
  await expect(page.getByText(/^salt and lovage/)).toBeVisible() // folded, and said all the same
  await page.reload()
  await page.getByText('Before', { exact: true }).click()
  await expect(page.getByLabel('Seasoned with')).toHaveValue('salt and lovage')
  await expect(page.getByRole('link', { name: 'Chicken soup with barley' })).toHaveCount(1)
})

test('a bird too large for the chosen pot is refused until the lid was tried over it', async ({ page, request }) => {
  const load = { cut: 'turkey-crown', pieces: 1, totalKg: 2 }
  const items = [{ key: 'bird', kind: 'meat', load, aim: 'slice' }]
  const dish = { format: 'ikuzo-dish', version: 1, name: 'Bird for one pot', servings: 4, items }
  const { id } = await (await request.post('/api/dishes', { data: dish })).json()
  await page.goto(`/dishes/${id}`)
  await expect(page.getByTestId('stage')).toHaveCount(1)
  await page.getByText('Before', { exact: true }).click()
  await page.getByLabel('Cooked in').selectOption('Pip')
  await expect(page.getByRole('alert')).toContainText('Never force the lid')
  await page.getByRole('button', { name: 'I tried it: the lid closes' }).click()
  await expect(page.getByTestId('stage')).toHaveCount(1)
})

test('on a phone a dish of eight things shows minutes and button first, and is changed without a form', async ({
  page,
  request,
}) => {
  await page.setViewportSize({ width: 390, height: 844 })
  const line = (text: string, when: string) => ({ key: text, kind: 'line', text, when })
  const beside = (id: string, grams: number) => ({ key: id, kind: 'companion', id, grams })
  const items = [
    { key: 'bird', kind: 'meat', load: { cut: 'chicken-thigh-bone-in', pieces: 5, totalKg: 0.85 }, aim: 'pull' },
    beside('wild-rice-blend', 180),
    beside('onions', 150),
    beside('mushrooms', 200),
    line('2 cloves garlic', 'under'),
    line('100 g bacon', 'under'),
    line('80 g grated parmesan', 'after'),
    line('4 slices of bread', 'aside'),
  ]
  const dish = { format: 'ikuzo-dish', version: 1, name: 'Eight on a phone', servings: 4, items }
  const { id } = await (await request.post('/api/dishes', { data: dish })).json()
  await page.goto(`/dishes/${id}`)
  const bar = (await page.getByRole('navigation', { name: 'Places' }).boundingBox())!
  for (const part of [page.getByLabel('Minutes to set'), page.getByRole('button', { name: 'Cook it now' })]) {
    await expect(part).toBeVisible()
    const box = (await part.boundingBox())!
    expect(box.y + box.height).toBeLessThanOrEqual(bar.y)
  }
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390)
  // Its name, for how many, and what is added: nothing else is a field until it is touched.
  await expect(page.locator('main :is(input:not([type=file]), select, textarea):visible')).toHaveCount(3)
  const rice = page.getByRole('listitem', { name: 'wild rice blend' })
  await rice.locator('summary').click()
  await rice.getByLabel('Or type it anew').fill('1 cup brown rice')
  await page.keyboard.press('Enter')
  await expect(page.getByRole('heading', { name: 'brown rice' })).toBeVisible()
  await expect(page.getByRole('listitem', { name: 'brown rice' })).toContainText('1 cup')
  await expect(page.locator('.items > li')).toHaveCount(8)
})

test('a dish that is begun while it is still being saved is cooked as it was typed', async ({ page }) => {
  await page.route(/\/api\/dishes\/[^/?]+$/, async (route) => {
    if (route.request().method() === 'PUT') await page.waitForTimeout(2500)
    await route.continue().catch(() => undefined) // the page may be gone
  })
  await page.goto('/dishes')
  await page.getByRole('button', { name: 'New dish' }).click()
  const name = page.getByLabel('Name of the dish')
  await expect(name).toHaveValue('New dish')
  await name.fill('Late supper')
  await expect(page.getByRole('link', { name: 'Late supper' })).toBeVisible() // on its way
  await page.getByRole('button', { name: 'Rehearse it' }).first().click()
  await expect(page).toHaveURL(/\/pot\//)
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Late supper')
})

test('a removed dish comes back', async ({ page }) => {
  await page.goto('/dishes')
  await open(page, 'Chicken soup with barley')
  await page.getByRole('button', { name: 'Remove' }).click()
  await expect(page.getByRole('link', { name: 'Chicken soup with barley' })).toHaveCount(0)
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(page.getByRole('link', { name: 'Chicken soup with barley' })).toBeVisible()
})

test('a dish goes out as a recipe and comes in again, saying what it could not map', async ({ page }) => {
  await page.goto('/dishes')
  await open(page, 'Duck legs with beetroot and apples')
  const saving = page.waitForEvent('download')
  await page.getByRole('link', { name: 'Save as a recipe' }).click()
  const recipe = JSON.parse(await readFile((await (await saving).path())!, 'utf8'))
  expect(recipe['@type']).toBe('Recipe')
  recipe.name = 'Borrowed legs'
  recipe.recipeIngredient.push('1 pinch of stardust')
  const buffer = Buffer.from(JSON.stringify(recipe))
  await page.getByLabel('File with a dish').setInputFiles({ name: 'r.jsonld', mimeType: 'application/ld+json', buffer })
  await expect(page.getByRole('link', { name: 'Borrowed legs' })).toBeVisible()
  await expect(page.getByRole('status')).toContainText('stardust')
})

test('a file with a script in it is refused and says why', async ({ page }) => {
  await page.goto('/dishes')
  const buffer = Buffer.from(
    '{"@type":"Recipe","name":"<script>alert(1)</script>","recipeIngredient":["1 kg chicken thighs"]}',
  )
  await page.getByLabel('File with a dish').setInputFiles({ name: 'r.json', mimeType: 'application/json', buffer })
  await expect(page.getByRole('alert')).toContainText('markup')
})

test('a kept dish is lined up for more people, and its eating time moves with the arrow keys', async ({ page }) => {
  await page.goto('/dishes')
  await open(page, 'Chicken breasts, then penne')
  await expect(page.getByTestId('stage')).toHaveCount(2) // what follows moves down as they come
  await page.getByRole('link', { name: 'When must I start?' }).click()
  await page.getByLabel('Day').selectOption('tomorrow')
  await page.getByLabel('Eat at').fill('19:00')
  await expect(page.getByTestId('start-by')).toContainText('eat at 19:00')
  const start = page.getByTestId('start-by').locator('b').first()
  const before = await start.innerText()
  await page.getByRole('slider', { name: 'Eating time' }).focus()
  await page.keyboard.press('ArrowRight')
  await page.keyboard.press('ArrowRight')
  await expect(page.getByTestId('start-by')).toContainText('eat at 19:10')
  await expect(start).not.toHaveText(before)
  await page.getByLabel('Serves').fill('24')
  await page.getByLabel('Serves').press('Enter')
  await expect(page.getByText(/^Open only when the pin is down/)).toHaveCount(6)
  await expect(page.getByRole('alert')).toContainText('more than two hours')
})

test('frozen meat shows three ways, with the computed time and the rule of thumb', async ({ page }) => {
  await page.goto('/')
  await page.getByLabel('What have you got?').fill('2 frozen turkey thighs 1.4 kg')
  await page.keyboard.press('Enter')
  await expect(page.getByRole('button', { name: /^State: frozen singly/ })).toBeVisible()
  await page.goto('/line-up')
  await page.getByLabel('Day').selectOption('in two days')
  await page.getByRole('radio', { name: /Thaw in the fridge/ }).check()
  await expect(page.getByText(/^Thaw/).last()).toBeVisible()
  await expect(page.getByRole('group', { name: 'It is frozen' })).toContainText('rule of thumb')
})
