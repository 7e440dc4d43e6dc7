import { useQuery } from '@tanstack/vue-query'
import { computed, type Ref } from 'vue'
import { api, unwrap } from '@/api/client'
import { asBody, type Request } from '@/api/types'

/** The textbook case that the reader picks, run by the server's own solver and by the exact series. */
export function useCourse(shapeDimensionality: Ref<number>, biot: Ref<number>) {
  return useQuery({
    queryKey: ['course', shapeDimensionality, biot],
    queryFn: async ({ signal }) =>
      unwrap(
        await api.POST('/api/engine/course', {
          body: { shapeDimensionality: shapeDimensionality.value, biot: biot.value },
          signal,
        }),
      ),
    placeholderData: (before) => before,
  })
}

/** Where the heat of the cook on the Counter goes. */
export function useEnergy(request: Ref<Request>) {
  return useQuery({
    queryKey: ['energy', computed(() => JSON.stringify(request.value))],
    queryFn: async () => unwrap(await api.POST('/api/engine/energy', { body: asBody(request.value) })),
    retry: false,
  })
}

/** What makes the band of the cook on the Counter so wide. */
export function useWidth(request: Ref<Request>) {
  return useQuery({
    queryKey: ['width', computed(() => JSON.stringify(request.value))],
    queryFn: async () => unwrap(await api.POST('/api/engine/width', { body: asBody(request.value) })),
    retry: false,
  })
}

/** What knowing more would save for the cook on the Counter. */
export function useWorth(request: Ref<Request>) {
  return useQuery({
    queryKey: ['worth', computed(() => JSON.stringify(request.value))],
    queryFn: async () => unwrap(await api.POST('/api/plans/preview', { body: asBody(request.value) })).worthKnowing,
    retry: false,
  })
}

/** Everything that the computation takes as given. */
export function useAssumptions() {
  return useQuery({
    queryKey: ['assumptions'],
    queryFn: async () => unwrap(await api.GET('/api/engine/assumptions')),
    staleTime: Infinity,
  })
}
