import { useDebounceFn, useEventListener } from '@vueuse/core'
import { computed, onScopeDispose, ref, shallowRef } from 'vue'

const restMs = 400

/**
 * A thing that is kept on the server and changed by hand, part by part. Changes are laid over what the server has and shown at once; they are
 * saved one after the other, the newest last, and a part that was changed again meanwhile is saved again.
 */
export function useKeeper<T extends object>(
  kept: () => T | undefined,
  save: (whole: T, parts: Partial<T>) => Promise<unknown>,
) {
  const changes = shallowRef<Partial<T>>({})
  const refusal = ref<string | null>(null)
  const value = computed(() => {
    const base = kept()
    return base && { ...base, ...changes.value }
  })
  let saving: Promise<void> | null = null

  async function saveAll() {
    while (Object.keys(changes.value).length > 0 && value.value) {
      const sent = changes.value
      try {
        await save(value.value, sent)
        refusal.value = null
      } catch (error) {
        refusal.value = (error as Error).message
        if (changes.value === sent) return // the same again would be refused again
        continue
      }
      changes.value = Object.fromEntries(
        Object.entries(changes.value).filter(([key, part]) => part !== sent[key as keyof T]),
      ) as Partial<T>
    }
  }
  function flush() {
    saving ??= saveAll().finally(() => (saving = null))
    return saving
  }
  const flushSoon = useDebounceFn(flush, restMs)
  function change(part: Partial<T>) {
    changes.value = { ...changes.value, ...part }
    void flushSoon()
  }
  useEventListener(window, 'pagehide', () => void flush()) // what waits for the hand to rest is kept all the same
  onScopeDispose(() => void flush())
  return { value, change, flush, refusal }
}
