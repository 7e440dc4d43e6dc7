import { useQuery } from '@tanstack/vue-query'
import { computed, type Ref } from 'vue'
import { api, unwrap } from '@/api/client'
import type { DishDocument } from '@/api/types'
import { sameWhileEqual } from '@/shared/ui/sameWhileEqual'

/** How the things of a dish meet in the pot, solved anew whenever they change. */
export function useSolved(dish: Ref<DishDocument>) {
  const body = sameWhileEqual(() => ({
    name: dish.value.name,
    pot: dish.value.pot,
    altitudeMetres: dish.value.altitudeMetres,
    promise: dish.value.promise,
    brothMl: dish.value.brothMl,
    lidTried: dish.value.lidTried,
    stages: dish.value.stages,
    way: dish.value.way,
    items: dish.value.items,
  }))
  return useQuery({
    queryKey: ['solved', computed(() => JSON.stringify(body.value))],
    queryFn: async ({ signal }) => unwrap(await api.POST('/api/dishes/solve', { body: body.value, signal })),
    placeholderData: (before) => before,
    enabled: () => (body.value.items?.length ?? 0) > 0,
    retry: false,
  })
}
