import { useQuery } from '@tanstack/vue-query'
import { computed } from 'vue'
import { api, unwrap } from '@/api/client'
import type { Request } from '@/api/types'

/** What a plan can be made of, and how other cooks go about it. */
export function useCatalogue() {
  const query = useQuery({
    queryKey: ['catalogue'],
    queryFn: async () => unwrap(await api.GET('/api/catalogue')),
    staleTime: Infinity,
  })
  const cuts = computed(() => query.data.value?.cuts ?? [])
  const companions = computed(() => query.data.value?.companions ?? [])
  const liquids = computed(() => query.data.value?.liquids ?? [])
  const schools = computed(() => query.data.value?.schools ?? [])
  /** The rule that the server applies; undefined until it is known. */
  const safety = computed(() => query.data.value?.safety)
  const version = computed(() => query.data.value?.version)
  const findCut = (id: string | null | undefined) => cuts.value.find((c) => c.id === id)
  /** "6 chicken thighs, bone in"; null while the cut is not known. */
  function birdWords(load: Request['load']) {
    const cut = findCut(load.cut)
    const pieces = load.pieces ?? 1
    return cut ? `${pieces} ${pieces === 1 ? cut.name : cut.plural}` : null
  }
  return { cuts, companions, liquids, schools, safety, version, findCut, birdWords }
}
