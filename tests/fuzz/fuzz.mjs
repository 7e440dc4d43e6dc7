// Mutated requests over every endpoint of the OpenAPI document, the same for the same seed: none is our fault, none takes over a second
// of a quiet machine, and nothing is stored that the ranges of the document forbid. usage: node tests/fuzz/fuzz.mjs [REQUESTS] [SEED]
import { execFileSync } from 'node:child_process'
import { mkdirSync, writeFileSync } from 'node:fs'
import { join } from 'node:path'
import { learned, root, withServer } from '../../scripts/server.mjs'
import { Good, broken, randomOf, spoiled } from './values.mjs'

const address = 'http://127.0.0.1:5196'
const requests = Number(process.argv[2] ?? 1500)
const seed = Number(process.argv[3] ?? 20261127)
const mostMs = 1000
const hands = 2
const random = randomOf(seed)
const wrong = []
const late = []
const statuses = {}
const slowest = new Map()

// What replaces all that is here, or goes on for hours, is not asked for; what is dear is asked for seldom.
const never = new Set(['restoreBackup', 'letIn'])
const seldom = new Map(Object.entries({ simulateCook: 0.05, makeBackup: 0.01, downloadEverything: 0.02, exportBook: 0.05, forgetLearned: 0.05 }))

const charsets = ['utf-8', '"utf-8"', 'UTF-16', 'utf-7', 'latin1', 'us-ascii', 'ebcdic-x', '', '"', 'utf-8; charset=utf-16', 'x'.repeat(300), '%00']

// How much slower this machine is now than when it is quiet, for who computes as politely as the server, and for as long as is judged.
const slowness = () =>
  Math.max(1, Number(execFileSync(process.execPath, [join(root, 'tests/fuzz/loop.mjs')], { encoding: 'utf8' })) / mostMs)

const known = {}
const words = (name) => known[name] ?? []
const get = async (path) => (await fetch(address + path)).json()
async function learn() {
  const { cuts, companions } = await get('/api/catalogue')
  const ids = async (path) => (await get(path)).map((thing) => thing.id)
  known.cut = cuts.map((c) => c.id)
  known.id = companions.map((c) => c.id)
  known.spot = cuts.flatMap((c) => c.spots.map((s) => s.id))
  known.text = ['6 frozen thighs 3 lb', 'duck legs x4 800g', 'stock 1.2 l', 'yesterday, 8 drumsticks, 12 min, vented, 85 °C', '1 cup rice']
  known.timeZone = ['UTC', 'Europe/Vienna', 'America/New_York']
  known.dimension = ['mass', 'length', 'volume', 'temperature']
  known.format = ['json', 'csv', 'ikuzo-dish']
  known.release = ['vent', 'natural']
  known.dishId = await ids('/api/dishes')
  known.storeId = await ids('/api/store?timeZone=UTC')
  known.cookId = (await get('/api/book?pageSize=20')).items.map((cook) => cook.id)
  known.potId = (await get('/api/kitchen')).pots.map((pot) => pot.id)
  known.planId = await ids('/api/plans')
  known.cooks = await ids('/api/cooks?pageSize=50')
}
const idFor = (path) =>
  path.startsWith('/api/dishes') ? known.dishId
  : path.startsWith('/api/store') ? known.storeId
  : path.startsWith('/api/plans') ? known.planId
  : path.startsWith('/api/kitchen') ? known.potId
  : path.startsWith('/api/cooks') ? known.cooks
  : known.cookId

function requestOf({ path, method, operation }, good) {
  const query = new URLSearchParams()
  let address = path
  for (const { name, in: where, schema } of operation.parameters ?? []) {
    const usual = where === 'path' ? (random.of(idFor(path)) ?? 'none') : good.value(schema, name)
    const value = random.chance(0.15) ? spoiled(usual, random) : usual
    const text = typeof value === 'string' ? value : JSON.stringify(value)
    if (where === 'path') address = address.replace(`{${name}}`, encodeURIComponent(text.slice(0, 300).replace(/[\ud800-\udfff]/g, '?')))
    else if (where === 'query' && random.chance(0.7)) query.set(name, text.slice(0, 3000))
  }
  const content = operation.requestBody?.content
  const type = content && random.of(Object.keys(content))
  const headers = type ? { 'Content-Type': random.chance(0.02) ? 'text/plain' : random.chance(0.05) ? `${type}; charset=${random.of(charsets)}` : type } : {}
  if (random.chance(0.02)) headers['If-Match'] = random.of(['"x"', '*', '', 'a'.repeat(200)])
  const value = content?.[type].schema ? good.value(content[type].schema) : {}
  const text = JSON.stringify(random.chance(0.6) ? spoiled(value, random) : value) ?? ''
  const body = !type ? undefined : type.includes('csv') ? `date,meat,minutes\n2026-01-02,${text.slice(0, 200)},12\n` : random.chance(0.1) ? broken(text, random) : text
  const search = query.size > 0 ? `?${query}` : ''
  return { url: address + search, method: method.toUpperCase(), headers, body }
}

async function send(operation, { url, method, headers, body }) {
  const began = performance.now()
  const answer = await fetch(address + url, { method, headers, body: method === 'GET' ? undefined : body })
  const text = await answer.text()
  const took = performance.now() - began
  statuses[answer.status] = (statuses[answer.status] ?? 0) + 1
  if (took > (slowest.get(operation.operationId) ?? 0)) slowest.set(operation.operationId, took)
  const said = `${method} ${url.slice(0, 200)} ${(body ?? '').slice(0, 600)} -> ${text.slice(0, 200)}`
  const say = (what) => wrong.push(`${what}: ${said}`)
  if (answer.status >= 500) say(answer.status)
  if (took > mostMs) late.push({ took, said })
  // What the web server itself cannot read has no body.
  if (answer.status >= 400 && text !== '' && !answer.headers.get('content-type')?.startsWith('application/problem+json')) say('no problem')
}

/** What of a stored thing the document forbids. */
function forbidden(good, name, value, path = name) {
  const schema = good.resolve(good.document.components.schemas[name])
  const walk = (at, of, path) => {
    if (at === null || at === undefined) return []
    const s = good.resolve(of)
    if (typeof at === 'number') return at < (s.minimum ?? -Infinity) - 1e-9 || at > (s.maximum ?? Infinity) + 1e-9 ? [`${path}: ${at}`] : []
    // eslint-disable-next-line no-control-regex -- they are what is looked for
    if (typeof at === 'string') return at.length > (s.maxLength ?? Infinity) || /[\u0000-\u0008\u007f]|<\s*[a-z]/i.test(at) ? [`${path}: ${at.slice(0, 60)}`] : []
    if (Array.isArray(at)) return [...(at.length > (s.maxItems ?? Infinity) ? [`${path}: ${at.length}`] : []), ...at.flatMap((v, i) => walk(v, s.items ?? {}, `${path}[${i}]`))]
    return typeof at === 'object' ? Object.entries(at).flatMap(([k, v]) => (s.properties?.[k] ? walk(v, s.properties[k], `${path}.${k}`) : [])) : []
  }
  return walk(value, schema, path)
}

const before = slowness()
const results = join(root, 'artifacts/results')
mkdirSync(results, { recursive: true })
await withServer({ address, log: join(results, 'fuzz.log'), env: { IKUZO_DEMO: 'true', Serilog__MinimumLevel__Default: 'Error', IKUZO_LOG_FILES: 'false' } }, async () => {
  await learned(address)
  const document = await get('/openapi/v1.json')
  const operations = Object.entries(document.paths).flatMap(([path, methods]) =>
    Object.entries(methods).map(([method, operation]) => ({ path, method, operation })),
  ).filter(({ operation }) => !never.has(operation.operationId))
  const good = new Good(document, random, words)
  await learn()
  let left = requests
  const work = async () => {
    for (let number = left--; number > 0; number = left--) {
      if (number % 2000 === 0) await learn()
      const one = operations[number % operations.length]
      if (!random.chance(seldom.get(one.operation.operationId) ?? 1)) continue
      await send(one.operation, requestOf(one, good)).catch((error) => wrong.push(`${one.operation.operationId}: ${error.message} ${error.cause ?? ''}`))
    }
  }
  await Promise.all(Array.from({ length: hands }, work))
  for (const dish of await get('/api/dishes?pageSize=500')) wrong.push(...forbidden(good, 'DishDocument', dish.document))
  for (const plan of await get('/api/plans?pageSize=500')) wrong.push(...forbidden(good, 'PreviewBody', plan.request))
  const kitchen = await get('/api/kitchen')
  wrong.push(...forbidden(good, 'KitchenSettings', kitchen.settings), ...kitchen.pots.flatMap((pot) => forbidden(good, 'PotBody', pot)))
  for (const thing of await get('/api/store?timeZone=UTC')) wrong.push(...forbidden(good, 'StoreBody', thing))
})

const factor = (before + slowness()) / 2
wrong.push(...late.filter(({ took }) => took > mostMs * factor).map(({ took, said }) => `${took.toFixed(0)} ms: ${said}`))
const slow = [...slowest].sort(([, a], [, b]) => b - a).slice(0, 3)
console.log(`${requests} requests, seed ${seed}: ${JSON.stringify(statuses)}; slowest ${slow.map(([id, ms]) => `${id} ${ms.toFixed(0)} ms`).join(', ')}`)
console.log(`${late.length} over a second here, ${factor.toFixed(1)} times as slow as when it is quiet`)
wrong.slice(0, 20).forEach((line) => console.log(line))
const failure = wrong.length > 0 ? `<failure message="${wrong.length} of ${requests} requests"><![CDATA[${wrong.slice(0, 5).join('\n').replaceAll(']]>', '')}]]></failure>` : ''
writeFileSync(
  join(results, 'fuzz.xml'),
  `<testsuites tests="1" failures="${failure ? 1 : 0}"><testsuite name="fuzz" tests="1" failures="${failure ? 1 : 0}" errors="0" skipped="0"><testcase name="${requests} mutated requests">${failure}</testcase></testsuite></testsuites>\n`,
)
process.exitCode = wrong.length > 0 ? 1 : 0
