import { expect, type Page } from '@playwright/test'
import { test } from './household'

const minutes = (page: Page) => page.getByTestId('minutes')
const phrase = (page: Page, name: string) => page.getByRole('button', { name: new RegExp(`^${name}:`) })

async function ask(page: Page, text: string) {
  await page.getByLabel('What have you got?').fill(text)
  await page.keyboard.press('Enter')
}

/** Minutes once the answer to the present question is there. */
async function settled(page: Page): Promise<number> {
  await expect(page.getByText('Working it out')).toHaveCount(0)
  await expect(page.locator('[aria-busy=true]')).toHaveCount(0)
  await expect(page.locator('.stale')).toHaveCount(0) // an answer to another question is hidden and says nothing
  await expect(minutes(page)).toBeVisible()
  return Number(await minutes(page).textContent())
}

test.beforeEach(async ({ page }) => {
  await page.goto('/')
  await settled(page)
})

test('a cook who types gets minutes, release and clock, and hears which word was not understood', async ({ page }) => {
  await ask(page, '6 frozen thighs 1.3 kg blorf')
  await expect(page.getByText('Not understood: “blorf”.')).toBeVisible()
  await expect(phrase(page, 'State')).toHaveText('frozen singly')
  expect(await settled(page)).toBeGreaterThan(10)
  await expect(page.getByTestId('release')).not.toBeEmpty()
  await expect(page.getByRole('list', { name: 'On the clock' }).getByRole('listitem')).toHaveCount(5)
  await expect(page.getByTestId('verdict')).toContainText(/ready in \d+ of (20|100) cooks/)
})

test('frozen takes longer than thawed, chosen in the sentence', async ({ page }) => {
  const thawed = await settled(page)
  await phrase(page, 'State').click()
  await page.getByRole('button', { name: 'frozen singly' }).click()
  await expect(phrase(page, 'State')).toHaveText('frozen singly')
  expect(await settled(page)).toBeGreaterThan(thawed)
})

test('a cook who chooses another bird, weight and aim gets another answer', async ({ page }) => {
  await phrase(page, 'Cut').click()
  await page.getByRole('button', { name: 'duck', exact: true }).click()
  await page.getByRole('button', { name: 'leg', exact: true }).click()
  await phrase(page, 'Weight of all').click()
  await page.getByRole('textbox', { name: 'Weight of all' }).fill('2 lb 4 oz')
  await page.keyboard.press('Enter')
  await expect(phrase(page, 'Weight of all')).toHaveText('1.02 kg')
  await phrase(page, 'How it should end').click()
  await page
    .getByRole('group')
    .getByRole('button', { name: /to fall from the bone/ })
    .click()
  expect(await settled(page)).toBeGreaterThan(10)
  await expect(page.getByText('falls from the bone', { exact: true })).toBeVisible()
})

test('dragging the end of the hold shows numbers all the way and says when it is too short', async ({ page }) => {
  const before = await settled(page)
  const grip = page.getByTestId('hold-handle').locator('.handle-grip')
  const box = (await grip.boundingBox())!
  await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2)
  await page.mouse.down()
  await page.mouse.move(box.x - 90, box.y + 20, { steps: 8 })
  await expect(page.getByTestId('verdict')).toContainText('Too short')
  await page.mouse.up()
  expect(await settled(page)).toBeLessThan(before)
  await expect(page.locator('[data-code="too-short"]')).toContainText('Stop')
  await page.getByRole('button', { name: /Back to Ikuzo/ }).click()
  await expect(minutes(page)).toHaveText(String(before))
})

test('a plan is kept, reopened, removed and brought back', async ({ page }) => {
  await ask(page, '3 turkey drumsticks 1.2 kg')
  const answer = await settled(page)
  await page.getByRole('button', { name: 'Keep this plan' }).click()
  await page.getByLabel('Name of the plan').fill('Drums for Friday')
  await page.getByRole('button', { name: 'Keep', exact: true }).click()
  const card = page.getByRole('button', { name: /^Drums for Friday/ })
  await expect(card).toBeVisible()
  await ask(page, '4 chicken breasts 900 g')
  await settled(page)
  await page.reload()
  await expect(phrase(page, 'Cut')).toHaveText('chicken breasts, no bone')
  await card.click()
  await expect(phrase(page, 'Cut')).toHaveText('turkey drumsticks')
  expect(await settled(page)).toBe(answer)
  await page.getByRole('button', { name: 'Remove Drums for Friday' }).click()
  await expect(card).toHaveCount(0)
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(card).toBeVisible()
})

test('units switch everywhere at once', async ({ page }) => {
  await page.getByRole('button', { name: /^Units/ }).click()
  await expect(phrase(page, 'Weight of all')).toContainText('lb')
  await settled(page)
  await expect(page.locator('.why')).toContainText('°F')
  await expect(page.locator('.why')).not.toContainText('°C')
  await page.getByRole('button', { name: /^Units/ }).click()
  await expect(phrase(page, 'Weight of all')).toContainText('kg')
  const kept = async () => (await (await page.request.get('/api/kitchen')).json()).settings.units
  await expect.poll(kept).toBe('metric')
})

test('stops stand above everything until they are seen to', async ({ page }) => {
  await ask(page, 'whole chicken 1.8 kg')
  await settled(page)
  const giblets = page.locator('.warning[data-code="giblets"]')
  await expect(giblets).toContainText('Stop')
  await giblets.getByRole('button', { name: 'Done' }).click()
  await expect(giblets).toHaveCount(0)
  await ask(page, 'whole turkey 6 kg')
  await expect(minutes(page)).toHaveText('No safe minutes')
  await expect(page.locator('.warning[data-code="over-capacity"]')).toContainText('bigger pot')
})

test('everything is reached with the keyboard alone', async ({ page }) => {
  await page.keyboard.press('/')
  await page.keyboard.type('5 duck legs 1.2 kg')
  await page.keyboard.press('Enter')
  await expect(phrase(page, 'Cut')).toHaveText('duck legs')
  const before = await settled(page)
  const handle = page.getByRole('slider', { name: 'Minutes under pressure' })
  await handle.focus()
  await page.keyboard.press('ArrowRight')
  await page.keyboard.press('ArrowRight')
  await expect(handle).toHaveAttribute('aria-valuenow', String(before + 2))
  await page.keyboard.press('r')
  await expect(handle).toHaveAttribute('aria-valuenow', String(before))
  await phrase(page, 'How it should end').focus()
  await page.keyboard.press('Enter')
  await expect(page.getByRole('button', { name: /^tender/ })).toBeVisible()
  await page.keyboard.press('Escape')
  await page.keyboard.press('?')
  await expect(page.getByRole('heading', { name: 'Keys' })).toBeVisible()
})

// A phone of today, and a small one held upright: whatever is asked or warned, the answer needs no scrolling.
for (const [width, height] of [
  [390, 844],
  [360, 640],
] as const)
  test(`on a phone of ${width} by ${height} the whole answer stands on the first screen`, async ({ page }) => {
    await page.setViewportSize({ width, height })
    for (const text of [
      '6 frozen thighs 3 lb',
      'whole chicken 1.8 kg',
      '12 frozen drumsticks 1.4 kg',
      'turkey crown 2.5 kg',
      '4 breasts 900 g with 280 g rice, 300 g carrots and onions',
    ]) {
      await ask(page, text)
      await settled(page)
      expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(width)
      const bar = (await page.getByRole('navigation', { name: 'Places' }).boundingBox())!
      for (const part of [
        minutes(page),
        page.getByTestId('release'),
        page.getByTestId('verdict'),
        page.getByRole('list', { name: 'On the clock' }),
        page.getByRole('button', { name: /^Cook this/ }),
      ]) {
        const box = (await part.boundingBox())!
        expect(box.y, text).toBeGreaterThanOrEqual(0)
        expect(box.y + box.height, `${text}: ${await part.textContent()}`).toBeLessThanOrEqual(bar.y)
      }
    }
    await expect(phrase(page, 'State')).toHaveCount(0)
    await page.getByRole('button', { name: /Change it$/ }).click()
    await phrase(page, 'State').click()
    await page.getByRole('button', { name: 'frozen singly' }).click()
    await expect(page.getByRole('button', { name: /frozen singly.*Change it$/ })).toBeVisible()
  })

test('what goes in with the lid off is not lost on the Counter, and as a dish it has its minutes', async ({ page }) => {
  await ask(page, '6 thighs 1.1 kg, wild rice 270 g, peas 150 g')
  await settled(page)
  await expect(page.getByTestId('at-the-end')).toContainText('Not under the lid: 150 g peas.')
  await page.getByTestId('as-dish').click()
  await expect(page.getByTestId('stage')).toHaveCount(1)
  await expect(page.locator('aside.answer')).toContainText(/In the open pot at the end: .*peas, \d min/)
})

test('something beside the bird is added, weighed and taken out again', async ({ page }) => {
  await phrase(page, 'Beside it').click()
  await page.getByRole('combobox', { name: 'Add something' }).fill('pearl')
  await page.getByRole('option', { name: 'Pearl barley' }).click()
  await expect(phrase(page, 'Beside it')).toHaveText('250 g pearl barley')
  await page.getByRole('textbox', { name: 'pearl barley' }).fill('300 g')
  await page.keyboard.press('Enter')
  await expect(phrase(page, 'Beside it')).toHaveText('300 g pearl barley')
  await settled(page)
  await expect(page.getByTestId('release')).toHaveText(/pin drops|short bursts|10 min, then vent/)
  await page.getByRole('button', { name: 'Take pearl barley out' }).click()
  await expect(phrase(page, 'Beside it')).toHaveText('nothing else')
})

test('measuring the thickness gives a shorter answer, and a wrong entry says how to write it', async ({ page }) => {
  await ask(page, 'turkey breast 1.2 kg')
  const weighed = await settled(page)
  await phrase(page, 'Thickness').click()
  const field = page.getByRole('textbox', { name: 'At the thickest point' })
  await field.fill('fat')
  await page.keyboard.press('Enter')
  await expect(page.getByText('Type a number with its unit')).toBeVisible()
  await field.fill('6 cm')
  await page.keyboard.press('Enter')
  await expect(phrase(page, 'Thickness')).toHaveText('60 mm thick')
  expect(await settled(page)).toBeLessThan(weighed)
})

test('the table under the picture says the same in words and numbers', async ({ page }) => {
  await page.getByText('Show as a table').click()
  const rows = page.getByRole('table', { name: 'Temperatures every five minutes' }).getByRole('row')
  await expect.poll(() => rows.count()).toBeGreaterThan(6)
  await expect(rows.nth(1)).toContainText('21 °C')
})

test('another pot of the household gives another answer', async ({ page }) => {
  await settled(page)
  await phrase(page, 'Pot').click()
  await page.getByRole('button', { name: /^Pip/ }).click()
  await expect(phrase(page, 'Pot')).toHaveText('Pip, 3 litres')
  await settled(page)
  await page.reload()
  await expect(phrase(page, 'Pot')).toHaveText('Pip, 3 litres')
})

test('the light of the room is remembered', async ({ page }) => {
  await page.emulateMedia({ colorScheme: 'light' })
  await page.keyboard.press('d')
  await expect(page.locator('.v-theme--charcoal').first()).toBeVisible()
  await page.reload()
  await expect(page.locator('.v-theme--charcoal').first()).toBeVisible()
})

test('what other cooks would say is judged, and can be tried and left again', async ({ page }) => {
  await ask(page, '4 frozen chicken breasts 900 g')
  const own = await settled(page)
  const same = page.locator('[data-school="same-minutes"]')
  await expect(same).toContainText('Too short')
  await same.click()
  await expect(page.getByTestId('verdict')).toContainText('Too short')
  await page.getByRole('button', { name: /Back to Ikuzo/ }).click()
  await expect(minutes(page)).toHaveText(String(own))
})

test('the release can be dragged and chosen, and says what each way costs', async ({ page }) => {
  const ways = page.getByRole('table', { name: 'Ways to let the pressure go' })
  await expect(ways.getByRole('row')).toHaveCount(4)
  await ways.getByRole('button', { name: 'Vent at once' }).click()
  await settled(page)
  await expect(page.getByTestId('release')).toHaveText('Vent at once')
  const handle = page.getByTestId('release-handle')
  await handle.focus()
  await page.keyboard.press('ArrowRight')
  await page.keyboard.press('ArrowRight')
  await settled(page)
  await expect(page.getByTestId('release')).toHaveText('Leave it 2 min, then vent')
  await page.keyboard.press('End')
  await settled(page)
  await expect(page.getByTestId('release')).toHaveText('Leave it until the pin drops')
})

test('what was typed stands under the field with what it became; what must not be cooked is no plan', async ({
  page,
}) => {
  await ask(page, '8 drumsticks and potatoes cut in chunks, 12 min vent, eat at 23:59')
  const typed = page.getByTestId('typed')
  await expect(typed.locator('ruby', { hasText: 'potatoes' }).locator('rt')).toHaveText('potato')
  await expect(page.getByTestId('eaten')).toContainText('23:59')
  expect(await settled(page)).toBe(12)
  await ask(page, '5 chicken legs left out of the fridge for 4 hours')
  await expect(page.getByTestId('ask-stop')).toContainText('thrown away')
  await expect(phrase(page, 'Cut')).toContainText('drumsticks') // what stands below is of before
  await expect(page.getByRole('button', { name: 'Cook this' })).toBeDisabled()
})

test('a reading leads to Check, an event to the pot, with why', async ({ page }) => {
  await ask(page, 'is 71 inside ok')
  await expect(page).toHaveURL(/\/check\?reads=71/)
  await expect(page.getByTestId('went')).toContainText('thermometer')
  await page.getByRole('link', { name: 'Counter' }).first().click()
  await ask(page, 'it says burn')
  await expect(page).toHaveURL(/\/pot/)
  await expect(page.getByTestId('went')).toContainText('switch off', { ignoreCase: true })
  await page.getByRole('button', { name: 'Seen' }).click()
  await expect(page.getByTestId('went')).toHaveCount(0)
})

test('what is not computed is refused, and the answer below is said to be of before', async ({ page }) => {
  await ask(page, 'boned and rolled chicken 1.3 kg')
  await expect(page.getByTestId('refused')).toContainText('as thick as a boneless turkey breast')
  await expect(page.getByText('No answer to that')).toBeVisible()
  const begin = page.getByRole('button', { name: 'Cook this' })
  await expect(begin).toBeDisabled()
  await page.getByLabel('What have you got?').fill('')
  await expect(page.getByTestId('refused')).toHaveCount(0)
  await expect(begin).toBeEnabled()
})

test('before the code of the page is there, places are shown and a question is taken', async ({ page }) => {
  let send = () => {}
  const held = new Promise<void>((done) => (send = done))
  await page.route('**/assets/*.js', async (route) => {
    await held
    await route.continue()
  })
  await page.goto('/dinner', { waitUntil: 'commit' })
  await expect(page.locator('#early')).toBeHidden() // who eats has no places
  await page.goto('/kitchen', { waitUntil: 'commit' })
  await expect(page.locator('#early .here')).toHaveText('Kitchen')
  const field = page.getByLabel('What have you got?')
  await expect(field).toBeHidden()
  await page.getByRole('link', { name: 'Counter' }).click()
  await field.pressSequentially('5 frozen drumsticks')
  await field.press('Enter')
  await field.pressSequentially(' 700 g')
  send()
  await expect(page.locator('#early')).toHaveCount(0)
  await expect(phrase(page, 'State')).toHaveText('frozen singly')
  expect(await settled(page)).toBeGreaterThan(8)
  await expect(field).toHaveValue('5 frozen drumsticks 700 g')
  await expect(field).toBeFocused()
  await expect(phrase(page, 'Weight of all')).toHaveText('700 g')
})
