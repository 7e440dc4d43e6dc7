import { QueryClient } from '@tanstack/vue-query'
import { beforeEach, describe, expect, test, vi } from 'vitest'
import { keepQueries } from './keepQueries'

const disk = vi.hoisted(() => new Map<string, string>())
vi.mock('idb-keyval', () => ({
  get: (key: string) => Promise.resolve(disk.get(key)),
  set: (key: string, value: string) => Promise.resolve(void disk.set(key, value)),
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
})
