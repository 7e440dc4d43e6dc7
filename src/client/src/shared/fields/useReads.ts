import { inject, nextTick, onUnmounted, provide, type InjectionKey } from 'vue'

type Read = () => Promise<void>
const key: InjectionKey<Set<Read>> = Symbol('reads')

/** For a form: waits until all that was typed into its fields has been read. */
export function useReads() {
  const reads = new Set<Read>()
  provide(key, reads)
  return async () => {
    await Promise.all([...reads].map((read) => read()))
    await nextTick()
  }
}

/** For a field whose text the server reads: the form around it, if any, waits for it. */
export function joinReads(read: Read) {
  const reads = inject(key, null)
  reads?.add(read)
  onUnmounted(() => reads?.delete(read))
}
