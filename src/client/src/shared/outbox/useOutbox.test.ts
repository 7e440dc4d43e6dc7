import { afterEach, beforeEach, describe, expect, test, vi } from 'vitest'
import { effectScope, type EffectScope } from 'vue'

interface Sent {
  signal: AbortSignal
  body: { kind: string; clientId: string; at: string | null }
}
const post = vi.hoisted(() => vi.fn<(path: string, options: Sent) => Promise<object>>())
vi.mock('@/api/client', async (original) => ({ ...(await original<object>()), api: { POST: post } }))

const answer = (data: object) => Promise.resolve({ data, response: { status: 200 } })
const refused = (detail: string, status = 409) => Promise.resolve({ error: { detail }, response: { status } })

let scope: EffectScope
async function outbox() {
  vi.resetModules()
  const { useOutbox } = await import('./useOutbox')
  scope = effectScope()
  return scope.run(useOutbox)!
}

describe('what the cook did', () => {
  beforeEach(() => {
    localStorage.clear()
    post.mockReset()
  })
  afterEach(() => scope.stop())

  test('is sent in order, each with a name of its own', async () => {
    post.mockImplementation(() => answer({ id: 'c' }))
    const { send, unsent } = await outbox()
    await Promise.all([send('c', 'lid-on'), send('c', 'note', { text: 'hiss' })])
    await vi.waitFor(() => expect(unsent.value).toBe(0))
    const bodies = post.mock.calls.map(
      ([, options]) => (options as unknown as { body: { kind: string; clientId: string } }).body,
    )
    expect(bodies.map((b) => b.kind)).toEqual(['lid-on', 'note'])
    expect(new Set(bodies.map((b) => b.clientId)).size).toBe(2)
  })

  test('is kept while the server is away and goes out with the same name later', async () => {
    post.mockImplementationOnce(() => Promise.reject(new TypeError('no connection')))
    const { send, flush, unsent } = await outbox()
    await send('c', 'lid-on', {}, '2026-12-06T17:00:00Z')
    expect(unsent.value).toBe(1)
    expect(JSON.parse(localStorage.getItem('ikuzo.outbox')!)).toHaveLength(1)
    post.mockImplementation(() => answer({ id: 'c' }))
    await flush()
    expect(unsent.value).toBe(0)
    const [first, second] = post.mock.calls.map(([, { body }]) => body)
    expect(first).toEqual(second)
  })

  test('is sent again when no answer comes at all', async () => {
    const patience = vi.spyOn(AbortSignal, 'timeout')
    const gone = new AbortController()
    patience.mockReturnValueOnce(gone.signal)
    post.mockImplementationOnce(
      (_, { signal }) => new Promise((_, fail) => signal.addEventListener('abort', () => fail(new Error('no answer')))),
    )
    const { send, flush, unsent } = await outbox()
    const first = send('c', 'lid-on')
    post.mockImplementation(() => answer({ id: 'c' }))
    expect(unsent.value).toBe(1)
    gone.abort()
    await first
    await flush()
    expect(unsent.value).toBe(0)
    expect(patience.mock.calls.flat().every((ms) => ms <= 20_000)).toBe(true)
    patience.mockRestore()
  })

  test('is kept when the server fails, and goes out when it is well again', async () => {
    post.mockImplementationOnce(() => refused('The disk is full.', 500))
    const { send, flush, unsent, refusal } = await outbox()
    await send('c', 'lid-on')
    expect([unsent.value, refusal.value]).toEqual([1, null])
    post.mockImplementation(() => answer({ id: 'c' }))
    await flush()
    expect(unsent.value).toBe(0)
  })

  test.each([401, 403, 429])('is kept when it is not the time for it (%i)', async (status) => {
    post.mockImplementationOnce(() => refused('Wait a second.', status))
    const { send, flush, unsent, refusal } = await outbox()
    await send('c', 'lid-on')
    expect([unsent.value, refusal.value]).toEqual([1, null])
    post.mockImplementation(() => answer({ id: 'c' }))
    await flush()
    expect(unsent.value).toBe(0)
  })

  test('is not lost when another window sends what was before it', async () => {
    const { send, unsent } = await outbox()
    post.mockImplementationOnce(async () => {
      const kept = localStorage.getItem('ikuzo.outbox')!
      const rest = JSON.stringify((JSON.parse(kept) as object[]).slice(1))
      const change = { key: 'ikuzo.outbox', oldValue: kept, newValue: rest, storageArea: localStorage }
      window.dispatchEvent(new StorageEvent('storage', change))
      return answer({ id: 'c' })
    })
    post.mockImplementation(() => answer({ id: 'c' }))
    void send('c', 'lid-on')
    await send('c', 'note', { text: 'hiss' })
    await vi.waitFor(() => expect(unsent.value).toBe(0))
    expect(post.mock.calls.map(([, { body }]) => body.kind)).toEqual(['lid-on', 'note'])
  })

  test('is dropped when the server refuses it, and the refusal is shown', async () => {
    post.mockImplementation(() => refused('Opening makes no sense while it is under pressure.'))
    const { send, unsent, refusal } = await outbox()
    await send('c', 'opened')
    expect(unsent.value).toBe(0)
    expect(refusal.value).toContain('makes no sense')
  })

  test('tells who shows the cook', async () => {
    post.mockImplementation(() => answer({ id: 'c', phase: 'coming-up' }))
    const { send, listeners } = await outbox()
    const heard: unknown[] = []
    listeners.add((cook) => heard.push(cook.phase))
    await send('c', 'lid-on')
    expect(heard).toEqual(['coming-up'])
  })
})
