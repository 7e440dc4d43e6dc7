import { createSharedComposable, useIntervalFn } from '@vueuse/core'
import { computed, ref } from 'vue'
import { isPassing } from '@/api/client'
import type { CookEventData, CookEventKind, DishDocument, Request, StartBody, StorePlace } from '@/api/types'
import {
  dishListeners,
  kitchenListeners,
  knowKitchen,
  listeners,
  planListeners,
  sendOne,
  storeListeners,
} from './sending'
import {
  about,
  conflicts,
  drop,
  here,
  isBegin,
  isDish,
  isKitchen,
  isOfCook,
  isOfStore,
  isPlan,
  keep,
  name,
  note,
  refused,
  reread,
  waiting,
  type CookWaiting,
  type DishWaiting,
  type KitchenWaiting,
  type PlanWaiting,
  type Settings,
  type Waiting,
} from './waiting'

const retryMs = 1500
const answerMs = 20_000 // a connection that is half gone says nothing at all: it is tried again, under the same name
const refusal = ref<string | null>(null)
const refusals = new Map<string, Error>() // of what somebody waits for, by its name
let sending: Promise<void> | null = null

/** Sends all that is about one thing, in order, until something has to wait. */
async function sendAbout(thing: string) {
  for (let next = first(thing); next; next = first(thing)) {
    const { clientId } = next
    let sent
    try {
      sent = await sendOne(next, AbortSignal.timeout(answerMs))
    } catch {
      note(clientId, 'Ikuzo cannot be reached.') // it stays in the outbox and is tried again
      return
    }
    if (isPassing(sent.status)) {
      note(clientId, sent.said ?? 'Ikuzo cannot take it at present.')
      return
    }
    drop(clientId)
    try {
      sent.tell()
    } catch (error) {
      const why = (error as Error).message
      if (isBegin(next) || isOfCook(next) || isOfStore(next)) {
        refusal.value = why
        refused.put({ what: next, why })
      } else refusals.set(clientId, error as Error)
    }
  }
}
const first = (thing: string) => waiting.value.find((w) => about(w) === thing)

// What comes in meanwhile about something else has its turn too.
async function sendAll() {
  try {
    const done = new Set<string>()
    for (;;) {
      const things = new Set(waiting.value.map(about).filter((thing) => !done.has(thing)))
      if (things.size === 0) return
      things.forEach((thing) => done.add(thing))
      await Promise.all([...things].map(sendAbout))
    }
  } finally {
    sending = null
  }
}

// Two windows of one browser have one outbox: one of them sends, and the other sends what is left then.
async function alone() {
  const locks = navigator.locks as LockManager | null | undefined // not every browser has them
  if (!locks) return sendAll()
  await locks.request(name, async () => {
    reread()
    await sendAll()
  })
}

/** Resolves when all is sent that can be. */
export const flush = () => (waiting.value.length === 0 ? Promise.resolve() : (sending ??= alone()))

// One for all who send.
const useRetries = createSharedComposable(() => useIntervalFn(() => void flush(), retryMs))

/** Sends what the cook did, in order. What cannot be sent is kept, also over a reload, and goes out when the server is back. */
export function useOutbox() {
  async function put(what: Waiting) {
    refusal.value = null
    keep(what)
    await flush()
    // What came in while the last was about to be done with is not sent by that.
    if (waiting.value.some((w) => w.clientId === what.clientId)) await flush()
  }
  const send = (
    cookId: string,
    kind: CookEventKind,
    data: CookEventData = {},
    at: string | null = null,
    known: string | null = null,
  ) => put({ cookId, clientId: crypto.randomUUID(), kind, at, data, known })
  /** A cook that was begun while the server is away; what happens to it goes out after it. */
  const begin = (begunId: string, called: string, body: StartBody) =>
    put({ begunId, clientId: crypto.randomUUID(), called, body })
  const move = (storeId: string, to: StorePlace | 'undo', portions: number | null = null) =>
    put({ storeId, clientId: crypto.randomUUID(), to, at: new Date().toISOString(), portions })

  /** Tries again what the server did not take, as something that happens now. */
  function again(clientId: string) {
    const what = refused.list.value.find((r) => r.what.clientId === clientId)?.what
    refused.drop(clientId)
    if (!what) return flush()
    const anew = { ...what, clientId: crypto.randomUUID() }
    return put(isBegin(anew) ? anew : { ...anew, at: null })
  }
  /** Gives up what was not taken, or what waits. */
  function giveUp(clientId: string) {
    refused.drop(clientId)
    drop(clientId)
  }

  // What waits of this window already goes out as it is now; what is on its way meanwhile is told from it by its name.
  async function change(what: DishWaiting | KitchenWaiting | PlanWaiting, replaced: Waiting[] = []) {
    keep(what)
    replaced.forEach((before) => drop(before.clientId))
    await flush()
    const refused = refusals.get(what.clientId)
    refusals.delete(what.clientId)
    if (refused) throw refused
  }
  /** Keeps a dish; throws what the server has against it. One that cannot be sent now goes out later. */
  function saveDish(dishId: string, body: DishDocument, version: string | null) {
    const before = waiting.value.filter(isDish).filter((w) => w.dishId === dishId)
    const own = before.filter((w) => w.by === here)
    const from = before.length > 0 ? before[0]!.version : version
    return change({ dishId, by: here, clientId: crypto.randomUUID(), body, version: from }, own)
  }
  /** Keeps what was changed of the kitchen. */
  function saveKitchen(settings: Partial<Settings>) {
    const own = waiting.value.filter(isKitchen).filter((w) => w.by === here)
    const all = Object.assign({}, ...own.map((w) => w.settings), settings) as Partial<Settings>
    return change({ settings: all, by: here, clientId: crypto.randomUUID() }, own)
  }
  /** Keeps a plan. */
  const savePlan = (called: string, request: Request) =>
    change({ planId: crypto.randomUUID(), clientId: crypto.randomUUID(), called, request })

  useRetries()
  const unsentOf = (cookId: string | null) =>
    waiting.value.filter((w): w is CookWaiting => isOfCook(w) && w.cookId === cookId)
  const unsentMoves = computed(() => waiting.value.filter(isOfStore))
  const unsentDishes = computed(() => new Map(waiting.value.filter(isDish).map((w) => [w.dishId, w.body])))
  const unsentPlans = computed(() => waiting.value.filter(isPlan))
  const unsentKitchen = computed(
    () => Object.assign({}, ...waiting.value.filter(isKitchen).map((w) => w.settings)) as Partial<Settings>,
  )
  return {
    send,
    begin,
    move,
    flush,
    refusal,
    listeners,
    storeListeners,
    unsentOf,
    unsentMoves,
    unsentDishes,
    unsentKitchen,
    unsentPlans,
    saveDish,
    saveKitchen,
    savePlan,
    knowKitchen,
    conflicts: conflicts.list,
    settle: conflicts.drop,
    again,
    giveUp,
    dishListeners,
    planListeners,
    kitchenListeners,
    unsent: computed(() => waiting.value.length),
  }
}
