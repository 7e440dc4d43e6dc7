import { useEventListener, useLocalStorage } from '@vueuse/core'
import { shallowRef } from 'vue'
import type { CookEventData, CookEventKind, DishDocument, KeptDish, KitchenView, StorePlace } from '@/api/types'

/** Something that happened to a cook. */
export interface CookWaiting {
  cookId: string
  clientId: string
  kind: CookEventKind
  at: string | null
  data: CookEventData
}

/** Something that happened to a thing in the cold. */
export interface StoreWaiting {
  storeId: string
  clientId: string
  to: StorePlace | 'undo'
  at: string | null
  portions: number | null
}

/** Settings of the kitchen. */
export type Settings = KitchenView['settings']

/** A dish as it is now, laid over the version that it was changed from. */
export interface DishWaiting {
  dishId: string
  clientId: string
  body: DishDocument
  version: string | null
}

/** What was changed of the kitchen. */
export interface KitchenWaiting {
  settings: Partial<Settings>
  clientId: string
}

/** One thing that was done and is to be sent. */
export type Waiting = CookWaiting | StoreWaiting | DishWaiting | KitchenWaiting

/** A dish that another window changed meanwhile: what was written here, and what it is there. */
export interface Conflict {
  dishId: string
  mine: DishDocument
  theirs: KeptDish
}

export const isOfCook = (waiting: Waiting): waiting is CookWaiting => 'cookId' in waiting
export const isOfStore = (waiting: Waiting): waiting is StoreWaiting => 'storeId' in waiting
export const isDish = (waiting: Waiting): waiting is DishWaiting => 'dishId' in waiting
export const isKitchen = (waiting: Waiting): waiting is KitchenWaiting => 'settings' in waiting

/** Where it is kept, and the lock of who sends it. */
export const name = 'ikuzo.outbox'
const read = (text: string | null) => JSON.parse(text ?? '[]') as Waiting[]
/** What was done and is not sent yet, in order. */
export const waiting = shallowRef(read(localStorage.getItem(name)))
/** Takes what another window wrote. */
export const reread = () => (waiting.value = read(localStorage.getItem(name)))

/** Changes it: on the disk before anything else happens, and laid over what another window wrote there since. */
export function keep(change: (now: Waiting[]) => Waiting[]) {
  waiting.value = change(read(localStorage.getItem(name)))
  localStorage.setItem(name, JSON.stringify(waiting.value))
}
useEventListener(window, 'storage', (event) => event.key === name && reread())

/** Dishes that two windows changed, until it is said which stays. */
export const conflicts = useLocalStorage<Conflict[]>('ikuzo.conflicts', [])
