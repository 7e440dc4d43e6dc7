import { useIntervalFn, useLocalStorage } from '@vueuse/core'
import { computed, ref } from 'vue'
import { api, unwrap } from '@/api/client'
import type { CookEventData, CookEventKind, CookView, StorePlace, StoreView } from '@/api/types'

/** Something that happened to a cook. */
interface CookWaiting {
  cookId: string
  clientId: string
  kind: CookEventKind
  at: string | null
  data: CookEventData
}

/** Something that happened to a thing in the cold. */
interface StoreWaiting {
  storeId: string
  clientId: string
  to: StorePlace | 'undo'
  at: string | null
  portions: number | null
}

type Waiting = CookWaiting | StoreWaiting

const retryMs = 1500
const serverFailed = 500
const waiting = useLocalStorage<Waiting[]>('ikuzo.outbox', [])
const refusal = ref<string | null>(null)
const listeners = new Set<(cook: CookView) => void>()
const storeListeners = new Set<(item: StoreView) => void>()
let sending: Promise<void> | null = null

const isOfStore = (waiting: Waiting): waiting is StoreWaiting => 'storeId' in waiting

function sendMove({ storeId: id, clientId, to, at, portions }: StoreWaiting) {
  const params = { path: { id } }
  if (to === 'undo') return api.POST('/api/store/{id}/undo', { params, body: { clientId } })
  return to === 'gone'
    ? api.POST('/api/store/{id}/used', { params, body: { clientId, at, portions, cookId: null } })
    : api.POST('/api/store/{id}/move', { params, body: { clientId, to, at } })
}

async function sendOne(next: Waiting) {
  if (isOfStore(next)) {
    const answer = await sendMove(next)
    const tell = () => {
      const item = unwrap(answer)
      storeListeners.forEach((listener) => listener(item))
    }
    return { status: answer.response.status, tell }
  }
  const { cookId, ...body } = next
  const answer = await api.POST('/api/cooks/{id}/events', { params: { path: { id: cookId } }, body: body as never })
  const tell = () => {
    const cook = unwrap(answer)
    listeners.forEach((listener) => listener(cook))
  }
  return { status: answer.response.status, tell }
}

async function sendAll() {
  try {
    for (let next = waiting.value[0]; next; next = waiting.value[0]) {
      const sent = await sendOne(next)
      if (sent.status >= serverFailed) return // nothing is wrong with what was said: it is tried again
      // By its name: another window of this browser may have sent the first meanwhile.
      const { clientId } = next
      waiting.value = waiting.value.filter((w) => w.clientId !== clientId)
      try {
        sent.tell()
      } catch (error) {
        refusal.value = (error as Error).message
      }
    }
  } catch {
    // No connection: it stays in the outbox and is tried again.
  } finally {
    sending = null
  }
}

/** Resolves when all is sent that can be. */
export const flush = () => (waiting.value.length === 0 ? Promise.resolve() : (sending ??= sendAll()))

/** Sends what the cook did, in order. What cannot be sent is kept, also over a reload, and goes out when the server is back. */
export function useOutbox() {
  function put(what: Waiting) {
    refusal.value = null
    waiting.value = [...waiting.value, what]
    return flush()
  }
  const send = (cookId: string, kind: CookEventKind, data: CookEventData = {}, at: string | null = null) =>
    put({ cookId, clientId: crypto.randomUUID(), kind, at, data })
  const move = (storeId: string, to: StorePlace | 'undo', portions: number | null = null) =>
    put({ storeId, clientId: crypto.randomUUID(), to, at: new Date().toISOString(), portions })

  useIntervalFn(() => void flush(), retryMs)
  const unsentOf = (cookId: string | null) =>
    waiting.value.filter((w): w is CookWaiting => !isOfStore(w) && w.cookId === cookId)
  const unsentMoves = computed(() => waiting.value.filter(isOfStore))
  return {
    send,
    move,
    flush,
    refusal,
    listeners,
    storeListeners,
    unsentOf,
    unsentMoves,
    unsent: computed(() => waiting.value.length),
  }
}
