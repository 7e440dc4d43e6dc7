import { useQuery } from '@tanstack/vue-query'
import { computed, type Ref } from 'vue'
import { api, unwrap } from '@/api/client'
import type { DishItemBody, Request } from '@/api/types'
import type { Draft } from '@/shared/draft/useDraft'
import { servingMoment, useMeal } from '@/shared/meal/useMeal'
import { sameWhileEqual } from '@/shared/ui/sameWhileEqual'
import { timeZone } from '@/shared/units/timeZone'

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
  const meal = useMeal()
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
