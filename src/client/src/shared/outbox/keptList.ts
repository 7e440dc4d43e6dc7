import { useEventListener } from '@vueuse/core'
import { ref, shallowRef } from 'vue'

const tornName = 'ikuzo.outbox.torn'

/** What was kept and cannot be read any more; null for nothing. It stays in this browser. */
export const torn = ref(localStorage.getItem(tornName))
/** Forgets what could not be read. */
export function forgetTorn() {
  torn.value = null
  localStorage.removeItem(tornName)
}
function setAside(text: string) {
  torn.value = [torn.value, text].filter((t) => t !== null).join('\n')
  localStorage.setItem(tornName, torn.value)
}

// A browser that is shut off while it writes may keep half of it.
function parsed(text: string): unknown {
  try {
    return JSON.parse(text)
  } catch {
    return null
  }
}

/**
 * A list in this browser, each under a key of its own: windows that write at the same moment write over nothing of one another. What is torn
 * is set aside and said, and all else goes on.
 */
export function keptList<T extends object>(name: string, nameOf: (one: T) => string, isOne: (one: unknown) => boolean) {
  const prefix = `${name}.`
  // In the order in which they came in; a clock that is set back changes nothing of it.
  const turnOf = (key: string) => Number(key.slice(prefix.length, key.indexOf('.', prefix.length)))
  const keys = () =>
    Object.keys(localStorage)
      .filter((key) => key.startsWith(prefix) && turnOf(key) > 0)
      .sort((a, b) => turnOf(a) - turnOf(b) || (a < b ? -1 : 1))
  const keyOf = (one: string) => keys().find((key) => key.endsWith(`.${one}`))

  function read() {
    const all: T[] = []
    for (const key of keys()) {
      const text = localStorage.getItem(key)
      if (text === null) continue // another window was done with it
      const one = parsed(text)
      if (isOne(one)) all.push(one as T)
      else {
        setAside(text)
        localStorage.removeItem(key)
      }
    }
    return all
  }
  const list = shallowRef<readonly T[]>([])
  /** Takes what other windows wrote. */
  const reread = () => (list.value = read())
  /** Keeps it, in the place of what had its name: on the disk before anything else happens. */
  function put(one: T) {
    const turn = Math.max(Date.now(), 1 + turnOf(keys().at(-1) ?? `${prefix}0.`))
    localStorage.setItem(keyOf(nameOf(one)) ?? `${prefix}${turn}.${nameOf(one)}`, JSON.stringify(one))
    reread()
  }
  /** Is done with what has this name. */
  function drop(one: string) {
    const key = keyOf(one)
    if (key !== undefined) localStorage.removeItem(key)
    reread()
  }

  // Until December 2026 it was one text under one key.
  const before = localStorage.getItem(name)
  if (before !== null) {
    const all = parsed(before)
    const good = Array.isArray(all) ? (all as T[]).filter(isOne) : []
    if (!Array.isArray(all) || good.length < all.length) setAside(before)
    good.forEach(put)
    localStorage.removeItem(name)
  }
  reread()
  useEventListener(window, 'storage', ({ key }) => (key === null || key.startsWith(prefix)) && reread())
  return { list, reread, put, drop }
}
