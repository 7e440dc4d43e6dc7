import { useQuery } from '@tanstack/vue-query'
import { computed } from 'vue'
import { api, unwrap } from '@/api/client'

/** Cuts and companions that a plan can be made of. */
export function useCatalogue() {
  const query = useQuery({
    queryKey: ['catalogue'],
    queryFn: async () => unwrap(await api.GET('/api/catalogue')),
    staleTime: Infinity,
  })
  const cuts = computed(() => query.data.value?.cuts ?? [])
  const companions = computed(() => query.data.value?.companions ?? [])
  const findCut = (id: string | null | undefined) => cuts.value.find((c) => c.id === id)
  return { cuts, companions, findCut }
}
