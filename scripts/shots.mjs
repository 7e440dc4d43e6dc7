// Takes the pictures in docs/screenshots from a fresh demo household, all of them or those named. usage: ./ikuzo shots [NAME]...
import { createRequire } from 'node:module'
import { join } from 'node:path'
import { learned, root, withServer } from './server.mjs'

const { chromium } = createRequire(join(root, 'src/client/package.json'))('playwright')
const address = 'http://127.0.0.1:5196'

const ask = async (page, text) => {
  await page.getByLabel('What have you got?').fill(text)
  await page.keyboard.press('Enter')
  await page.waitForTimeout(1200)
}
const openDish = async (page, name) => {
  await page.getByRole('link', { name }).first().click()
  await page.waitForTimeout(1200)
}
// A dinner of the demo household, as the browser remembers it.
const dinner = {
  'ikuzo.counter': {
    request: {
      load: { cut: 'chicken-thigh-bone-in', pieces: 6, totalKg: 1.2, placement: 'on-bed' },
      companions: [
        { id: 'pearl-barley', grams: 250 },
        { id: 'peas', grams: 150 },
      ],
      browned: true,
    },
    crispMinutes: 8,
    marinadeHours: 4,
    potId: null,
  },
  'ikuzo.meal': {
    eatAt: '19:00',
    inDays: 1,
    thaw: 'none',
    dishId: null,
    servings: null,
  },
}
// A rehearsal of the demo household, brought to where the picture is taken.
const tooShort = {
  load: { cut: 'turkey-breast-boneless', pieces: 1, totalKg: 1.5 },
  minutes: 5,
  release: { kind: 'vent' },
}
const longEnough = {
  load: { cut: 'chicken-drumstick', pieces: 6, totalKg: 0.7 },
  minutes: 14,
  release: { kind: 'vent' },
}
const forThermometer = { load: { cut: 'turkey-breast-boneless', pieces: 1, totalKg: 1.5 }, promise: 'measured' }
// What is read in a picture of Check.
const readings = { short: '40', rescue: '40', finished: '97', nearly: '72', covered: '72' }
const rehearse = async (name, plan) => {
  const cook = await post('/api/cooks', { name, plan })
  await post(`/api/cooks/${cook.id}/simulate`, { speed: 1, seed: 5, faults: ['scorch'] })
  return cook.id
}
const post = async (path, body) =>
  (
    await fetch(address + path, {
      method: 'POST',
      headers: { 'Content-Type': 'application/json' },
      body: JSON.stringify(body),
    })
  ).json()
const hurry = (id, speed) => post(`/api/cooks/${id}/simulate`, { speed, seed: 5, faults: ['scorch'] })
const untilStep = (page, words) => page.getByTestId('step').filter({ hasText: words }).waitFor({ timeout: 60000 })
const atThePot = async (page, until) => {
  const id =
    until === 'finished'
      ? await rehearse('Sunday drumsticks', longEnough)
      : await rehearse('Sunday turkey breast', ['nearly', 'covered'].includes(until) ? forThermometer : tooShort)
  await page.goto(`${address}/pot/${id}`)
  await untilStep(page, 'Lid on')
  await page.keyboard.press('Space')
  await untilStep(page, 'Coming up')
  if (until === 'Coming up') return
  await hurry(id, 120)
  const isLeft = ['nearly', 'covered'].includes(until)
  await untilStep(page, isLeft ? 'Open it' : 'Vent now')
  if (!isLeft) await page.keyboard.press('Space')
  await untilStep(page, 'Open it')
  await hurry(id, 1)
  await page.keyboard.press('Space')
  await untilStep(page, 'Measure it')
  await page.keyboard.press('Space')
  await page.getByLabel(/^Reading/).fill(readings[until])
  await page.keyboard.press('Enter')
  await page
    .getByTestId('check-verdict')
    .filter({ hasText: /Done|Not done|Nearly/ })
    .waitFor()
  if (until === 'rescue') {
    await page.getByTestId('rescue').click()
    await untilStep(page, 'Coming up again')
  }
  if (until === 'covered') {
    await page.getByTestId('cover').click()
    await untilStep(page, 'It stands covered')
    await page.waitForTimeout(2000)
  }
  if (until !== 'finished') return
  await page.getByRole('button', { name: 'Back to the pot' }).click()
  for (let i = 0; i < 8 && !(await page.getByTestId('step').innerText()).includes('Served'); i++) {
    await page.keyboard.press('Space')
    await page.waitForTimeout(400)
  }
}
const isWanted = ({ name }) => process.argv.length === 2 || process.argv.slice(2).includes(name)
const shots = [
  { name: 'counter', act: (page) => ask(page, '6 frozen thighs 1.3 kg 36 mm to pull') },
  {
    name: 'counter-beside',
    height: 900,
    act: (page) => ask(page, '6 thighs 1.1 kg, wild rice 270 g, onions 100 g, peas 150 g'),
  },
  { name: 'counter-night', dark: true, act: (page) => ask(page, '4 duck legs 1 kg to fall apart') },
  { name: 'counter-narrow', width: 390, height: 844, act: (page) => ask(page, 'turkey breast 1.2 kg') },
  { name: 'line-up', path: '/line-up', store: dinner },
  { name: 'line-up-narrow', path: '/line-up', width: 390, height: 844, store: dinner },
  { name: 'dishes', path: '/dishes', act: (page) => openDish(page, 'Chicken breasts, then penne') },
  { name: 'pot-coming-up', act: (page) => atThePot(page, 'Coming up') },
  { name: 'check-short', act: (page) => atThePot(page, 'short') },
  { name: 'check-nearly', act: (page) => atThePot(page, 'nearly') },
  { name: 'pot-covered', width: 390, height: 844, act: (page) => atThePot(page, 'covered') },
  { name: 'pot-rescue', dark: true, act: (page) => atThePot(page, 'rescue') },
  { name: 'pot-finished', act: (page) => atThePot(page, 'finished') },
  { name: 'book', path: '/book', act: (page) => openDish(page, /Sunday bird/) },
  { name: 'learned', path: '/book/learned' },
  { name: 'cold', path: '/cold' },
  { name: 'labels', path: '/cold/labels' },
  { name: 'kitchen', path: '/kitchen' },
  { name: 'trust', path: '/trust' },
]

await withServer({ address, env: { IKUZO_DEMO: 'true' } }, async () => {
  await learned(address)
  const browser = await chromium.launch({
    executablePath: process.env.CHROMIUM ?? '/usr/bin/chromium',
    args: [
      '--headless',
      '--no-sandbox',
      '--disable-gpu',
      '--disable-background-networking',
      '--disable-component-update',
      '--disable-sync',
    ],
  })
  for (const { name, path = '/', width = 1280, height = 800, dark = false, act, store = {} } of shots.filter(
    isWanted,
  )) {
    const page = await browser.newPage({ viewport: { width, height }, colorScheme: dark ? 'dark' : 'light' })
    await page.addInitScript((kept) => {
      for (const [key, value] of Object.entries(kept)) localStorage.setItem(key, JSON.stringify(value))
    }, store)
    await page.goto(address + path)
    await page.waitForLoadState('networkidle')
    await act?.(page)
    await page.evaluate(() => document.activeElement?.blur())
    await page.screenshot({ path: join(root, `docs/screenshots/${name}.png`) })
    await page.close()
    for (const { id } of await (await fetch(`${address}/api/cooks?state=active`)).json())
      await post(`/api/cooks/${id}/events`, { clientId: 'end', kind: 'abandoned' })
  }
  await browser.close()
})
