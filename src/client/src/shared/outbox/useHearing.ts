import { onScopeDispose } from 'vue'

/** Hears as long as who hears is there. */
export function useHearing<T>(hears: Set<T>, listener: T) {
  hears.add(listener)
  onScopeDispose(() => hears.delete(listener))
}
