import type { QueryClient } from '@tanstack/vue-query'
import { createAsyncStoragePersister } from '@tanstack/query-async-storage-persister'
import { persistQueryClient, type PersistedClient } from '@tanstack/query-persist-client-core'
import { del, get, update } from 'idb-keyval'

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

type Kept = PersistedClient['clientState']['queries'][number]

/** What this window heard, and what other windows have heard since: of the same thing the later. Of a window that is gone it is a day's. */
function withOthers(mine: PersistedClient, theirs: PersistedClient | undefined): PersistedClient {
  if (theirs?.buster !== mine.buster) return mine
  const all = new Map<string, Kept>(mine.clientState.queries.map((query) => [query.queryHash, query]))
  for (const query of theirs.clientState.queries) {
    const at = query.state.dataUpdatedAt
    const known = all.get(query.queryHash)
    if (known ? known.state.dataUpdatedAt < at : mine.timestamp - at < dayMs) all.set(query.queryHash, query)
  }
  return { ...mine, clientState: { ...mine.clientState, queries: [...all.values()] } }
}

// Two windows keep it in one place: neither writes over what the other has there.
const storage = {
  getItem: (key: string) => get<string>(key),
  removeItem: del,
  setItem: (key: string, mine: string) =>
    update<string>(key, (kept) =>
      kept === undefined
        ? mine
        : JSON.stringify(withOthers(JSON.parse(mine) as PersistedClient, JSON.parse(kept) as PersistedClient)),
    ),
}

/** Keeps what was last heard from the server in the browser; the promise is of what was kept before being there again. */
export function keepQueries(client: QueryClient): [() => void, Promise<unknown>] {
  kinds.forEach((kind) => client.setQueryDefaults([kind], { gcTime: maxAge }))
  const persister = createAsyncStoragePersister({
    storage,
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
