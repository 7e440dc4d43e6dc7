import { computed, type ComputedRef } from 'vue'

/** A computed that stays the same object while what it holds says the same, so that nothing that shows it is drawn again. */
export function sameWhileEqual<T>(of: () => T): ComputedRef<T> {
  return computed<T>((before) => {
    const now = of()
    return before !== undefined && JSON.stringify(before) === JSON.stringify(now) ? before : now
  })
}
