import { api, nowElsewhere, saidBy, unwrap } from '@/api/client'
import { asBody, type CookView, type KeptDish, type KitchenView, type SavedPlan, type StoreView } from '@/api/types'
import { says } from '@/shared/cooks/says'
import {
  conflicts,
  isBegin,
  isDish,
  isKitchen,
  isOfStore,
  isPlan,
  keep,
  waiting,
  type DishWaiting,
  type KitchenWaiting,
  type StoreWaiting,
  type Waiting,
} from './waiting'

/** Who hears what came of what was sent. */
export const listeners = new Set<(cook: CookView) => void>()
export const storeListeners = new Set<(item: StoreView) => void>()
export const planListeners = new Set<(plan: SavedPlan) => unknown>()
export const dishListeners = new Set<(dish: KeptDish, by?: string) => unknown>()
export const kitchenListeners = new Set<(kitchen: KitchenView) => void>()
let kitchen: KitchenView | null = null // as it was last heard of

/** What the kitchen is, as it was last heard. */
export const knowKitchen = (view: KitchenView) => (kitchen = view)

function sendMove({ storeId: id, clientId, to, at, portions }: StoreWaiting, signal: AbortSignal) {
  const params = { path: { id } }
  if (to === 'undo') return api.POST('/api/store/{id}/undo', { params, body: { clientId }, signal })
  return to === 'gone'
    ? api.POST('/api/store/{id}/used', { params, body: { clientId, at, portions, cookId: null }, signal })
    : api.POST('/api/store/{id}/move', { params, body: { clientId, to, at }, signal })
}

// A window sends for the others as well: each hears what came of its own.
const channel = typeof BroadcastChannel === 'undefined' ? null : new BroadcastChannel('ikuzo.sent')
channel?.addEventListener('message', ({ data }: MessageEvent<{ dish: KeptDish; by?: string }>) =>
  dishListeners.forEach((listener) => listener(data.dish, data.by)),
)

async function sendDish({ dishId: id, by, body, version }: DishWaiting, signal: AbortSignal): Promise<Sent> {
  const answer = await api.PUT('/api/dishes/{id}', {
    params: { path: { id }, header: version === null ? {} : { 'If-Match': version } },
    body,
    signal,
  })
  const tell = () => {
    const theirs = nowElsewhere<KeptDish>(answer)
    if (theirs !== null) {
      if (says(theirs.document) === says(body)) return know(theirs) // it had arrived, and only the answer got lost
      return conflicts.put({ dishId: id, mine: body, theirs })
    }
    know(unwrap(answer))
  }
  // What was written since was written over this.
  function know(dish: KeptDish) {
    waiting.value.filter((w) => isDish(w) && w.dishId === id).forEach((w) => keep({ ...w, version: dish.version }))
    dishListeners.forEach((listener) => listener(dish, by))
    channel?.postMessage({ dish, by })
  }
  return { status: answer.response.status, said: saidBy(answer.error), tell }
}

// Only what was changed is laid over what the kitchen is now, so that two windows lose nothing of each other.
async function sendKitchen({ settings }: KitchenWaiting, signal: AbortSignal): Promise<Sent> {
  const now = kitchen ?? unwrap(await api.GET('/api/kitchen', { signal }))
  const answer = await api.PUT('/api/kitchen', {
    params: { header: { 'If-Match': now.version } },
    body: { ...now.settings, ...settings },
    signal,
  })
  const theirs = nowElsewhere<KitchenView>(answer)
  if (theirs !== null) {
    kitchen = theirs // another window was quicker
    return sendKitchen({ settings, clientId: '' }, signal)
  }
  const tell = () => {
    const saved = unwrap(answer)
    kitchen = saved
    kitchenListeners.forEach((listener) => listener(saved))
  }
  return { status: answer.response.status, said: saidBy(answer.error), tell }
}

/** What came of sending something: the status, the server's words where it refused, and who is to be told. */
export interface Sent {
  status: number
  said: string | null
  tell: () => void
}

/** Sends one thing, unless that takes longer than the signal lasts; it tells who listens once it is off the list. */
export async function sendOne(next: Waiting, signal: AbortSignal): Promise<Sent> {
  if (isDish(next)) return sendDish(next, signal)
  if (isKitchen(next)) return sendKitchen(next, signal)
  if (isOfStore(next)) return sent(await sendMove(next, signal), storeListeners)
  if (isBegin(next)) return sent(await api.POST('/api/cooks', { body: next.body, signal }), listeners)
  if (isPlan(next)) {
    const body = { id: next.planId, name: next.called, request: asBody(next.request) }
    return sent(await api.POST('/api/plans', { body, signal }), planListeners)
  }
  const { cookId, ...body } = next
  const params = { path: { id: cookId } }
  return sent(await api.POST('/api/cooks/{id}/events', { params, body: body as never, signal }), listeners)
}

function sent<T>(answer: { data?: T; error?: unknown; response: Response }, hears: Set<(heard: T) => unknown>): Sent {
  const tell = () => {
    const heard = unwrap(answer)
    hears.forEach((listener) => listener(heard))
  }
  return { status: answer.response.status, said: saidBy(answer.error), tell }
}
