import { useMutation, useQuery, useQueryClient } from '@tanstack/vue-query'
import { computed } from 'vue'
import { api, unwrap } from '@/api/client'
import type { Request } from '@/api/types'
import { useHearing } from '@/shared/outbox/useHearing'
import { useOutbox } from '@/shared/outbox/useOutbox'

/** Plans that the household keeps. */
export function useKeptPlans() {
  const client = useQueryClient()
  const { savePlan, planListeners, unsentPlans } = useOutbox()
  const query = useQuery({ queryKey: ['plans'], queryFn: async () => unwrap(await api.GET('/api/plans')) })
  const refresh = () => client.invalidateQueries({ queryKey: ['plans'] })
  useHearing(planListeners, refresh)
  const keep = useMutation({
    mutationFn: ({ name, request }: { name: string; request: Request }) => savePlan(name, request),
  })
  const remove = useMutation({
    mutationFn: (id: string) => api.DELETE('/api/plans/{id}', { params: { path: { id } } }),
    onSuccess: refresh,
  })
  const restore = useMutation({
    mutationFn: (id: string) => api.POST('/api/plans/{id}/restore', { params: { path: { id } } }),
    onSuccess: refresh,
  })
  return { plans: computed(() => query.data.value ?? []), unsentPlans, keep, remove, restore }
}
