import { QueryClient } from '@tanstack/vue-query'
import { beforeEach, describe, expect, test, vi } from 'vitest'
import { keepQueries } from './keepQueries'

const disk = vi.hoisted(() => new Map<string, string>())
vi.mock('idb-keyval', () => ({
  get: (key: string) => Promise.resolve(disk.get(key)),
  update: (key: string, change: (kept?: string) => string) =>
    Promise.resolve(void disk.set(key, change(disk.get(key)))),
  del: (key: string) => Promise.resolve(void disk.delete(key)),
}))

const away = () => Promise.reject(new TypeError('Failed to fetch'))

/** A page that is opened anew. */
async function opened() {
  const client = new QueryClient({ defaultOptions: { queries: { retry: false } } })
  const [leave, restored] = keepQueries(client)
  await restored
  return { client, leave }
}
const hasWritten = (text: string) => vi.waitFor(() => expect(disk.get('ikuzo.kept')).toContain(text), 5000)

describe('what was last heard', () => {
  beforeEach(() => disk.clear())

  test('is there on the next opening, and is asked for anew', async () => {
    const first = await opened()
    await first.client.fetchQuery({ queryKey: ['kitchen'], queryFn: () => Promise.resolve({ name: 'Barn' }) })
    await first.client.fetchQuery({ queryKey: ['preview'], queryFn: () => Promise.resolve({ minutes: 9 }) })
    await hasWritten('Barn')
    first.leave()
    const { client, leave } = await opened()
    expect(client.getQueryData(['kitchen'])).toEqual({ name: 'Barn' })
    expect(client.getQueryState(['kitchen'])?.isInvalidated).toBe(true)
    expect(client.getQueryData(['preview'])).toBeUndefined()
    leave()
  })

  test('stays when the server is asked in vain, however often the page is opened', async () => {
    const first = await opened()
    await first.client.fetchQuery({ queryKey: ['kitchen'], queryFn: () => Promise.resolve({ name: 'Barn' }) })
    await hasWritten('Barn')
    first.leave()
    for (const word of ['once', 'twice']) {
      const { client, leave } = await opened()
      await expect(client.fetchQuery({ queryKey: ['kitchen'], queryFn: away })).rejects.toThrow('Failed to fetch')
      expect(client.getQueryState(['kitchen'])?.status).toBe('error')
      await client.fetchQuery({ queryKey: ['book', word], queryFn: () => Promise.resolve(word) })
      await hasWritten(word)
      leave()
    }
    const { client, leave } = await opened()
    expect(client.getQueryData(['kitchen'])).toEqual({ name: 'Barn' })
    expect(client.getQueryState(['kitchen'])?.status).toBe('success')
    leave()
  })

  test('in one window stays, whatever another window keeps: of the same thing what was heard last', async () => {
    const [pot, cold] = [await opened(), await opened()]
    await pot.client.fetchQuery({ queryKey: ['cook', 'c'], queryFn: () => Promise.resolve('venting') })
    await hasWritten('venting')
    await cold.client.fetchQuery({ queryKey: ['store'], queryFn: () => Promise.resolve('thighs') })
    cold.client.setQueryData(['kitchen'], 'old Barn', { updatedAt: Date.now() - 60_000 })
    await hasWritten('thighs')
    await pot.client.fetchQuery({ queryKey: ['kitchen'], queryFn: () => Promise.resolve('Hill House') })
    await hasWritten('Hill House')
    cold.client.setQueryData(['dishes'], 'soup')
    await hasWritten('soup')
    const week = 7 * 86_400_000
    const gone = {
      queryKey: ['outline', 'x'],
      queryHash: '["outline","x"]',
      state: { data: 'far', dataUpdatedAt: Date.now() - week },
    }
    const kept = JSON.parse(disk.get('ikuzo.kept')!) as { clientState: { queries: object[] } }
    kept.clientState.queries.push(gone)
    disk.set('ikuzo.kept', JSON.stringify(kept))
    cold.client.setQueryData(['plans'], 'sunday')
    await hasWritten('sunday')
    pot.leave()
    cold.leave()
    expect(disk.get('ikuzo.kept')).not.toContain('far')
    const { client, leave } = await opened()
    expect(client.getQueryData(['cook', 'c'])).toBe('venting')
    expect(client.getQueryData(['store'])).toBe('thighs')
    expect(client.getQueryData(['kitchen'])).toBe('Hill House')
    leave()
  }, 20_000)
})
