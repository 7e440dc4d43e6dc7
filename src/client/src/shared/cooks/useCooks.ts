import { useMutation, useQuery, useQueryClient } from '@tanstack/vue-query'
import { computed } from 'vue'
import { useRoute } from 'vue-router'
import { api, unwrap } from '@/api/client'
import { asBody, type Request, type SimulatedFault } from '@/api/types'

/** The cook of the address, or the newest that is on. */
export function useShownCook() {
  const { active, query } = useCooks()
  const route = useRoute()
  const id = computed(() => (typeof route.params.id === 'string' && route.params.id) || active.value[0]?.id || null)
  return { id, active, noneIsOn: computed(() => query.isSuccess.value && id.value === null) }
}

/** What a cook is begun from. */
export interface Start {
  request?: Request
  dishId?: string
  stage?: number
  openedMinutesAgo?: number
  name?: string
  /** What of the cold store goes into it. */
  storeId?: string | null
  confirmed?: string[]
}

/** Cooks that are on, and how one is begun. */
export function useCooks() {
  const client = useQueryClient()
  const refresh = () => client.invalidateQueries({ queryKey: ['cooks'] })
  const query = useQuery({
    queryKey: ['cooks', 'active'],
    queryFn: async () => unwrap(await api.GET('/api/cooks', { params: { query: { state: 'active' } } })),
  })
  const start = useMutation({
    mutationFn: async (from: Start) =>
      unwrap(
        await api.POST('/api/cooks', {
          body: {
            plan: from.request ? asBody(from.request) : null,
            dishId: from.dishId ?? null,
            stage: from.stage ?? null,
            openedMinutesAgo: from.openedMinutesAgo ?? null,
            name: from.name ?? null,
            storeId: from.storeId ?? null,
            confirmed: from.confirmed ?? null,
          },
        }),
      ),
    onSuccess: () => {
      void navigator.storage?.persist?.() // what a cook says is kept until it is sent
      return refresh()
    },
  })
  const simulate = useMutation({
    mutationFn: async ({ id, ...body }: { id: string; speed: number; seed?: number; faults: SimulatedFault[] }) =>
      unwrap(
        await api.POST('/api/cooks/{id}/simulate', {
          params: { path: { id } },
          body: { seed: null, ...body },
        }),
      ),
  })
  return { active: computed(() => query.data.value ?? []), query, start, simulate, refresh }
}
