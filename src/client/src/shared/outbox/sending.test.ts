import { beforeEach, expect, test, vi } from 'vitest'

interface Options {
  body: Record<string, unknown>
  params: { path?: { id: string }; header?: { 'If-Match'?: string } }
}
type Asked = (path: string, options: Options) => Promise<object>
const { post, put, get } = vi.hoisted(() => ({ post: vi.fn<Asked>(), put: vi.fn<Asked>(), get: vi.fn<Asked>() }))
vi.mock('@/api/client', async (original) => ({
  ...(await original<object>()),
  api: { POST: post, PUT: put, GET: get },
}))

const answer = (data: object) => Promise.resolve({ data, response: { status: 200 } })
const elsewhere = (current: object) => Promise.resolve({ error: { current }, response: { status: 412 } })
const away = () => Promise.reject(new TypeError('no connection'))
async function outbox() {
  vi.resetModules()
  return (await import('./useOutbox')).useOutbox()
}
beforeEach(() => {
  localStorage.clear()
  for (const asked of [post, put, get]) asked.mockReset().mockImplementation(away)
})

test('a move goes to a place, what was used goes with its portions, and what is taken back is named alone', async () => {
  post.mockImplementation(() => answer({ id: 'bag' }))
  const { move } = await outbox()
  await move('bag', 'freezer')
  await move('bag', 'gone', 2)
  await move('bag', 'undo')
  const said = post.mock.calls.map(([path, { body }]) => [path, body.to ?? null, body.portions ?? null])
  expect(said).toEqual([
    ['/api/store/{id}/move', 'freezer', null],
    ['/api/store/{id}/used', null, 2],
    ['/api/store/{id}/undo', null, null],
  ])
})

test('a dish that had arrived is no conflict, and another one is', async () => {
  const { saveDish, conflicts, dishListeners } = await outbox()
  const told: string[] = []
  dishListeners.add((dish) => told.push(dish.version))
  put.mockImplementation(() => elsewhere({ id: 'd', version: 'v1', document: { name: 'Soup' } }))
  await saveDish('d', { name: 'Soup' } as never, 'v0')
  expect([conflicts.value, told]).toEqual([[], ['v1']])
  await saveDish('d', { name: 'Stew' } as never, 'v0')
  expect(conflicts.value.map(({ mine, theirs }) => [mine.name, theirs.document.name])).toEqual([['Stew', 'Soup']])
  expect(told).toEqual(['v1'])
})

test('changes of a dish while the server is away are one, of the version that the first was changed from', async () => {
  const { saveDish, flush, unsent } = await outbox()
  await saveDish('d', { name: 'Soup' } as never, 'v0')
  await saveDish('d', { name: 'Stew' } as never, 'v9')
  expect(unsent.value).toBe(1)
  put.mockReset().mockImplementation(() => answer({ id: 'd', version: 'v1' }))
  await flush()
  expect(put.mock.calls.map(([, o]) => [o.body.name, o.params.header!['If-Match']])).toEqual([['Stew', 'v0']])
})

test('settings are laid over the kitchen as it is, also when another window was quicker', async () => {
  const { saveKitchen, knowKitchen, unsentKitchen, flush } = await outbox()
  knowKitchen({ version: 'k1', settings: { name: 'Barn', units: 'metric', altitudeMetres: 0 } } as never)
  await saveKitchen({ units: 'us' })
  await saveKitchen({ altitudeMetres: 300 })
  expect(unsentKitchen.value).toEqual({ units: 'us', altitudeMetres: 300 })
  const theirs = { version: 'k2', settings: { name: 'Hill', units: 'metric', altitudeMetres: 0 } }
  put.mockReset().mockImplementationOnce(() => elsewhere(theirs))
  put.mockImplementation((_, { body }) => answer({ version: 'k3', settings: body }))
  await flush()
  expect(put.mock.calls.map(([, o]) => [o.params.header!['If-Match'], o.body])).toEqual([
    ['k1', { name: 'Barn', units: 'us', altitudeMetres: 300 }],
    ['k2', { name: 'Hill', units: 'us', altitudeMetres: 300 }],
  ])
  expect(get).not.toHaveBeenCalled()
})

test('a plan has a name of its own', async () => {
  post.mockImplementation(() => answer({ id: 'p' }))
  const { savePlan } = await outbox()
  await savePlan('Friday', { load: { cut: 'duck-leg' } })
  expect(post.mock.calls[0]![1].body.id).toMatch(/^[0-9a-f-]{36}$/)
})

test('nothing of a cook overtakes its beginning', async () => {
  const { begin, send, flush } = await outbox()
  await begin('8f0c', 'Thighs', { id: '8f0c' } as never)
  await send('8f0c', 'lid-on')
  post.mockReset().mockImplementation(() => Promise.resolve({ error: {}, response: { status: 503 } }))
  await flush()
  expect(new Set(post.mock.calls.map(([path]) => path))).toEqual(new Set(['/api/cooks']))
})

test('what another window puts in is known here, and what is no such thing is set aside beside what was before', async () => {
  localStorage.setItem('ikuzo.outbox.torn', 'before')
  localStorage.setItem('ikuzo.outbox.1764600000000.a', '{"a":1}')
  const { unsentMoves } = await outbox()
  const { torn } = await import('./keptList')
  expect(torn.value).toBe('before\n{"a":1}')
  const key = 'ikuzo.outbox.1764600000001.b'
  localStorage.setItem(key, '{"storeId":"bag","clientId":"b","to":"freezer","at":null}')
  window.dispatchEvent(new StorageEvent('storage', { key, storageArea: localStorage }))
  expect(unsentMoves.value.map((w) => w.storeId)).toEqual(['bag'])
})

test('what is tried again has another name', async () => {
  post.mockImplementation(() => Promise.resolve({ error: { detail: 'Not now.' }, response: { status: 409 } }))
  const { send, again } = await outbox()
  await send('c', 'vented')
  const { refused } = await import('./waiting')
  await again(refused.list.value[0]!.what.clientId)
  const [first, second] = post.mock.calls.map(([, { body }]) => body.clientId)
  expect(second).not.toBe(first)
})
