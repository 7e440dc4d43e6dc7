// Records what a built server answers to some two hundred requests over every endpoint, so that a change can be held against it.
// Names made by chance are numbered and moments are counted from the beginning; moments that follow the clock may differ by some seconds between two records.
// usage: node record.mjs FOLDER-OF-A-BUILD FILE    and    node record.mjs compare FILE FILE
import { readFileSync, writeFileSync } from 'node:fs'
import { withServer } from './server.mjs'

const address = 'http://127.0.0.1:5195'
const began = Date.now()
const mostDriftSeconds = 40
const at = (minutes) => new Date(began + minutes * 60_000).toISOString()

const meat = (cut, pieces, totalKg, more = {}) => ({ load: { cut, pieces, totalKg, ...more } })
const beside = (key, id, grams, more = {}) => ({ key, kind: 'companion', id, grams, ...more })
const bird = (key, cut, pieces, totalKg, more = {}, aim = undefined) => ({
  key,
  kind: 'meat',
  aim,
  ...meat(cut, pieces, totalKg, more),
})
const thighs = meat('chicken-thigh-bone-in', 6, 1.3, { state: 'frozen' })
const breasts = meat('chicken-breast-boneless', 4, 0.9)
const whole = meat('chicken-whole', 1, 1.8)

// What is tried beside every cut, chilled and frozen.
const previews = [
  { ...thighs, units: 'us' },
  { ...breasts, minutes: 3 },
  { ...breasts, minutes: 3, units: 'us' },
  { ...breasts, release: { kind: 'vent' } },
  { ...breasts, release: { kind: 'rest-then-vent', restMinutes: 5 } },
  { ...breasts, release: { kind: 'pulsed' } },
  { ...breasts, altitudeMetres: 2400 },
  { ...breasts, altitudeMetres: 2400, units: 'us' },
  { ...breasts, pressure: 'low' },
  { ...breasts, lidOnAt: '2026-12-06T17:00:00+01:00' },
  { ...breasts, companions: [{ id: 'long-grain-white-rice', grams: 370 }] },
  { ...breasts, companions: [{ id: 'long-grain-white-rice', grams: 370, inBowl: true }] },
  { ...breasts, companions: [{ id: 'cream', grams: 200 }] },
  { ...breasts, companions: [{ id: 'barbecue-sauce', grams: 300 }] },
  { ...breasts, liquidMl: 50 },
  { ...breasts, liquidMl: 3000 },
  { ...breasts, school: 'vent-at-once' },
  { ...breasts, browned: true },
  meat('chicken-breast-boneless', 4, 0.9, { thicknessMm: 30 }),
  meat('chicken-breast-boneless', 4, 0.9, { state: 'frozen', arrangement: 'lump' }),
  meat('chicken-breast-boneless', 4, 0.9, { arrangement: 'overlapping' }),
  meat('chicken-breast-boneless', 14, 3.2),
  meat('chicken-breast-boneless', 4, 0.9, { state: 'room' }),
  meat('chicken-breast-boneless', 4, 0.9, { daysInFridge: 3 }),
  { ...whole, school: 'by-weight' },
  { ...whole, units: 'us', confirmed: ['giblets'] },
  { ...whole, aim: 'fall-apart' },
  { ...whole, roomCelsius: 35, companions: [{ id: 'potatoes-chunks', grams: 800 }] },
  meat('chicken-whole', 2, 3.6),
  meat('turkey-whole', 1, 6.5),
  { ...meat('duck-leg', 4, 1.1), aim: 'pull', companions: [{ id: 'prunes', grams: 100 }], liquidMl: 400 },
  { ...thighs, pot: { capacityLitres: 3 } },
  { ...thighs, pot: { capacityLitres: 8, fillMarkLitres: 5, heaterWatts: 900, highGaugeKpa: 60 } },
]

const refused = [
  '{}',
  'null',
  '[]',
  'not json',
  '{"load":null}',
  '{"load":{"cut":"penguin","pieces":0,"totalKg":-1}}',
  '{"load":{"cut":"chicken-wing","pieces":4,"totalKg":1,"thicknessMm":0}}',
  '{"load":{"cut":"chicken-wing","pieces":4,"totalKg":1,"state":"frozen","startCelsius":4}}',
  '{"load":{"cut":"chicken-wing","pieces":4,"totalKg":1},"altitudeMetres":9000,"roomCelsius":80}',
  '{"load":{"cut":"chicken-wing","pieces":4,"totalKg":1},"pot":{"capacityLitres":-3,"heaterWatts":1}}',
  '{"load":{"cut":"chicken-wing","pieces":4,"totalKg":1},"companions":[{"id":"gravel","grams":0}]}',
  '{"load":{"cut":"chicken-wing","pieces":4,"totalKg":1},"minutes":1000,"release":{"restMinutes":500}}',
]

const questions = [
  '6 frozen thighs 1.3 kg',
  '6 frozen thighs 3 lb',
  'duck legs x4 800g',
  'turkey breast bone in 2.2kg 8qt',
  'whole chicken 1,8 kg 1 cup stock',
  'half a chicken',
  'two 1.2 kg chickens',
  '2 x 1.2 kg turkey thighs to pull',
  '6 chicken thighs, bone in, frozen singly, 1.3 kg, 32 mm thick, to pull apart, in the 5.7 litre pot',
  'a pound and a half of diced turkey',
  'frozen breasts in one lump 900 g low pressure',
  'wibble',
]

const quantities = [
  ['3 lb 4 oz', 'mass', 'metric'],
  ['1,5 kg', 'mass', 'metric'],
  ['2', 'mass', 'us'],
  ['74C', 'temperature', 'metric'],
  ['165', 'temperature', 'us'],
  ['1 1/4 inch', 'length', 'metric'],
  ['2 cups', 'volume', 'metric'],
  ['8qt', 'volume', 'us'],
  ['half a kilo', 'mass', 'metric'],
  ['plenty', 'mass', 'metric'],
]

const ingredients = [
  '250 g pearl barley',
  '1 1/2 cups long-grain white rice',
  '2 onions',
  '½ lb carrots in chunks',
  '6 frozen chicken thighs, 1.2 kg',
  '8 duck legs 2 kg to fall apart',
  '3 large potatoes',
  '200 g red lentils, in a bowl',
  '2 tbsp honey glaze',
  '1,200 g potatoes',
  '2/3 lb carrots',
  'two onions',
  'chicken stock',
  'a shoe',
]

const dishes = [
  [bird('bird', 'chicken-thigh-bone-in', 6, 1.2, {}, 'pull'), beside('grain', 'wild-rice-blend', 270)],
  [bird('bird', 'chicken-breast-boneless', 4, 0.9), beside('grain', 'wild-rice-blend', 270)],
  [bird('bird', 'chicken-thigh-bone-in', 6, 1.2, { state: 'frozen' }, 'pull'), beside('grain', 'wild-rice-blend', 270)],
  [bird('bird', 'chicken-breast-bone-in', 4, 1.3), beside('pasta', 'penne-pasta', 320)],
  [bird('bird', 'turkey-tenderloin', 2, 0.7), beside('green', 'broccoli', 350)],
  [
    bird('a', 'chicken-drumstick', 6, 0.7),
    bird('b', 'turkey-thigh-bone-in', 1, 0.6),
    beside('p', 'potatoes-chunks', 600),
  ],
  [bird('bird', 'chicken-whole', 1, 3.5)],
  [beside('beans', 'dry-navy-beans', 300), beside('onion', 'onions', 150)],
  [bird('bird', 'duck-leg', 4, 1.1), beside('sauce', 'cream', 200), beside('f', 'fennel', 300)],
  [
    bird('bird', 'chicken-thigh-boneless', 6, 0.75),
    beside('l', 'red-lentils', 200, { inBowl: true }),
    beside('m', 'mushrooms', 200),
  ],
  [beside('only', 'cream', 200)],
  [],
]

const meals = [
  { brown: true, crispMinutes: 8 },
  { marinadeHours: 4 },
  { thaw: 'fridge' },
  { thaw: 'cold-water', marinadeHours: 2 },
]

// A whole cook by hand: short at first, rescued, done, with a correction and an undoing. The minutes are since the beginning.
const journal = [
  ['events', { kind: 'browning-started', at: at(-170) }],
  ['events', { kind: 'browning-done', at: at(-165) }],
  ['events', { kind: 'opened', at: at(-164) }],
  ['events', { kind: 'lid-on', at: at(-160) }],
  ['events', { kind: 'pressure-reached', at: at(-148) }],
  ['events', { kind: 'hold-over', at: at(-142) }],
  ['events', { kind: 'vented', at: at(-142) }],
  ['events', { kind: 'pin-down', at: at(-139.5) }],
  ['events', { kind: 'opened', at: at(-139) }],
  ['readings', { spot: 'centre', celsius: 68, at: at(-138) }],
  ['readings', { spot: 'nowhere', celsius: 68, at: at(-138) }],
  ['events', { kind: 'back-under-pressure', at: at(-136) }],
  ['events', { kind: 'pressure-reached', at: at(-131) }],
  ['events', { kind: 'vented', at: at(-120) }],
  ['events', { kind: 'pin-down', at: at(-117) }],
  ['events', { kind: 'opened', at: at(-116) }],
  ['readings', { spot: 'centre', celsius: 88, piece: 2, at: at(-115) }],
  ['events', { kind: 'note', at: at(-114), data: { text: 'smelled of thyme' } }],
  ['events', { kind: 'step-done', at: at(-110), data: { step: 'rest' } }],
  ['events', { kind: 'finished', at: at(-100) }],
]

function* requests(catalogue) {
  for (const path of [
    'health',
    'catalogue',
    'kitchen',
    'plans',
    'dishes',
    'dishes/schema',
    'engine/assumptions',
    'nothing',
    'plans/none',
  ])
    yield ['GET', `/api/${path}`]
  for (const { id, pieceKg } of catalogue.cuts) {
    const pieces = pieceKg.typical < 0.3 ? 4 : 1
    const totalKg = Math.round(pieceKg.typical * pieces * 1000) / 1000
    for (const state of ['chilled', 'frozen'])
      yield ['POST', '/api/plans/preview', meat(id, pieces, totalKg, { state })]
  }
  for (const body of previews) yield ['POST', '/api/plans/preview', body]
  for (const body of refused) yield ['POST', '/api/plans/preview', body]
  for (const text of [...questions, '']) yield ['POST', '/api/ask', { text }]
  for (const [text, dimension, units] of quantities) yield ['POST', '/api/quantities', { text, dimension, units }]
  for (const text of ingredients) yield ['POST', '/api/dishes/item', { text, key: 'it' }]
  for (const items of dishes) yield ['POST', '/api/dishes/solve', { items }]
  for (const meal of meals)
    yield [
      'POST',
      '/api/lineup',
      { dish: { items: dishes[2], ...meal }, serveAt: '2026-12-06T19:00:00+01:00', timeZone: 'Europe/Vienna' },
    ]
  yield ['POST', '/api/lineup/ics', { dish: { items: dishes[0] }, serveAt: '2026-12-06T19:00:00+01:00' }]
  yield ['POST', '/api/lineup', { dish: { items: [] }, serveAt: null, timeZone: 'Nowhere' }]
  for (const body of [thighs, breasts, whole]) yield ['POST', '/api/lineup/thaw', body]
  for (const [celsius, thick, minutes] of [
    [60, false, 4],
    [68, false, 4],
    [68, true, 4],
    [73.5, false, 8],
    [80, false, 12],
    [95, false, 12],
  ])
    yield [
      'POST',
      '/api/plans/rescue',
      {
        plan: breasts,
        minutesHeld: minutes,
        release: { kind: 'vent' },
        readings: [{ spot: 'centre', celsius }],
        liquidIsThick: thick,
      },
    ]
  yield [
    'POST',
    '/api/plans/rescue',
    {
      plan: { ...meat('chicken-breast-boneless', 4, 0.9, { state: 'frozen', arrangement: 'lump' }), units: 'us' },
      minutesHeld: 12,
      readings: [{ spot: 'centre', celsius: 40, afterOpeningMinutes: 3 }],
    },
  ]
  yield ['POST', '/api/plans/rescue', { plan: breasts, readings: [] }]
  for (const body of [{ shapeDimensionality: 1.5, biot: 5, fourier: 0.3 }, { shapeDimensionality: 9 }])
    yield ['POST', '/api/engine/verify', body]
  yield ['POST', '/api/engine/course', { shapeDimensionality: 2, biot: 10 }]
  yield ['POST', '/api/engine/energy', breasts]
  for (const query of ['', '?iceWater=true', '?depthMm=40', '?depthMm=4']) yield ['GET', `/api/cooling${query}`]
}

// Requests that depend on the answers before them.
async function walk(send) {
  const kitchen = {
    name: 'Down House',
    altitudeMetres: 200,
    roomCelsius: 22,
    units: 'us',
    iceCelsius: 0.5,
    boilingCelsius: 99.8,
  }
  await send('PUT', '/api/kitchen', { ...kitchen, altitudeMetres: 99999, name: '' })
  await send('PUT', '/api/kitchen', kitchen)
  const pot = await send('POST', '/api/kitchen/pots', { name: 'Nell', capacityLitres: 8, isDefault: true })
  await send('PUT', `/api/kitchen/pots/${pot.id}`, { name: 'Nelly', capacityLitres: 8, heaterWatts: 1100 })
  await send('POST', '/api/kitchen/pots', { name: '', capacityLitres: 99 })
  await send('DELETE', `/api/kitchen/pots/${pot.id}`)
  await send('POST', `/api/kitchen/pots/${pot.id}/restore`)
  const plan = await send('POST', '/api/plans', { name: 'Kept', request: thighs })
  await send('POST', '/api/plans', { name: ' ', request: {} })
  await send('GET', `/api/plans/${plan.id}`)
  await send('DELETE', `/api/plans/${plan.id}`)
  for (const { id } of await send('GET', '/api/dishes')) {
    await send('GET', `/api/dishes/${id}/recipe`)
    await send('GET', `/api/dishes/${id}/file`)
    await send('POST', `/api/dishes/${id}/scale?servings=9`)
    await send('POST', '/api/lineup', { dishId: id, serveAt: '2026-12-06T19:00:00+01:00' })
    await send('POST', '/api/cooks', { dishId: id })
  }
  await send('POST', '/api/dishes/import', {
    '@type': 'Recipe',
    name: 'From elsewhere',
    recipeYield: '6',
    recipeIngredient: ['8 chicken drumsticks 1 kg', '250 g pearl barley', '2 bay leaves'],
    recipeInstructions: ['Brown in batches and loosen with cider.', 'Crisp for 5 minutes under the grill.'],
  })
  await send('POST', '/api/dishes/import', { nothing: true })
  const cook = await send('POST', '/api/cooks', { plan: { ...breasts, minutes: 6, release: { kind: 'vent' } } })
  let n = 0
  for (const [what, body] of journal)
    await send('POST', `/api/cooks/${cook.id}/${what}`, { clientId: `entry-${n++}`, ...body })
  for (const what of ['', '/aftercare', '/lineup', '/lineup.ics', '/curves', '/journal', '/journal.csv'])
    await send('GET', `/api/cooks/${cook.id}${what}`)
  await send('POST', `/api/cooks/${cook.id}/events`, { clientId: 'late', kind: 'undone', data: { of: '1' } })
  const open = await send('POST', '/api/cooks', {
    plan: { ...breasts, minutes: 6, release: { kind: 'vent' } },
    openedMinutesAgo: 4,
    name: 'Open already',
  })
  await send('POST', `/api/cooks/${open.id}/readings`, { clientId: 'r', spot: 'centre', celsius: 71.5, at: null })
  await send('POST', `/api/cooks/${open.id}/temperatures`, 'minutes,probe (F)\n0,40\n5,120\n10,165\n')
  await send('GET', '/api/cooks?state=active')
  await send('GET', '/api/cooks?state=ended')
  const rehearsed = await send('POST', '/api/cooks', { plan: thighs, name: 'Rehearsal' })
  await send('POST', `/api/cooks/${rehearsed.id}/simulate`, { speed: 60, seed: 7, faults: ['slow-heater'] })
  await send('POST', `/api/cooks/${rehearsed.id}/events`, { clientId: 'lid', kind: 'lid-on', at: at(0) })
  await send('GET', `/api/cooks/${rehearsed.id}/probe?spot=centre`)
  await send('GET', `/api/cooks/${rehearsed.id}`)
}

async function record(folder, file) {
  const answers = []
  const names = new Map()
  const counted = (moment) => {
    const seconds =
      (Date.parse(moment.replace(/^(\d{4})(\d\d)(\d\d)T(\d\d)(\d\d)(\d\d)Z$/, '$1-$2-$3T$4:$5:$6Z')) - began) / 1000
    return Math.abs(seconds) < 86_400 ? `<${seconds.toFixed(2)}>` : moment
  }
  const plain = (text) =>
    text
      .replace(
        /[0-9a-f]{32}|[0-9a-f]{8}(-[0-9a-f]{4}){3}-[0-9a-f]{12}/g,
        (id) => names.get(id) ?? names.set(id, `name-${names.size + 1}`).get(id),
      )
      .replace(/\d{4}-\d\d-\d\dT\d\d:\d\d:\d\d(\.\d+)?([+-]\d\d:\d\d|Z)|\d{8}T\d{6}Z/g, counted)
  const send = async (method, path, body) => {
    const text = typeof body === 'string' ? body : JSON.stringify(body)
    const type = path.endsWith('/temperatures') ? 'text/csv' : 'application/json'
    const answer = await fetch(address + path, {
      method,
      body: text,
      signal: AbortSignal.timeout(20_000),
      headers: body === undefined ? {} : { 'Content-Type': type },
    })
    const raw = await answer.text()
    answers.push({
      method,
      path: plain(path),
      body: body && plain(text),
      status: answer.status,
      answer: plain(raw.replace(/"traceId":"[^"]*"/g, '"traceId":""')),
    })
    return raw.startsWith('{') || raw.startsWith('[') ? JSON.parse(raw) : null
  }
  await withServer({ folder, address, env: { TZ: 'UTC', IKUZO_DEMO: 'true' } }, async () => {
    const catalogue = await (await fetch(`${address}/api/catalogue`)).json()
    for (const [method, path, body] of requests(catalogue)) await send(method, path, body)
    await walk(send)
  })
  writeFileSync(file, JSON.stringify(answers, null, 1))
  console.log(`${answers.length} answers recorded`)
}

// Equal but for moments that followed the clock.
const moment = /<(-?[\d.]+)>/g
const alike = (a, b) => {
  if (typeof a !== 'string' || typeof b !== 'string' || a.replace(moment, '') !== b.replace(moment, '')) return a === b
  const [x, y] = [a, b].map((text) => [...text.matchAll(moment)].map((m) => Number(m[1])))
  return x.every((seconds, i) => Math.abs(seconds - y[i]) < mostDriftSeconds)
}

function* differences(a, b, path = '') {
  if (a && b && typeof a === 'object' && typeof b === 'object') {
    for (const key of new Set([...Object.keys(a), ...Object.keys(b)]))
      yield* differences(a[key], b[key], `${path}.${key}`)
  } else if (!alike(a, b)) yield `${path}: ${JSON.stringify(a)} -> ${JSON.stringify(b)}`
}

const parsed = (text) => {
  try {
    return JSON.parse(text)
  } catch {
    return text
  }
}

function compare(before, after) {
  const [a, b] = [before, after].map((file) => JSON.parse(readFileSync(file, 'utf8')))
  let same = 0
  for (let i = 0; i < Math.max(a.length, b.length); i++) {
    if (
      alike(a[i]?.answer, b[i]?.answer) &&
      a[i]?.status === b[i]?.status &&
      a[i]?.path === b[i]?.path &&
      a[i]?.method === b[i]?.method
    ) {
      same++
      continue
    }
    console.log(
      `${i}: ${b[i]?.method} ${b[i]?.path} ${(b[i]?.body ?? '').slice(0, 160)} (${a[i]?.status} -> ${b[i]?.status})`,
    )
    for (const difference of [...differences(parsed(a[i]?.answer), parsed(b[i]?.answer))].slice(0, 12))
      console.log(`    ${difference.slice(0, 240)}`)
  }
  console.log(`${same} of ${Math.max(a.length, b.length)} answers are the same`)
}

const [first, second, third] = process.argv.slice(2)
if (first === 'compare') compare(second, third)
else await record(first, second)
