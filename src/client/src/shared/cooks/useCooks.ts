import { useMutation, useQuery, useQueryClient } from '@tanstack/vue-query'
import { computed } from 'vue'
import { useRoute } from 'vue-router'
import { api, mayPass, unwrap } from '@/api/client'
import { type CookView, type SimulatedFault } from '@/api/types'
import { useHearing } from '@/shared/outbox/useHearing'
import { useOutbox } from '@/shared/outbox/useOutbox'
import { bodyOf, beginHere, type Start } from './outline'

const answerMs = 20_000 // one that hangs is gone

/** The cook of the address, or the newest that is on. */
export function useShownCook() {
  const { active, query } = useCooks()
  const route = useRoute()
  const id = computed(() => (typeof route.params.id === 'string' && route.params.id) || active.value[0]?.id || null)
  return { id, active, noneIsOn: computed(() => query.isSuccess.value && id.value === null) }
}

/** Cooks that are on, and how one is begun. */
export function useCooks() {
  const client = useQueryClient()
  const refresh = () => client.invalidateQueries({ queryKey: ['cooks'] })
  const query = useQuery({
    queryKey: ['cooks', 'active'],
    queryFn: async () => unwrap(await api.GET('/api/cooks', { params: { query: { state: 'active' } } })),
  })
  const { begin, listeners } = useOutbox()
  const heard = (cook: CookView) => void (query.data.value?.some((c) => c.id === cook.id) || refresh())
  useHearing(listeners, heard)

  // What was begun keeps its name when no answer comes, so that it is begun once.
  const start = useMutation({
    mutationFn: async (from: Start) => {
      const body = bodyOf(from, crypto.randomUUID())
      try {
        return unwrap(await api.POST('/api/cooks', { body, signal: AbortSignal.timeout(answerMs) }))
      } catch (error) {
        const here = mayPass(error) && from.mayWait ? beginHere(client, from, body) : null
        if (here === null) throw error
        void begin(here.cook.id, here.cook.name, here.body)
        return here.cook
      }
    },
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
