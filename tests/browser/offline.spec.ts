import { expect, type Page } from '@playwright/test'
import { test } from './household'

// A phone with the page installed: it is served by what it has with it.
test.use({ viewport: { width: 390, height: 844 }, serviceWorkers: 'allow' })

/** Until what was heard of the server stands on the disk: it is written once a second. */
const isKept = (page: Page, text: string) =>
  expect
    .poll(() =>
      page.evaluate(
        () =>
          new Promise<string>((resolve) => {
            const opening = indexedDB.open('keyval-store')
            opening.onsuccess = () => {
              const asked = opening.result.transaction('keyval').objectStore('keyval').get('ikuzo.kept')
              asked.onsuccess = () => resolve(String(asked.result))
            }
          }),
      ),
    )
    .toContain(text)
/** Until the page is served by what it has with it. */
async function isInstalled(page: Page) {
  await page.goto('/')
  await page.evaluate(() => navigator.serviceWorker.ready)
}
/** What is kept in the browser under such a name. */
const kept = (page: Page, name: string) =>
  page.evaluate(
    (start) =>
      Object.entries(localStorage)
        .filter(([key]) => key.startsWith(start))
        .map(([, text]) => text),
    name,
  )
const waits = (page: Page, text: string) =>
  expect.poll(async () => (await kept(page, 'ikuzo.outbox')).join()).toContain(text)

test('a phone that goes offline is reloaded, walks the cook to its end, and comes back with one journal', async ({
  page,
  context,
  request,
}) => {
  const plan = { load: { cut: 'chicken-tender', pieces: 6, totalKg: 0.3 }, minutes: 0, release: { kind: 'vent' } }
  const begun = await request.post('/api/cooks', { data: { plan, name: 'Behind the barn' } })
  const { id } = await begun.json()
  await isInstalled(page)
  await page.goto(`/pot/${id}`)
  const step = page.getByTestId('step')
  await expect(step).toHaveText('Lid on')
  await page.keyboard.press('Space')
  await expect(step).toHaveText('Coming up')
  await isKept(page, '"phase":"coming-up","since"')

  await context.setOffline(true)
  const offlineAt = Date.now()
  await page.reload()
  await expect(step).toHaveText('Coming up')
  for (const then of ['Vent now', 'Venting', 'Open it', 'Measure it']) {
    await page.keyboard.press('Space')
    await expect(step).toHaveText(then)
    if (then !== 'Venting') continue
    await page.reload() // in the middle of it
    await expect(step).toHaveText(then)
  }
  await page.keyboard.press('Space')
  await page.getByRole('button', { name: 'I have no thermometer' }).click()
  await page.getByRole('button', { name: 'Go on without measuring' }).click()
  await expect(async () => {
    await page.keyboard.press('Space')
    await expect(step).toHaveText('Served', { timeout: 500 })
  }).toPass()
  await expect(page.getByText('It was not measured; the record says so.')).toBeVisible()

  await page.goto('/book')
  await expect(page.getByRole('heading', { name: 'Book' })).toBeVisible()
  const backAt = Date.now()
  await context.setOffline(false)
  await page.goto(`/pot/${id}`)
  await expect(page.getByText(/kept here until/)).toBeHidden({ timeout: 45_000 })
  await expect(page.getByRole('alert')).toHaveCount(0) // nothing was refused
  await expect.poll(async () => (await (await request.get(`/api/cooks/${id}`)).json()).phase).toBe('done')
  const { events } = await (await request.get(`/api/cooks/${id}`)).json()
  const kinds = events.map((e: { kind: string }) => e.kind)
  expect(kinds.slice(0, 5)).toEqual(['lid-on', 'pressure-reached', 'vented', 'pin-down', 'opened'])
  expect(new Set(events.map((e: { id: string }) => e.id)).size).toBe(events.length)
  const opened = Date.parse(events.find((e: { kind: string }) => e.kind === 'opened').at)
  expect(opened).toBeGreaterThan(offlineAt)
  expect(opened).toBeLessThan(backAt)
})

test('a dish and the kitchen that were changed offline are kept over a reload, and go out later', async ({
  page,
  context,
  request,
}) => {
  await isInstalled(page)
  const [dish] = await (await request.get('/api/dishes')).json()
  await page.goto(`/dishes/${dish.id}`)
  const name = page.getByLabel('Name of the dish')
  await expect(name).toHaveValue(dish.document.name)
  await isKept(page, dish.id)
  await page.goto('/kitchen')
  await expect(page.getByLabel('Name of the kitchen')).not.toHaveValue('')
  await isKept(page, '"settings"')

  await context.setOffline(true)
  await page.getByText('Where you cook').click() // folded on a phone
  await page.getByLabel('Name of the kitchen').fill('Barn')
  await waits(page, 'Barn')
  await page.goto(`/dishes/${dish.id}`)
  await name.fill('Written in the barn')
  await waits(page, 'Written in the barn')
  await page.reload()
  await expect(name).toHaveValue('Written in the barn')
  await page.goto('/kitchen')
  await expect(page.getByLabel('Name of the kitchen')).toHaveValue('Barn')
  await context.setOffline(false)
  await expect
    .poll(async () => (await (await request.get(`/api/dishes/${dish.id}`)).json()).document.name, { timeout: 15_000 })
    .toBe('Written in the barn')
  await expect.poll(async () => (await (await request.get('/api/kitchen')).json()).settings.name).toBe('Barn')
})

test('two windows on one dish: the second is told, and offered both', async ({ browser, request, baseURL }) => {
  const [dish] = await (await request.get('/api/dishes')).json()
  const [one, two] = await Promise.all([browser.newContext({ baseURL }), browser.newContext({ baseURL })])
  const [first, second] = [await one.newPage(), await two.newPage()]
  await Promise.all([first.goto(`/dishes/${dish.id}`), second.goto(`/dishes/${dish.id}`)])
  const name = (page: typeof first) => page.getByLabel('Name of the dish')
  await Promise.all([expect(name(first)).not.toHaveValue(''), expect(name(second)).not.toHaveValue('')])
  const kept = async () => (await (await request.get(`/api/dishes/${dish.id}`)).json()).document.name
  await name(first).fill('From the first')
  await expect.poll(kept).toBe('From the first')
  await name(second).fill('From the second')
  await expect(second.getByRole('alert')).toContainText('Another window changed this dish')
  await expect(second.getByRole('alert')).toContainText('From the first')
  expect(await kept()).toBe('From the first')
  await second.getByRole('button', { name: 'Keep what is here' }).click()
  await expect.poll(kept).toBe('From the second')
  await name(second).fill('And on')
  await expect.poll(kept).toBe('And on')
  await expect(second.getByRole('alert')).toHaveCount(0)
  await Promise.all([one.close(), two.close()])
})

test('a cook is begun while the server is away, and arrives with all that happened to it', async ({
  page,
  context,
  request,
}) => {
  await isInstalled(page)
  await page.reload() // by what it has with it
  await page.getByLabel('What have you got?').fill('4 drumsticks')
  await page.keyboard.press('Enter')
  const begin = page.getByRole('button', { name: 'Cook this' })
  await expect(begin).toBeEnabled()
  await isKept(page, String.raw`\"cut\":\"chicken-drumstick\"`) // what the cook would be
  await page.getByRole('button', { name: 'Keep this plan' }).click()
  await page.getByLabel('Name of the plan').fill('Drums of the barn')
  await context.setOffline(true)
  await page.getByRole('button', { name: 'Keep', exact: true }).click()
  await expect(page.getByText('kept here until the server is back').first()).toBeVisible()
  await begin.click()
  const step = page.getByTestId('step')
  await expect(step).toHaveText('Lid on')
  const [, id] = /pot\/(\w+)/.exec(page.url())!
  await page.keyboard.press('Space')
  await expect(step).toHaveText('Coming up')
  await isKept(page, id!)
  await page.reload()
  await expect(step).toHaveText('Coming up')
  await page.keyboard.press('Space')
  await expect(step).toHaveText('Under pressure')
  expect((await request.get(`/api/cooks/${id}`)).status()).toBe(404)

  await context.setOffline(false)
  await expect(page.getByText(/kept here until/)).toBeHidden({ timeout: 45_000 })
  await expect(page.getByRole('list', { name: 'Not arrived yet' })).toHaveCount(0)
  const cook = await (await request.get(`/api/cooks/${id}`)).json()
  expect(cook.events.map((e: { kind: string }) => e.kind)).toEqual(['lid-on', 'pressure-reached'])
  const plans: { name: string }[] = await (await request.get('/api/plans')).json()
  expect(plans.filter((p) => p.name === 'Drums of the barn')).toHaveLength(1)
  await page.getByRole('button', { name: 'Give it up' }).click()
  await page.getByRole('button', { name: 'Yes, give this cook up' }).click()
})

test('three windows and a connection that goes and comes at every step: nothing is lost, nothing doubled', async ({
  page,
  context,
  request,
}) => {
  const [dish] = await (await request.get('/api/dishes')).json()
  const { item } = await (await request.post('/api/store', { data: { text: '7 turkey thighs 3 kg fridge' } })).json()
  const plan = { load: { cut: 'chicken-tender', pieces: 6, totalKg: 0.3 }, minutes: 0, release: { kind: 'vent' } }
  const { id } = await (await request.post('/api/cooks', { data: { plan, name: 'On and off' } })).json()
  await isInstalled(page)
  const [dishes, cold] = [await context.newPage(), await context.newPage()]
  await Promise.all([page.goto(`/pot/${id}`), dishes.goto(`/dishes/${dish.id}`), cold.goto('/cold')])
  const step = page.getByTestId('step')
  const name = dishes.getByLabel('Name of the dish')
  const row = cold.getByRole('listitem').filter({ hasText: '7 turkey thighs' })
  await Promise.all([expect(step).toHaveText('Lid on'), expect(name).not.toHaveValue(''), expect(row).toBeVisible()])

  let isOff = false
  const flip = () => context.setOffline((isOff = !isOff))
  for (const [n, then] of ['Coming up', 'Vent now', 'Venting', 'Open it', 'Measure it'].entries()) {
    if (n === 2) await isKept(page, '"phase":"resting","since"') // before it is opened anew
    await flip()
    await page.keyboard.press('Space')
    await name.fill(`On and off ${n}`)
    if (n === 1) await row.getByRole('button', { name: 'Freeze it' }).click()
    await expect(step).toHaveText(then)
    if (n === 2) {
      await Promise.all([dishes.reload(), page.reload()])
      await expect(step).toHaveText(then)
    }
  }
  await page.keyboard.press('Space')
  await page.getByRole('button', { name: 'I have no thermometer' }).click()
  await flip()
  await page.getByRole('button', { name: 'Go on without measuring' }).click()
  await expect(async () => {
    await page.keyboard.press('Space')
    await expect(step).toHaveText('Served', { timeout: 500 })
  }).toPass()
  if (isOff) await flip()
  await expect.poll(() => kept(page, 'ikuzo.outbox'), { timeout: 45_000 }).toEqual([])
  await page.goto(`/book/${id}`)
  await expect(page.getByRole('region', { name: 'How it ate' })).toBeVisible()
  await flip()
  await page.getByRole('radio').nth(1).check({ force: true })
  await waits(page, 'tasted')
  await flip()

  const at = async (path: string) => (await request.get(path)).json()
  const cook = async () => (await at(`/api/cooks/${id}`)).events as { kind: string; id: string; at: string }[]
  await expect
    .poll(async () => (await cook()).map((e) => e.kind).filter((kind) => kind === 'tasted'))
    .toEqual(['tasted'])
  const kinds = (await cook()).map((e) => e.kind).filter((kind) => kind !== 'step-done')
  expect(kinds).toEqual([
    'lid-on',
    'pressure-reached',
    'vented',
    'pin-down',
    'opened',
    'not-measured',
    'finished',
    'tasted',
  ])
  const times = (await cook()).map((e) => Date.parse(e.at))
  expect(times).toEqual(times.toSorted((a, b) => a - b))
  expect((await at(`/api/dishes/${dish.id}`)).document.name).toBe('On and off 4')
  const things: { id: string; place: string }[] = await at('/api/store?timeZone=UTC')
  expect(things.filter((thing) => thing.id === item.id).map((thing) => thing.place)).toEqual(['freezer'])
  expect(await kept(page, 'ikuzo.refused')).toEqual([])
})

test('what is pressed in three windows at one moment all waits, and all arrives', async ({
  page,
  context,
  request,
}) => {
  const ids: string[] = []
  for (let n = 0; n < 12; n++) {
    const text = `${n + 2} duck necks 1 kg fridge`
    ids.push((await (await request.post('/api/store', { data: { text } })).json()).item.id)
  }
  const windows = [page, await context.newPage(), await context.newPage()]
  await Promise.all(windows.map((window) => window.goto('/cold')))
  for (const window of windows)
    await expect(window.getByRole('listitem').filter({ hasText: 'duck neck' })).toHaveCount(12)
  await context.setOffline(true)
  const pressed = windows.map((window, which) =>
    window.evaluate(async (start) => {
      const rows = [...document.querySelectorAll('li')].filter((row) => row.textContent.includes('duck neck'))
      const buttons = rows.map((row) => [...row.querySelectorAll('button')].find((b) => /Freeze/.test(b.textContent)))
      for (const button of buttons.filter((_, n) => n % 3 === start)) {
        button!.click()
        await new Promise((resolve) => setTimeout(resolve, 1))
      }
    }, which),
  )
  await Promise.all(pressed)
  await expect.poll(async () => (await kept(page, 'ikuzo.outbox')).length).toBe(12)
  await context.setOffline(false)
  await expect.poll(() => kept(page, 'ikuzo.outbox'), { timeout: 45_000 }).toEqual([])
  const things: { id: string; place: string }[] = await (await request.get('/api/store?timeZone=UTC')).json()
  const places = things.filter((thing) => ids.includes(thing.id)).map((thing) => thing.place)
  expect(places).toEqual(Array(12).fill('freezer'))
})
