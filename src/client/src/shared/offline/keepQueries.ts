import type { QueryClient } from '@tanstack/vue-query'
import { createAsyncStoragePersister } from '@tanstack/query-async-storage-persister'
import { persistQueryClient, type PersistedClient } from '@tanstack/query-persist-client-core'
import { del, get, set } from 'idb-keyval'

const name = 'ikuzo.kept'
const dayMs = 86_400_000
const maxAge = 20 * dayMs // a timer of the browser holds 24 days at most
const throttleTime = 1000
const mostWaitMs = 3000 // the page is drawn meanwhile

/** What the phone has with it when the server is away, by the first word of its key. */
const kinds = [
  'catalogue',
  'kitchen',
  'plans',
  'dishes',
  'cooks',
  'cook',
  'outline',
  'book',
  'book-page',
  'store',
  'cook-line-up',
]
const kept = new Set<unknown>(kinds)

// Asked in vain later on, it is still what was last heard.
const asHeard = ({ clientState, ...rest }: PersistedClient) =>
  JSON.stringify({
    ...rest,
    clientState: {
      ...clientState,
      queries: clientState.queries.map((query) => ({
        ...query,
        state: { ...query.state, status: 'success', error: null, fetchFailureReason: null, fetchFailureCount: 0 },
      })),
    },
  })

/** Keeps what was last heard from the server in the browser; the promise is of what was kept before being there again. */
export function keepQueries(client: QueryClient): [() => void, Promise<unknown>] {
  kinds.forEach((kind) => client.setQueryDefaults([kind], { gcTime: maxAge }))
  const persister = createAsyncStoragePersister({
    storage: { getItem: get, setItem: set, removeItem: del },
    key: name,
    throttleTime,
    serialize: asHeard,
  })
  const [leave, restored] = persistQueryClient({
    queryClient: client as never, // the same client, by another name of its type
    persister,
    maxAge,
    buster: __VERSION__,
    dehydrateOptions: {
      shouldDehydrateQuery: (query) => query.state.data !== undefined && kept.has(query.queryKey[0]),
    },
  })
  // A browser that keeps nothing is no reason to show nothing.
  // What was kept is shown, and asked about anew.
  const asked = restored.then(
    () => client.invalidateQueries({ refetchType: 'none' }),
    () => undefined,
  )
  return [leave, Promise.race([asked, new Promise((resolve) => setTimeout(resolve, mostWaitMs))])]
}

/** Forgets it all: a phone that may no longer come in keeps nothing of the household. */
export const forgetQueries = () => del(name)
