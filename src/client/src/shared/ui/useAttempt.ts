import { ref } from 'vue'

/** Does what may be refused, and keeps the words of the refusal until the next attempt. */
export function useAttempt() {
  const refusal = ref<string | null>(null)
  async function attempt(work: () => Promise<unknown>) {
    refusal.value = null
    try {
      await work()
    } catch (error) {
      refusal.value = (error as Error).message
    }
  }
  return { refusal, attempt }
}
