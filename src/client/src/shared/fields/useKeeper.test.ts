import { expect, it, vi } from 'vitest'
import { effectScope, ref } from 'vue'
import { useKeeper } from './useKeeper'

interface Thing {
  name: string
  height: number
}

it('saves one after the other, lays newer changes over older answers, and ends with what was said last', async () => {
  vi.useFakeTimers()
  const server = ref<Thing>({ name: 'a', height: 1 })
  const saves: Thing[] = []
  const answers: (() => void)[] = []
  const scope = effectScope()
  const keeper = scope.run(() =>
    useKeeper<Thing>(
      () => server.value,
      (whole) =>
        new Promise<void>((resolve) => {
          saves.push(whole)
          answers.push(() => {
            server.value = whole
            resolve()
          })
        }),
    ),
  )!
  keeper.change({ name: 'b' })
  await vi.advanceTimersByTimeAsync(500)
  keeper.change({ height: 2 })
  keeper.change({ name: 'c' })
  await vi.advanceTimersByTimeAsync(500)
  expect(saves).toEqual([{ name: 'b', height: 1 }])
  answers[0]!()
  await vi.advanceTimersByTimeAsync(10)
  expect(keeper.value.value).toEqual({ name: 'c', height: 2 })
  expect(saves[1]).toEqual({ name: 'c', height: 2 })
  answers[1]!()
  await vi.advanceTimersByTimeAsync(500)
  expect(saves).toHaveLength(2)
  expect(server.value).toEqual({ name: 'c', height: 2 })
  scope.stop()
  vi.useRealTimers()
})

it('says why a save was refused and keeps what was typed', async () => {
  vi.useFakeTimers()
  const scope = effectScope()
  const keeper = scope.run(() =>
    useKeeper<Thing>(
      () => ({ name: 'a', height: 1 }),
      () => Promise.reject(new Error('too high')),
    ),
  )!
  keeper.change({ height: 9 })
  await vi.advanceTimersByTimeAsync(500)
  expect(keeper.refusal.value).toBe('too high')
  expect(keeper.value.value!.height).toBe(9)
  scope.stop()
  vi.useRealTimers()
})
