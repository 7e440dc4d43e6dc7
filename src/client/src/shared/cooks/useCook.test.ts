import { QueryClient, VueQueryPlugin } from '@tanstack/vue-query'
import { afterEach, beforeEach, expect, test, vi } from 'vitest'
import { createApp, effectScope, ref, watch, type EffectScope } from 'vue'
import type { CookView } from '@/api/types'

const hub = vi.hoisted(() => ({ heard: new Map<string, (view: unknown) => void>(), rejoin: new Set<() => void>() }))
const get = vi.hoisted(() => vi.fn<() => Promise<object>>())
const post = vi.hoisted(() => vi.fn<(...sent: [string, { body: { kind: string; at: string } }]) => Promise<object>>())
vi.mock('@/api/client', async (original) => ({ ...(await original<object>()), api: { GET: get, POST: post } }))
vi.mock('./useHub', () => ({
  useHub: () => ({
    hub: { on: (name: string, take: (view: unknown) => void) => hub.heard.set(name, take), off: () => undefined },
    connected: ref(false),
    rejoin: hub.rejoin,
  }),
}))

const view = (phase: CookView['phase'], entries: number, second: number) =>
  ({
    id: 'c',
    phase,
    now: `2026-11-26T12:00:0${second}Z`,
    speed: 1,
    events: Array(entries).fill({}),
    next: [],
    ahead: [],
  }) as never
const lidOn = view('coming-up', 2, 1)
const pressure = view('holding', 3, 2)

let scope: EffectScope
async function cookOnScreen() {
  const { useCook } = await import('./useCook')
  const app = createApp({}).use(VueQueryPlugin, { queryClient: new QueryClient() })
  scope = effectScope()
  const shown = app.runWithContext(() => scope.run(() => useCook(ref('c')))!)
  await vi.waitFor(() => expect(shown.cook.value?.phase).toBe('coming-up'))
  return shown
}
beforeEach(() => {
  localStorage.clear()
  get.mockReset().mockResolvedValue({ data: lidOn })
})
afterEach(() => scope.stop())

test('what the hub tells late does not turn the cook back', async () => {
  const { cook } = await cookOnScreen()
  hub.heard.get('changed')!(pressure)
  hub.heard.get('changed')!(lidOn)
  expect(cook.value?.phase).toBe('holding')
})

test('an answer overtaken by what the hub told does not turn the cook back', async () => {
  const { cook, query } = await cookOnScreen()
  let answer: (data: object) => void = () => undefined
  get.mockReturnValue(new Promise((resolve) => (answer = resolve)))
  const asked = query.refetch()
  hub.heard.get('changed')!(pressure)
  answer({ data: lidOn })
  await asked
  expect(cook.value?.phase).toBe('holding')
})

test('a step that was sent does not seem to be taken back before its answer is on the screen', async () => {
  const ahead = [
    { after: 'pressure-reached', step: null, at: '2026-11-26T12:00:01Z', byClock: false, phase: 'holding', next: [] },
  ]
  get.mockReset().mockResolvedValue({ data: { ...(lidOn as object), ahead, state: {} } })
  post.mockReset().mockImplementation((...[, { body }]: [string, { body: { kind: string; at: string } }]) => {
    const events = [{}, {}, { kind: body.kind, at: body.at }]
    return Promise.resolve({ data: { ...(pressure as object), events }, response: { status: 200 } })
  })
  const { cook, say } = await cookOnScreen()
  const phases = new Set<string | undefined>()
  watch(
    () => cook.value?.phase,
    (phase) => phases.add(phase),
  )
  await say('pressure-reached')
  await vi.waitFor(() => expect(cook.value?.events).toHaveLength(3))
  expect([...phases]).toEqual(['holding'])
})

test('what another window sent for this one does not seem to be taken back until the server was asked', async () => {
  const ahead = [
    { after: 'pressure-reached', step: null, at: '2026-11-26T12:00:01Z', byClock: false, phase: 'holding', next: [] },
  ]
  get.mockReset().mockResolvedValue({ data: { ...(lidOn as object), ahead, state: {} } })
  post.mockReset().mockRejectedValue(new TypeError('no connection'))
  const { cook, say } = await cookOnScreen()
  await say('pressure-reached')
  const phases = new Set<string | undefined>()
  watch(
    () => cook.value?.phase,
    (phase) => phases.add(phase),
  )
  let answer: (data: object) => void = () => undefined
  get.mockReturnValue(new Promise((resolve) => (answer = resolve)))
  const key = Object.keys(localStorage).find((name) => name.startsWith('ikuzo.outbox.'))!
  localStorage.removeItem(key)
  window.dispatchEvent(new StorageEvent('storage', { key, storageArea: localStorage }))
  await new Promise((resolve) => setTimeout(resolve, 100))
  expect([cook.value?.phase, ...phases]).toEqual(['holding'])
  answer({ data: view('venting', 4, 3) })
  await vi.waitFor(() => expect(cook.value?.phase).toBe('venting'))
  expect([...phases]).toEqual(['venting'])
})

test('a server that was restored to an earlier state is believed', async () => {
  const { cook, query } = await cookOnScreen()
  hub.heard.get('changed')!(pressure)
  await query.refetch()
  expect(cook.value?.phase).toBe('coming-up')
})

test('after a refusal the cook is asked for again', async () => {
  const { cook, say, refusal } = await cookOnScreen()
  post.mockResolvedValue({ error: { detail: 'It makes no sense now.' }, response: { status: 409 } })
  get.mockResolvedValue({ data: pressure })
  await say('pressure-reached')
  await vi.waitFor(() => expect(cook.value?.phase).toBe('holding'))
  expect(refusal.value).toBe('It makes no sense now.')
})

test('what is said now is never said to be before what was said last', async () => {
  const ahead = '2026-11-26T12:00:09.500Z' // by a clock that was a little ahead
  const told = { ...(lidOn as object), events: [{ standing: true, at: ahead }] }
  get.mockReset().mockResolvedValue({ data: told })
  const { say } = await cookOnScreen()
  post.mockReset().mockResolvedValue({ data: told, response: { status: 200 } })
  await say('pressure-reached')
  expect(post.mock.lastCall).toMatchObject([expect.anything(), { body: { at: ahead } }])
})
