import { expect, type APIRequestContext, type Page } from '@playwright/test'
import { journeys, type Journey } from './journeys'
import { test } from './household'

test.describe.configure({ mode: 'parallel' })

// The same in another order, with chopped vegetables beside it.
const again = (journey: Journey): Journey => ({
  ...journey,
  name: `${journey.name}, again`,
  lines: [...journey.lines.slice(1).reverse(), journey.lines[0]!, '1 onion, chopped'],
})

// One each way in the tests, all of them both ways in the soak.
const chosen =
  process.env.IKUZO_JOURNEYS === 'all' ? [...journeys, ...journeys.map(again)] : [journeys[0]!, again(journeys[1]!)]

for (const journey of chosen)
  test(`from typing to the record: ${journey.name}`, async ({ page, request }) => {
    test.setTimeout(240_000)
    await type(page, journey)
    const id = await begin(page)
    const said = await cook(page, request, id)
    for (const words of journey.says ?? []) expect(said).toContain(words)
    const record = await (await request.get(`/api/cooks/${id}/journal`)).json()
    expect(record.cook).toMatchObject({ name: journey.name, phase: 'done', verdict: 'done', simulated: true })
    expect(record.cook.events.some((e: { kind: string }) => e.kind === 'reading')).toBe(true)
  })

async function type(page: Page, journey: Journey) {
  await page.goto('/dishes')
  await page.getByRole('button', { name: 'New dish' }).click()
  const name = page.getByLabel('Name of the dish')
  await expect(name).toHaveValue('New dish')
  await name.fill(journey.name)
  for (const [i, line] of journey.lines.entries()) {
    await page.getByLabel('Add', { exact: true }).fill(line)
    await page.keyboard.press('Enter')
    await expect(page.locator('.items > li')).toHaveCount(i + 2)
  }
  await page
    .getByRole('button', { name: /^Take .* out$/ })
    .first()
    .click()
  for (const part of ['Before', 'Aside, while the pot works', 'After'])
    await page.getByText(part, { exact: true }).click()
  for (const label of journey.ticks ?? []) await page.getByLabel(label).check()
  for (const [label, value] of Object.entries(journey.fields ?? {}))
    await page.getByLabel(label, { exact: true }).fill(value)
  if (journey.pot) await page.getByLabel('Cooked in').selectOption({ label: journey.pot })
  const triedLid = page.getByRole('button', { name: 'I tried it: the lid closes' })
  if (journey.triesLid) await triedLid.click()
  await expect(page.getByTestId('stage').first()).toBeVisible({ timeout: 10_000 })
  if (journey.first) {
    await page.getByRole('button', { name: `Move ${journey.first}` }).click()
    const alone = page.getByRole('button', { name: 'Alone, first' })
    if (await alone.isVisible()) await alone.click()
    await expect(page.getByTestId('stage').first()).toContainText(journey.first)
  }
  await expect(page.getByText('No arrangement works.')).toBeHidden()
  if (journey.goes) await expect(page.getByTestId('stage')).toHaveCount(journey.goes)
}

async function begin(page: Page) {
  await page.getByRole('button', { name: 'Rehearse it' }).first().click()
  const first = page.getByRole('alert').filter({ hasText: 'First.' })
  await expect(async () => {
    if (await first.isVisible()) await first.getByRole('button').first().click()
    await expect(page).toHaveURL(/\/pot\//, { timeout: 500 })
  }).toPass({ timeout: 15_000 })
  const id = page.url().split('/').at(-1)!
  await page.getByRole('button', { name: '120×' }).click()
  return id
}

/** Does what the pot asks until it is served; returns everything that it said. */
async function cook(page: Page, request: APIRequestContext, id: string) {
  const said: string[] = []
  for (;;) {
    const state = await (await request.get(`/api/cooks/${id}`)).json()
    if (state.phase === 'done') return said.join('\n')
    const next = state.next[0]
    for (const n of state.next) said.push(n.title ?? '', n.text, ...(n.lines ?? []))
    if (next.waits && next.kind === 'reading') await page.waitForTimeout(100)
    else if (next.kind === 'reading' || (state.phase === 'open' && state.verdict === 'short'))
      await measure(page, request, id)
    else if (isOfThePot(state)) await page.waitForTimeout(100)
    else {
      await expect(page.getByTestId('say')).toHaveText(next.text)
      await page.keyboard.press('Space')
      await expect(async () => {
        const after = await (await request.get(`/api/cooks/${id}`)).json()
        expect(byHand(after)).toBeGreaterThan(byHand(state))
      }).toPass()
    }
  }
}

// How fast the clock runs is said in the journal too, whenever that arrives.
const byHand = (cook: { events: { kind: string }[] }) => cook.events.filter((e) => e.kind !== 'simulated').length

const isOfThePot = (state: { phase: string; next: { kind: string }[] }) =>
  ['coming-up', 'holding', 'venting', 'rescuing'].includes(state.phase) ||
  (state.phase === 'resting' && state.next[0]!.kind !== 'vented')

// The simulated probe, spot by spot; what reads short is left covered or goes back under pressure, as is said.
async function measure(page: Page, request: APIRequestContext, id: string) {
  const state = async () => await (await request.get(`/api/cooks/${id}`)).json()
  const readings = (cook: { events: { kind: string }[] }) => cook.events.filter((e) => e.kind === 'reading').length
  await page.goto(`/check/${id}`)
  const spots = page.locator('fieldset label')
  await expect(spots.first()).toBeVisible()
  for (let i = 0; i < 6; i++) {
    const before = readings(await state())
    await spots.nth(i % (await spots.count())).click()
    await page.getByRole('button', { name: /^Take it from the probe/ }).click()
    await expect.poll(async () => readings(await state())).toBe(before + 1)
    const { verdict } = await state()
    if (verdict === 'short') {
      await page.getByTestId('rescue').or(page.getByTestId('cover')).first().click()
      await expect(page).toHaveURL(/\/pot\//)
      return
    }
    if (verdict === 'done') {
      await expect(page.getByTestId('check-verdict')).toContainText('Done')
      break
    }
  }
  await page.goto(`/pot/${id}`)
  await expect(page.getByTestId('step')).toBeVisible()
}
