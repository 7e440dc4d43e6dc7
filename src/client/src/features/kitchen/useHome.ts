import { useQuery } from '@tanstack/vue-query'
import type { Ref } from 'vue'
import { api, unwrap } from '@/api/client'

/** The house: who may come in, and what the one that asks may do. */
export const useHome = (isAwaited?: Ref<unknown>) =>
  useQuery({
    queryKey: ['home'],
    queryFn: async () => unwrap(await api.GET('/api/home')),
    refetchInterval: () => (isAwaited?.value ? 3000 : false), // until it came in
  })
