import { afterEach, beforeEach, describe, expect, test, vi } from 'vitest'
import { effectScope, type EffectScope } from 'vue'

interface Sent {
  signal: AbortSignal
  body: { kind: string; clientId: string; at: string | null }
}
const post = vi.hoisted(() => vi.fn<(path: string, options: Sent) => Promise<object>>())
interface Put {
  body: { name: string }
  params: { header: { 'If-Match'?: string } }
}
const put = vi.hoisted(() => vi.fn<(path: string, options: Put) => Promise<object>>())
vi.mock('@/api/client', async (original) => ({ ...(await original<object>()), api: { POST: post, PUT: put } }))

const answer = (data: object) => Promise.resolve({ data, response: { status: 200 } })
const refused = (detail: string, status = 409) => Promise.resolve({ error: { detail }, response: { status } })

/** Where in this browser it is kept what waits, in order. */
const keys = () =>
  Object.keys(localStorage)
    .filter((key) => /^ikuzo\.outbox\.\d/.test(key))
    .sort()

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
    expect(keys()).toHaveLength(1)
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

  test.each([401, 403, 408, 429])('is kept when it is not the time for it (%i)', async (status) => {
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
      const [key] = keys()
      localStorage.removeItem(key!)
      window.dispatchEvent(new StorageEvent('storage', { key: key!, storageArea: localStorage }))
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

  test('about one cook goes out though what is about another has to wait, in the order of each', async () => {
    const sent: string[] = []
    post.mockImplementation((_, options) => {
      const { id } = (options as unknown as { params: { path: { id: string } } }).params.path
      if (id === 'stuck') return refused('The disk is full.', 507)
      sent.push(`${id} ${options.body.kind}`)
      return answer({ id })
    })
    const { send, unsent, giveUp, unsentOf } = await outbox()
    await send('stuck', 'lid-on')
    await send('stuck', 'note', { text: 'hiss' })
    await send('c', 'lid-on')
    await send('c', 'note', { text: 'hiss' })
    expect(sent).toEqual(['c lid-on', 'c note'])
    expect(unsent.value).toBe(2)
    const { stuck } = await import('./waiting')
    expect(stuck.value.map((s) => s.why)).toEqual(['The disk is full.']) // the second waits for the first alone
    giveUp(unsentOf('stuck')[0]!.clientId)
    expect(unsentOf('stuck').map((w) => w.kind)).toEqual(['note'])
  })

  test('that was not taken can be tried again as of now, or given up', async () => {
    post.mockImplementation(() => refused('It makes no sense now.'))
    const { send, again, giveUp, unsent } = await outbox()
    await send('c', 'opened', {}, '2026-12-06T17:00:00Z')
    await send('c', 'vented', {}, '2026-12-06T17:01:00Z')
    const {
      refused: { list },
    } = await import('./waiting')
    expect(list.value.map((r) => [(r.what as { kind?: string }).kind, r.why])).toEqual([
      ['opened', 'It makes no sense now.'],
      ['vented', 'It makes no sense now.'],
    ])
    post.mockClear()
    post.mockImplementation(() => answer({ id: 'c' }))
    giveUp(list.value[0]!.what.clientId)
    await again(list.value[0]!.what.clientId)
    expect([list.value.length, unsent.value]).toEqual([0, 0])
    expect(post.mock.calls.map(([, { body }]) => [body.kind, body.at])).toEqual([['vented', null]])
  })

  test('in two windows at one moment writes over nothing of one another, and goes out in order', async () => {
    const away = () => Promise.reject(new TypeError('no connection'))
    post.mockImplementation(away)
    const mine = await outbox()
    const theirs = await outbox() // knows of nothing that the other wrote since
    await mine.send('c', 'lid-on', {}, '2026-12-06T17:00:00Z')
    await theirs.move('bag', 'freezer')
    vi.useFakeTimers({ now: Date.now() - 3_600_000, toFake: ['Date'] }) // a clock that is set back
    await mine.send('c', 'note', { text: 'hiss' })
    vi.useRealTimers()
    expect(keys()).toHaveLength(3)
    const third = await outbox()
    expect(third.unsentOf('c').map((w) => w.kind)).toEqual(['lid-on', 'note'])
    expect(third.unsentMoves.value.map((w) => w.storeId)).toEqual(['bag'])
  })

  test('changed on while it was on its way is kept as it is now', async () => {
    const arrived: (() => void)[] = []
    put
      .mockReset()
      .mockImplementation(
        (_, { body }) =>
          new Promise((resolve) =>
            arrived.push(() => resolve({ data: { id: 'd', version: `of ${body.name}` }, response: { status: 200 } })),
          ),
      )
    const sender = await outbox()
    const first = sender.saveDish('d', { name: 'Soup' } as never, 'v0')
    const other = await outbox() // the same window opened anew, while what was sent of it has no answer
    const second = other.saveDish('d', { name: 'Stew' } as never, 'v0')
    await vi.waitFor(() => expect(arrived.length).toBeGreaterThan(0))
    for (let i = 0; i < 4; i++) {
      await new Promise((resolve) => setTimeout(resolve, 20))
      arrived[i]?.()
    }
    await Promise.all([first, second])
    const named = put.mock.calls.map(([, { body }]) => body.name)
    expect([named[0], named.at(-1)]).toEqual(['Soup', 'Stew'])
    expect(keys()).toEqual([])
  })

  test('in the form of before December 2026 is taken over', async () => {
    const kept = ['lid-on', 'note'].map((kind, n) => ({ cookId: 'c', clientId: `${n}`, kind, at: null, data: {} }))
    localStorage.setItem('ikuzo.outbox', JSON.stringify(kept))
    localStorage.setItem('ikuzo.refused', JSON.stringify([{ what: { ...kept[0], clientId: 'r' }, why: 'Too late.' }]))
    post.mockImplementation(() => Promise.reject(new TypeError('no connection')))
    const { unsentOf, again } = await outbox()
    expect(unsentOf('c').map((w) => w.kind)).toEqual(['lid-on', 'note'])
    expect([localStorage.getItem('ikuzo.outbox'), localStorage.getItem('ikuzo.refused')]).toEqual([null, null])
    await again('r')
    expect(unsentOf('c').map((w) => w.kind)).toEqual(['lid-on', 'note', 'lid-on'])
  })

  test('and was torn in one place is set aside alone', async () => {
    localStorage.setItem('ikuzo.outbox.1764600000000.a', '{"cookId":"c","clientId":"a","kind":"lid-on","da')
    localStorage.setItem('ikuzo.outbox.1764600000001.b', '{"cookId":"c","clientId":"b","kind":"note","at":null}')
    post.mockImplementation(() => Promise.reject(new TypeError('no connection')))
    const { unsentOf } = await outbox()
    const { torn } = await import('./keptList')
    expect(unsentOf('c').map((w) => w.kind)).toEqual(['note'])
    expect(torn.value).toContain('lid-on')
    expect(keys()).toHaveLength(1)
  })

  test.each([
    '[{"cookId":"c","clientId":"1","kind":"lid-on","at"',
    '[null,{"cookId":"c","clientId":"1","kind":"note"}]',
    '{}',
  ])('and was torn is set aside, and all else goes on (%s)', async (kept) => {
    localStorage.setItem('ikuzo.outbox', kept)
    post.mockImplementation(() => answer({ id: 'c' }))
    const { send, unsent } = await outbox()
    const { torn, forgetTorn } = await import('./keptList')
    expect(torn.value).toBe(kept)
    await send('c', 'opened')
    expect(unsent.value).toBe(0)
    expect(post.mock.calls.map(([, { body }]) => body.kind)).toEqual(
      kept.startsWith('[null') ? ['note', 'opened'] : ['opened'],
    )
    expect(localStorage.getItem('ikuzo.outbox.torn')).toBe(kept)
    forgetTorn()
    expect(localStorage.getItem('ikuzo.outbox.torn')).toBeNull()
  })

  test('begun away goes out first, and what happened to that cook after it', async () => {
    const sent: string[] = []
    post.mockImplementation(() => Promise.reject(new TypeError('no connection')))
    const { begin, send, flush, unsent } = await outbox()
    const body = { id: '8f0c9d4e-0000-4000-8000-000000000001', begunAt: '2026-12-06T17:00:00Z' }
    await begin('8f0c', 'Thighs', body as never)
    await send('8f0c', 'lid-on')
    expect(unsent.value).toBe(2)
    post.mockImplementationOnce(() => refused('Wait a second.', 503)) // and nothing of it overtakes
    await flush()
    post.mockImplementation((path, options) => {
      sent.push(path)
      if (sent.length === 1) expect(options.body).toEqual(body)
      return answer({ id: '8f0c' })
    })
    await flush()
    expect([sent, unsent.value]).toEqual([['/api/cooks', '/api/cooks/{id}/events'], 0])
  })

  test('begun away and not taken is said, and can be tried again under the same name', async () => {
    post.mockImplementation(() => refused('There is no safe plan for this yet.'))
    const { begin, again } = await outbox()
    const {
      refused: { list },
    } = await import('./waiting')
    await begin('8f0c', 'Thighs', { id: '8f0c', begunAt: '2026-12-06T17:00:00Z' } as never)
    expect(list.value.map((r) => r.why)).toEqual(['There is no safe plan for this yet.'])
    post.mockClear().mockImplementation(() => answer({ id: '8f0c' }))
    await again(list.value[0]!.what.clientId)
    expect(post.mock.calls.map(([, { body }]) => body)).toEqual([{ id: '8f0c', begunAt: '2026-12-06T17:00:00Z' }])
    expect(list.value).toEqual([])
  })

  test('to a dish in a window that is gone, and here since, goes out after it as a change of what came of it', async () => {
    const former = { dishId: 'd', by: 'gone', clientId: '1', body: { name: 'Once' }, version: 'v0' }
    localStorage.setItem('ikuzo.outbox', JSON.stringify([former]))
    let version = 0
    put
      .mockReset()
      .mockImplementation(() =>
        Promise.resolve({ data: { id: 'd', version: `v${++version}` }, response: { status: 200 } }),
      )
    const { saveDish, dishListeners } = await outbox()
    const { here } = await import('./waiting')
    expect(sessionStorage.getItem('ikuzo.window')).toBe(here) // the same when it is opened anew
    const own: unknown[] = []
    dishListeners.add((dish, by) => own.push([dish.version, by === here]))
    await saveDish('d', { name: 'Twice' } as never, 'v0')
    expect(put.mock.calls.map(([, o]) => [o.body.name, o.params.header['If-Match']])).toEqual([
      ['Once', 'v0'],
      ['Twice', 'v1'],
    ])
    expect(own).toEqual([
      ['v1', false],
      ['v2', true],
    ])
  })

  test('as a plan is kept under one name, and what is wrong with it is said at once', async () => {
    const { savePlan, unsentPlans, flush } = await outbox()
    post.mockImplementationOnce(() => Promise.reject(new TypeError('no connection')))
    await savePlan('Friday', { load: { cut: 'duck-leg' } })
    expect(unsentPlans.value.map((p) => p.called)).toEqual(['Friday'])
    post.mockImplementation(() => answer({ id: 'p' }))
    await flush()
    const [first, second] = post.mock.calls.map(([, { body }]) => body as unknown as { id: string })
    expect([second, unsentPlans.value]).toEqual([first, []])
    post.mockImplementation(() => refused('The name is too long.', 400))
    await expect(savePlan('F'.repeat(90), { load: { cut: 'duck-leg' } })).rejects.toThrow('too long')
    expect(unsentPlans.value).toEqual([])
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
