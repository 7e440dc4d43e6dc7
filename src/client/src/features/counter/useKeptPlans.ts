import { useMutation, useQuery, useQueryClient } from '@tanstack/vue-query'
import { computed } from 'vue'
import { api, unwrap } from '@/api/client'
import { asBody, type Request } from '@/api/types'

/** Plans that the household keeps. */
export function useKeptPlans() {
  const client = useQueryClient()
  const query = useQuery({ queryKey: ['plans'], queryFn: async () => unwrap(await api.GET('/api/plans')) })
  const refresh = () => client.invalidateQueries({ queryKey: ['plans'] })
  const keep = useMutation({
    mutationFn: async ({ name, request }: { name: string; request: Request }) =>
      unwrap(await api.POST('/api/plans', { body: { name, request: asBody(request) } })),
    onSuccess: refresh,
  })
  const remove = useMutation({
    mutationFn: (id: string) => api.DELETE('/api/plans/{id}', { params: { path: { id } } }),
    onSuccess: refresh,
  })
  const restore = useMutation({
    mutationFn: (id: string) => api.POST('/api/plans/{id}/restore', { params: { path: { id } } }),
    onSuccess: refresh,
  })
  return { plans: computed(() => query.data.value ?? []), keep, remove, restore }
}
