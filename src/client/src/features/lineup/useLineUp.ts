import { useQuery } from '@tanstack/vue-query'
import { useLocalStorage } from '@vueuse/core'
import { computed, type Ref } from 'vue'
import { api, unwrap } from '@/api/client'
import type { DishItemBody, Request, ThawWay } from '@/api/types'
import type { Draft } from '@/shared/draft/useDraft'
import { sameWhileEqual } from '@/shared/ui/sameWhileEqual'
import { timeZone } from '@/shared/units/timeZone'

/** When it is eaten, of what, and how it is thawed. */
export interface Meal {
  /** Hours and minutes on the wall clock. */
  eatAt: string
  /** Days from today. */
  inDays: number
  thaw: ThawWay
  /** A kept dish; null for the cook on the Counter. */
  dishId: string | null
  /** For how many the kept dish is cooked; null for as many as it says. */
  servings: number | null
}

/** A meal of which nothing has been said. */
export const usualMeal: Meal = {
  eatAt: '19:00',
  inDays: 0,
  thaw: 'none',
  dishId: null,
  servings: null,
}

/** The moment at which the household eats, in its own time zone. */
export function servingMoment(meal: Meal, now: Date): Date {
  const [hours = 19, minutes = 0] = meal.eatAt.split(':').map(Number)
  return new Date(now.getFullYear(), now.getMonth(), now.getDate() + meal.inDays, hours, minutes)
}

/** Hour and day of a moment at which the household eats, the other way round. */
export function mealTime(moment: Date, now: Date): Pick<Meal, 'eatAt' | 'inDays'> {
  const midnight = (d: Date) => new Date(d.getFullYear(), d.getMonth(), d.getDate()).getTime()
  const two = (n: number) => String(n).padStart(2, '0')
  const days = Math.round((midnight(moment) - midnight(now)) / 86_400_000)
  return { eatAt: `${two(moment.getHours())}:${two(moment.getMinutes())}`, inDays: Math.min(3, Math.max(0, days)) }
}

/** The cook of the Counter as a dish. */
export function asItems(request: Request): DishItemBody[] {
  const nothing = { load: null, aim: null, id: null, grams: null, size: null }
  const bird = { ...nothing, key: 'bird', kind: 'meat', load: request.load, aim: request.aim ?? null }
  const beside = (request.companions ?? []).map((c) => ({
    ...nothing,
    key: c.id,
    kind: 'companion',
    id: c.id,
    grams: c.grams,
    inBowl: c.inBowl ?? null,
  }))
  return [bird, ...beside] as DishItemBody[]
}

/** The line-up of the cook on the Counter, made anew whenever something about it changes. */
export function useLineUp(draft: Ref<Draft>, request: Ref<Request>) {
  const meal = useLocalStorage<Meal>('ikuzo.meal', usualMeal, { mergeDefaults: true })
  const servedAt = computed(() => servingMoment(meal.value, new Date()))
  const counterDish = () => ({
    pot: request.value.pot ?? null,
    altitudeMetres: null,
    promise: request.value.promise ?? null,
    items: asItems(request.value),
    brown: request.value.browned ?? false,
    crispMinutes: draft.value.crispMinutes ?? 0,
    marinadeHours: draft.value.marinadeHours ?? 0,
    restMinutes: null,
    thaw: request.value.load.state === 'frozen' ? meal.value.thaw : 'none',
  })
  const body = sameWhileEqual(() => ({
    ...(meal.value.dishId === null
      ? { dish: counterDish() }
      : { dishId: meal.value.dishId, servings: meal.value.servings }),
    serveAt: servedAt.value.toISOString(),
    now: null,
    timeZone: timeZone(),
  }))
  const query = useQuery({
    queryKey: ['line-up', computed(() => JSON.stringify(body.value))],
    queryFn: async () => unwrap(await api.POST('/api/lineup', { body: body.value as never })),
    placeholderData: (before) => before,
    retry: false,
  })

  /** The same as a calendar file. */
  async function calendar(): Promise<Blob> {
    const answer = await api.POST('/api/lineup/ics', { body: body.value as never, parseAs: 'blob' })
    return answer.data as unknown as Blob
  }
  return { meal, servedAt, query, calendar }
}
