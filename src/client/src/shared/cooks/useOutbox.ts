import { useIntervalFn, useLocalStorage } from '@vueuse/core'
import { computed, ref } from 'vue'
import { api, unwrap } from '@/api/client'
import type { CookEventData, CookEventKind, CookView } from '@/api/types'

interface Waiting {
  cookId: string
  clientId: string
  kind: CookEventKind
  at: string | null
  data: CookEventData
}

const retryMs = 1500
const serverFailed = 500
const waiting = useLocalStorage<Waiting[]>('ikuzo.outbox', [])
const refusal = ref<string | null>(null)
const listeners = new Set<(cook: CookView) => void>()
let sending: Promise<void> | null = null

async function sendAll() {
  try {
    for (let next = waiting.value[0]; next; next = waiting.value[0]) {
      const { cookId, ...body } = next
      const answer = await api.POST('/api/cooks/{id}/events', {
        params: { path: { id: cookId } },
        body: body as never,
      })
      if (answer.response.status >= serverFailed) return // nothing is wrong with what was said: it is tried again
      // By its name: another window of this browser may have sent the first meanwhile.
      waiting.value = waiting.value.filter((w) => w.clientId !== next.clientId)
      try {
        const cook = unwrap(answer)
        listeners.forEach((tell) => tell(cook))
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
  function send(cookId: string, kind: CookEventKind, data: CookEventData = {}, at: string | null = null) {
    refusal.value = null
    waiting.value = [...waiting.value, { cookId, clientId: crypto.randomUUID(), kind, at, data }]
    return flush()
  }

  useIntervalFn(() => void flush(), retryMs)
  const unsentOf = (cookId: string | null) => waiting.value.filter((w) => w.cookId === cookId)
  return { send, flush, refusal, listeners, unsentOf, unsent: computed(() => waiting.value.length) }
}
