import { useQuery } from '@tanstack/vue-query'
import { computed, type Ref } from 'vue'
import { api, unwrap } from '@/api/client'
import { asBody, type Plan, type Request } from '@/api/types'

/**
 * What the household's cooks say of a plan, in words: what they know at once, and what they changed in it once the server has compared it,
 * which takes as long as the plan did.
 */
export function useLearned(request: Ref<Request | null>, plan: Ref<Plan | null>, busy: Ref<boolean>) {
  const question = computed(() => {
    const { learned, recommendedMinutes, release } = plan.value ?? {}
    if (!request.value || !learned || recommendedMinutes == null || !release) return null
    const { kind, restMinutes } = release
    return {
      request: { ...asBody(request.value), minutes: null, release: null, lidOnAt: null },
      minutes: recommendedMinutes,
      release: { kind, restMinutes },
    }
  })
  const { data } = useQuery({
    queryKey: ['learned-in-plan', question],
    queryFn: async () => unwrap(await api.POST('/api/plans/learned', { body: question.value! })),
    enabled: computed(() => question.value !== null && !busy.value),
    retry: false,
  })
  return computed(() => (data.value ?? plan.value?.learned)?.text[0])
}
