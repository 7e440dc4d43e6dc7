import { ref, watch } from 'vue'

/** What a text says: a value, or why it says none. */
export type Said<T> = { value: T } | { error: string }

interface Held<T> {
  /** The value outside the field. */
  given: () => T
  /** As the field shows it. */
  show: (value: T) => string
  /** What was typed, as a value. */
  read: (text: string) => Said<T>
  /** Hands a value on. */
  keep: (value: T) => void
}

const same = (a: unknown, b: unknown) =>
  typeof a === 'string' && typeof b === 'string' ? a.trim() === b.trim() : JSON.stringify(a) === JSON.stringify(b)

/**
 * What is being typed belongs to the hand: no answer, no save and no other window changes it. It is handed on at every keystroke that says
 * something, and stays as it was typed until it has come back from outside; only then what comes from outside is shown again.
 */
export function useHeld<T>({ given, show, read, keep }: Held<T>) {
  const text = ref(show(given()))
  const error = ref<string | null>(null)
  let focused = false
  let handedOn: { value: T } | null = null

  watch(given, (now) => {
    if (handedOn && same(handedOn.value, now)) handedOn = null
    if (focused || handedOn || error.value) return
    text.value = show(now)
  })

  function type(typed: string) {
    text.value = typed
    const said = read(typed)
    error.value = 'error' in said ? said.error : null
    if ('error' in said) return
    handedOn = same(said.value, given()) ? null : { value: said.value }
    keep(said.value)
  }
  const enter = () => (focused = true)
  function leave() {
    focused = false
    if (!handedOn && !error.value) text.value = show(given())
  }
  return { text, error, type, enter, leave }
}
