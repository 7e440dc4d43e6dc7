import { computed, onScopeDispose, ref, shallowRef, watch, type Ref } from 'vue'
import { api, mayPass, unwrap } from '@/api/client'
import { asBody, type Plan, type Request } from '@/api/types'

const restMs = 300
const againMs = 1000
const longestMs = 16_000

/**
 * The plan for a question, asked again whenever the question changes. At most one request is under way; while it is, only the newest
 * question waits, and what it overtook is never sent. While a finger only tries minutes or a release, the band that is already here shows
 * the numbers, and the server is asked once the finger rests. A server that cannot at present is asked again by itself, ever less often;
 * meanwhile the answer stays if it is one to this question.
 */
export function usePreview(request: Ref<Request | null>) {
  const plan = shallowRef<Plan | null>(null)
  const refusal = ref<string | null>(null)
  const asking = ref(false)
  const resting = ref(false)
  const busy = computed(() => asking.value || resting.value)
  let timer: ReturnType<typeof setTimeout> | undefined
  let later: ReturnType<typeof setTimeout> | undefined
  const answered = ref('')
  let waiting: Request | null = null
  let stopped = false

  async function ask(question: Request, pauseMs = againMs) {
    if (asking.value) {
      waiting = question
      return
    }
    clearTimeout(later)
    asking.value = true
    try {
      const answer = unwrap(await api.POST('/api/plans/preview', { body: asBody(question) })) as Plan
      plan.value = answer
      answered.value = meat(question)
      refusal.value = null
    } catch (error) {
      if (!mayPass(error) || meat(question) !== answered.value) plan.value = null
      refusal.value = error instanceof Error ? error.message : 'The server did not answer.'
      if (mayPass(error) && !stopped)
        later = setTimeout(() => void ask(question, Math.min(2 * pauseMs, longestMs)), pauseMs)
    } finally {
      asking.value = false
    }
    if (waiting !== null && !stopped) {
      const next = waiting
      waiting = null
      await ask(next)
    }
  }

  function askWhenCalm(question: Request) {
    clearTimeout(timer)
    resting.value = plan.value !== null && meat(question) === answered.value
    if (!resting.value) return void ask(question)
    timer = setTimeout(() => {
      resting.value = false
      void ask(question)
    }, restMs)
  }

  watch(request, (question) => question && askWhenCalm(question), { immediate: true })
  onScopeDispose(() => {
    stopped = true
    clearTimeout(timer)
    clearTimeout(later)
  })
  /** True while the plan on screen is the answer to another question; minutes and releases that are tried do not make it another. */
  const stale = computed(() => plan.value !== null && request.value !== null && answered.value !== meat(request.value))
  return { plan, refusal, busy, stale }
}

/** The question without what may be tried or passes by itself, so that two of them can be compared. */
function meat(question: Request): string {
  const { load, pot, ...rest } = question
  const lasting = { ...rest, minutes: null, release: null, lidOnAt: null }
  return JSON.stringify([load, pot, Object.entries(lasting).sort(([a], [b]) => a.localeCompare(b))])
}
