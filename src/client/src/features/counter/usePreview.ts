import { computed, onScopeDispose, ref, shallowRef, watch, type Ref } from 'vue'
import { api, unwrap } from '@/api/client'
import { asBody, type Plan, type Request } from '@/api/types'

/**
 * The plan for a question, asked again whenever the question changes. At most one request is under way; while it is, only the newest
 * question waits, and what it overtook is never sent.
 */
export function usePreview(request: Ref<Request | null>) {
  const plan = shallowRef<Plan | null>(null)
  const refusal = ref<string | null>(null)
  const busy = ref(false)
  const answered = ref('')
  let waiting: Request | null = null
  let stopped = false

  async function ask(question: Request) {
    if (busy.value) {
      waiting = question
      return
    }
    busy.value = true
    try {
      const answer = unwrap(await api.POST('/api/plans/preview', { body: asBody(question) })) as Plan
      plan.value = answer
      answered.value = meat(question)
      refusal.value = null
    } catch (error) {
      plan.value = null
      refusal.value = error instanceof Error ? error.message : 'The server did not answer.'
    } finally {
      busy.value = false
    }
    if (waiting !== null && !stopped) {
      const next = waiting
      waiting = null
      await ask(next)
    }
  }

  watch(request, (question) => question && void ask(question), { immediate: true, deep: true })
  onScopeDispose(() => (stopped = true))
  /** True while the plan on screen is the answer to another question; minutes that are tried do not make it another. */
  const stale = computed(() => plan.value !== null && request.value !== null && answered.value !== meat(request.value))
  return { plan, refusal, busy, stale }
}

/** The question without what may be tried or passes by itself, so that two of them can be compared. */
function meat(question: Request): string {
  const { load, pot, ...rest } = question
  const lasting = { ...rest, minutes: null, lidOnAt: null }
  return JSON.stringify([load, pot, Object.entries(lasting).sort(([a], [b]) => a.localeCompare(b))])
}
