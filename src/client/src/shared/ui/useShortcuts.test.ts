import { afterEach, expect, test, vi } from 'vitest'
import { effectScope } from 'vue'
import { useShortcuts } from './useShortcuts'

const scope = effectScope()
const press = (target: HTMLElement, init: KeyboardEventInit) => {
  document.body.append(target)
  target.dispatchEvent(new KeyboardEvent('keydown', { bubbles: true, cancelable: true, ...init }))
}
afterEach(() => scope.stop())

test('a key acts, but not while typing or with a modifier', () => {
  const act = vi.fn()
  scope.run(() => useShortcuts({ r: act }))
  press(document.createElement('div'), { key: 'r' })
  expect(act).toHaveBeenCalledTimes(1)
  press(document.createElement('input'), { key: 'r' })
  press(document.createElement('div'), { key: 'r', ctrlKey: true })
  press(document.createElement('div'), { key: 'x' })
  expect(act).toHaveBeenCalledTimes(1)
})
