import { useSessionStorage } from '@vueuse/core'
import { computed, shallowRef } from 'vue'
import type {
  CookEventData,
  CookEventKind,
  DishDocument,
  KeptDish,
  KitchenView,
  Request,
  StartBody,
  StorePlace,
} from '@/api/types'
import { keptList } from './keptList'

/** Something that happened to a cook. */
export interface CookWaiting {
  cookId: string
  clientId: string
  kind: CookEventKind
  at: string | null
  data: CookEventData
  /** Id of the newest entry that was known then. */
  known?: string | null
}

/** A cook that was begun. */
export interface BeginWaiting {
  begunId: string
  clientId: string
  called: string
  body: StartBody
}

/** A plan to keep. */
export interface PlanWaiting {
  planId: string
  clientId: string
  called: string
  request: Request
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

/** Name of this window, also when it is opened anew. */
export const here = useSessionStorage('ikuzo.window', () => crypto.randomUUID()).value

/** A dish as it is now, laid over the version that it was changed from. */
export interface DishWaiting {
  /** Window that it was changed in. */
  by?: string
  dishId: string
  clientId: string
  body: DishDocument
  version: string | null
}

/** What was changed of the kitchen. */
export interface KitchenWaiting {
  /** Window that it was changed in. */
  by?: string
  settings: Partial<Settings>
  clientId: string
}

/** One thing that was done and is to be sent. */
export type Waiting = BeginWaiting | CookWaiting | StoreWaiting | DishWaiting | KitchenWaiting | PlanWaiting

/** A thing that the server did not take, with its own words. */
export interface Refused {
  what: BeginWaiting | CookWaiting | StoreWaiting
  why: string
}

/** A dish that another window changed meanwhile: what was written here, and what it is there. */
export interface Conflict {
  dishId: string
  mine: DishDocument
  theirs: KeptDish
}

export const isBegin = (waiting: Waiting): waiting is BeginWaiting => 'begunId' in waiting
export const isOfCook = (waiting: Waiting): waiting is CookWaiting => 'cookId' in waiting
export const isOfStore = (waiting: Waiting): waiting is StoreWaiting => 'storeId' in waiting
export const isPlan = (waiting: Waiting): waiting is PlanWaiting => 'planId' in waiting
export const isDish = (waiting: Waiting): waiting is DishWaiting => 'dishId' in waiting
export const isKitchen = (waiting: Waiting): waiting is KitchenWaiting => 'settings' in waiting

/** What it is about: of one cook, dish or thing all goes out in order, and nothing waits for what is about another. */
export function about(waiting: Waiting): string {
  if (isBegin(waiting)) return `cook ${waiting.begunId}`
  if (isOfCook(waiting)) return `cook ${waiting.cookId}`
  if (isPlan(waiting)) return `plan ${waiting.planId}`
  if (isOfStore(waiting)) return `thing ${waiting.storeId}`
  return isDish(waiting) ? `dish ${waiting.dishId}` : 'kitchen'
}

const isWaiting = (one: unknown) =>
  typeof one === 'object' &&
  one !== null &&
  typeof (one as Waiting).clientId === 'string' &&
  ['begunId', 'cookId', 'storeId', 'dishId', 'planId', 'settings'].some((field) => field in one)

/** Where it is kept, and the lock of who sends it. */
export const name = 'ikuzo.outbox'
/** What was done and is not sent yet, in order. */
export const { list: waiting, reread, put: keep, drop } = keptList<Waiting>(name, (one) => one.clientId, isWaiting)

/** Why something waits, by its name. */
export const whys = shallowRef<ReadonlyMap<string, string>>(new Map())
/** Notes why something waits. */
export const note = (clientId: string, why: string) => (whys.value = new Map(whys.value).set(clientId, why))
/** What waits for more than a moment, with why. */
export const stuck = computed(() =>
  waiting.value.flatMap((what) => {
    const why = whys.value.get(what.clientId)
    return why === undefined ? [] : [{ what, why }]
  }),
)

/** What the server did not take, until it is tried again or given up. */
export const refused = keptList<Refused>(
  'ikuzo.refused',
  ({ what }) => what.clientId,
  (one) => isWaiting((one as Refused | null)?.what),
)

/** Dishes that two windows changed, until it is said which stays. */
export const conflicts = keptList<Conflict>(
  'ikuzo.conflicts',
  ({ dishId }) => dishId,
  (one) => typeof (one as Conflict | null)?.dishId === 'string',
)
