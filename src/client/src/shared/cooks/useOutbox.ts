import { createSharedComposable, useEventListener, useIntervalFn, useLocalStorage } from '@vueuse/core'
import { computed, ref, shallowRef } from 'vue'
import { api, nowElsewhere, unwrap } from '@/api/client'
import { says } from './says'
import type {
  CookEventData,
  CookEventKind,
  CookView,
  DishDocument,
  KeptDish,
  KitchenView,
  StorePlace,
  StoreView,
} from '@/api/types'

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

type Settings = KitchenView['settings']

/** A dish as it is now, laid over the version that it was changed from. */
interface DishWaiting {
  dishId: string
  clientId: string
  body: DishDocument
  version: string | null
}

/** What was changed of the kitchen. */
interface KitchenWaiting {
  settings: Partial<Settings>
  clientId: string
}

type Waiting = CookWaiting | StoreWaiting | DishWaiting | KitchenWaiting

/** A dish that another window changed meanwhile: what was written here, and what it is there. */
export interface Conflict {
  dishId: string
  mine: DishDocument
  theirs: KeptDish
}

const retryMs = 1500
const serverFailed = 500
const notNow = [401, 403, 408, 429] // not let in at present, or too much at once
const name = 'ikuzo.outbox'
const read = (text: string | null) => JSON.parse(text ?? '[]') as Waiting[]
const waiting = shallowRef(read(localStorage.getItem(name)))

// On the disk before anything else happens, and laid over what another window wrote there since.
function keep(change: (now: Waiting[]) => Waiting[]) {
  waiting.value = change(read(localStorage.getItem(name)))
  localStorage.setItem(name, JSON.stringify(waiting.value))
}
useEventListener(window, 'storage', (event) => {
  if (event.key === name) waiting.value = read(event.newValue)
})
const conflicts = useLocalStorage<Conflict[]>('ikuzo.conflicts', [])
const refusal = ref<string | null>(null)
const refusals = new Map<string, Error>() // of what somebody waits for, by its name
const listeners = new Set<(cook: CookView) => void>()
const storeListeners = new Set<(item: StoreView) => void>()
const dishListeners = new Set<(dish: KeptDish) => unknown>()
const kitchenListeners = new Set<(kitchen: KitchenView) => void>()
let kitchen: KitchenView | null = null // as it was last heard of
let sending: Promise<void> | null = null

const isOfCook = (waiting: Waiting): waiting is CookWaiting => 'cookId' in waiting
const isOfStore = (waiting: Waiting): waiting is StoreWaiting => 'storeId' in waiting
const isDish = (waiting: Waiting): waiting is DishWaiting => 'dishId' in waiting
const isKitchen = (waiting: Waiting): waiting is KitchenWaiting => 'settings' in waiting

function sendMove({ storeId: id, clientId, to, at, portions }: StoreWaiting) {
  const params = { path: { id } }
  if (to === 'undo') return api.POST('/api/store/{id}/undo', { params, body: { clientId } })
  return to === 'gone'
    ? api.POST('/api/store/{id}/used', { params, body: { clientId, at, portions, cookId: null } })
    : api.POST('/api/store/{id}/move', { params, body: { clientId, to, at } })
}

async function sendDish({ dishId: id, body, version }: DishWaiting) {
  const answer = await api.PUT('/api/dishes/{id}', {
    params: { path: { id }, header: version === null ? {} : { 'If-Match': version } },
    body,
  })
  const tell = () => {
    const theirs = nowElsewhere<KeptDish>(answer)
    if (theirs !== null) {
      if (says(theirs.document) === says(body)) return know(theirs) // it had arrived, and only the answer got lost
      conflicts.value = [...conflicts.value.filter((c) => c.dishId !== id), { dishId: id, mine: body, theirs }]
      return
    }
    know(unwrap(answer))
  }
  // What was written since was written over this.
  function know(dish: KeptDish) {
    keep((now) => now.map((w) => (isDish(w) && w.dishId === id ? { ...w, version: dish.version } : w)))
    dishListeners.forEach((listener) => listener(dish))
  }
  return { status: answer.response.status, tell }
}

// Only what was changed is laid over what the kitchen is now, so that two windows lose nothing of each other.
async function sendKitchen({ settings }: KitchenWaiting) {
  const now = kitchen ?? unwrap(await api.GET('/api/kitchen'))
  const answer = await api.PUT('/api/kitchen', {
    params: { header: { 'If-Match': now.version } },
    body: { ...now.settings, ...settings },
  })
  const theirs = nowElsewhere<KitchenView>(answer)
  if (theirs !== null) {
    kitchen = theirs // another window was quicker
    return sendKitchen({ settings, clientId: '' })
  }
  const tell = () => {
    const saved = unwrap(answer)
    kitchen = saved
    kitchenListeners.forEach((listener) => listener(saved))
  }
  return { status: answer.response.status, tell }
}

async function sendOne(next: Waiting): Promise<{ status: number; tell: () => void }> {
  if (isDish(next)) return sendDish(next)
  if (isKitchen(next)) return sendKitchen(next)
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
      // Nothing is wrong with what was said: it is tried again.
      if (sent.status >= serverFailed || notNow.includes(sent.status)) return
      // By its name: another window of this browser may have sent the first meanwhile.
      const { clientId } = next
      keep((now) => now.filter((w) => w.clientId !== clientId))
      try {
        sent.tell()
      } catch (error) {
        if (isOfCook(next) || isOfStore(next)) refusal.value = (error as Error).message
        else refusals.set(clientId, error as Error)
      }
    }
  } catch {
    // No connection: it stays in the outbox and is tried again.
  } finally {
    sending = null
  }
}

// Two windows of one browser have one outbox: one of them sends, and the other sends what is left then.
async function alone() {
  const locks = navigator.locks as LockManager | null | undefined // not every browser has them
  if (!locks) return sendAll()
  await locks.request(name, async () => {
    waiting.value = read(localStorage.getItem(name))
    await sendAll()
  })
}

/** Resolves when all is sent that can be. */
export const flush = () => (waiting.value.length === 0 ? Promise.resolve() : (sending ??= alone()))

// One for all who send.
const useRetries = createSharedComposable(() => useIntervalFn(() => void flush(), retryMs))

/** Sends what the cook did, in order. What cannot be sent is kept, also over a reload, and goes out when the server is back. */
export function useOutbox() {
  function put(what: Waiting) {
    refusal.value = null
    keep((now) => [...now, what])
    return flush()
  }
  const send = (cookId: string, kind: CookEventKind, data: CookEventData = {}, at: string | null = null) =>
    put({ cookId, clientId: crypto.randomUUID(), kind, at, data })
  const move = (storeId: string, to: StorePlace | 'undo', portions: number | null = null) =>
    put({ storeId, clientId: crypto.randomUUID(), to, at: new Date().toISOString(), portions })

  // A thing that waits already goes out as it is now.
  async function change(what: DishWaiting | KitchenWaiting, merged: (before: Waiting) => Waiting | null) {
    const before = sending === null ? waiting.value.find((w) => merged(w) !== null) : undefined
    const named = before?.clientId ?? what.clientId
    keep((now) => (before ? now.map((w) => (w.clientId === named ? merged(w)! : w)) : [...now, what]))
    await flush()
    const refused = refusals.get(named)
    refusals.delete(named)
    if (refused) throw refused
  }
  /** Keeps a dish; throws what the server has against it. One that cannot be sent now goes out later. */
  const saveDish = (dishId: string, body: DishDocument, version: string | null) =>
    change({ dishId, clientId: crypto.randomUUID(), body, version }, (w) =>
      isDish(w) && w.dishId === dishId ? { ...w, body } : null,
    )
  /** Keeps what was changed of the kitchen. */
  const saveKitchen = (settings: Partial<Settings>) =>
    change({ settings, clientId: crypto.randomUUID() }, (w) =>
      isKitchen(w) ? { ...w, settings: { ...w.settings, ...settings } } : null,
    )
  const knowKitchen = (view: KitchenView) => (kitchen = view)
  const settle = (dishId: string) => (conflicts.value = conflicts.value.filter((c) => c.dishId !== dishId))

  useRetries()
  const unsentOf = (cookId: string | null) =>
    waiting.value.filter((w): w is CookWaiting => isOfCook(w) && w.cookId === cookId)
  const unsentMoves = computed(() => waiting.value.filter(isOfStore))
  const unsentDishes = computed(() => new Map(waiting.value.filter(isDish).map((w) => [w.dishId, w.body])))
  const unsentKitchen = computed(
    () => Object.assign({}, ...waiting.value.filter(isKitchen).map((w) => w.settings)) as Partial<Settings>,
  )
  return {
    send,
    move,
    flush,
    refusal,
    listeners,
    storeListeners,
    unsentOf,
    unsentMoves,
    unsentDishes,
    unsentKitchen,
    saveDish,
    saveKitchen,
    knowKitchen,
    conflicts,
    settle,
    dishListeners,
    kitchenListeners,
    unsent: computed(() => waiting.value.length),
  }
}
