import { useEventListener } from '@vueuse/core'

/** Single keys for what the hand does most; silent while something is typed into or a modifier is held. */
export function useShortcuts(keys: Record<string, () => unknown>) {
  useEventListener(window, 'keydown', (event: KeyboardEvent) => {
    const target = event.target as HTMLElement
    const typing = target.closest('input, textarea, select, [role="dialog"], [role="listbox"]') !== null
    const action = keys[event.key]
    if (typing || event.ctrlKey || event.metaKey || event.altKey || !action) return
    event.preventDefault()
    action()
  })
}
