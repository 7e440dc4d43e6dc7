import { afterEach, beforeEach, expect, test, vi } from 'vitest'
import { effectScope, nextTick, ref } from 'vue'
import { api } from '@/api/client'
import type { Request } from '@/api/types'
import { testPlan } from '@/shared/words/plan.test.data'
import { usePreview } from './usePreview'

const question = (totalKg: number, minutes: number | null = null): Request => ({
  load: { cut: 'chicken-wing', pieces: 4, totalKg },
  minutes,
})
interface Call {
  body: Request
  answer: (data: unknown) => Promise<void>
  refuse: (error: unknown, status?: number) => Promise<void>
  fail: () => void
}
let calls: Call[] = []
const scope = () => effectScope()

beforeEach(() => {
  calls = []
  vi.spyOn(api, 'POST').mockImplementation(
    ((_: string, init: { body: Request }) =>
      new Promise((resolve, reject) => {
        const settle = async (value: unknown) => {
          resolve(value)
          await new Promise((done) => setTimeout(done))
        }
        calls.push({
          body: init.body,
          answer: (data) => settle({ data }),
          refuse: (error, status = 400) => settle({ error, response: { status } }),
          fail: () => reject(new Error('The server is out of reach.')),
        })
      })) as never,
  )
})
afterEach(() => vi.restoreAllMocks())

test('asks at once and shows the answer', async () => {
  const { plan, busy } = scope().run(() => usePreview(ref(question(1))))!
  expect(busy.value).toBe(true)
  await calls[0]!.answer(testPlan)
  expect(plan.value?.minutes).toBe(14)
  expect(busy.value).toBe(false)
})

test('sends only the newest of the questions that came in meanwhile', async () => {
  const asked = ref(question(1))
  scope().run(() => usePreview(asked))
  for (const kg of [2, 3, 4]) {
    asked.value = question(kg)
    await nextTick()
  }
  expect(calls).toHaveLength(1)
  await calls[0]!.answer(testPlan)
  expect(calls.map((c) => c.body.load.totalKg)).toEqual([1, 4])
})

test('an answer to another question is marked as stale until its own comes', async () => {
  const asked = ref(question(1))
  const { stale } = scope().run(() => usePreview(asked))!
  await calls[0]!.answer(testPlan)
  expect(stale.value).toBe(false)
  asked.value = question(2)
  expect(stale.value).toBe(true)
  await nextTick()
  await calls[1]!.answer(testPlan)
  expect(stale.value).toBe(false)
})

test('trying other minutes of the same question leaves the answer in view', async () => {
  const asked = ref(question(1))
  const { stale } = scope().run(() => usePreview(asked))!
  await calls[0]!.answer(testPlan)
  asked.value = question(1, 9)
  expect(stale.value).toBe(false)
})

test('a refusal is said in the words of the server and takes the old answer away', async () => {
  const asked = ref(question(1))
  const { plan, refusal } = scope().run(() => usePreview(asked))!
  await calls[0]!.answer(testPlan)
  asked.value = question(99)
  await nextTick()
  await calls[1]!.refuse({ errors: { 'load.totalKg': ['must lie between 0.005 and 15 kg.'] } })
  expect(refusal.value).toBe('Weight must lie between 0.005 and 15 kg.')
  expect(plan.value).toBeNull()
})

test('asks nothing while there is no question, and nothing after the page is left', async () => {
  const asked = ref<Request | null>(null)
  const left = scope()
  left.run(() => usePreview(asked))
  expect(calls).toHaveLength(0)
  asked.value = question(1)
  await nextTick()
  asked.value = question(2)
  await nextTick()
  left.stop()
  await calls[0]!.answer(testPlan)
  expect(calls).toHaveLength(1)
})

test('a server that cannot at present is asked again by itself, ever less often, and its last answer stays', async () => {
  vi.useFakeTimers()
  try {
    const asked = ref(question(1))
    const { plan, refusal, stale } = scope().run(() => usePreview(asked))!
    const settled = () => vi.advanceTimersByTimeAsync(1)
    void calls[0]!.refuse({ title: 'Too much was asked at once.' }, 429)
    await settled()
    expect(refusal.value).toBe('Too much was asked at once.')
    await vi.advanceTimersByTimeAsync(1000)
    expect(calls).toHaveLength(2)
    calls[1]!.fail()
    await vi.advanceTimersByTimeAsync(1500)
    expect(calls).toHaveLength(2)
    await vi.advanceTimersByTimeAsync(600)
    void calls[2]!.answer(testPlan)
    await settled()
    expect([plan.value?.minutes, refusal.value]).toEqual([14, null])

    asked.value = question(1, 9) // tried on the same meat
    await vi.advanceTimersByTimeAsync(400)
    void calls[3]!.refuse({ title: 'This took too long and was stopped.' }, 503)
    await settled()
    expect([plan.value?.minutes, refusal.value]).toEqual([14, 'This took too long and was stopped.'])
    asked.value = question(2) // other meat: what is here is no answer to it
    await settled()
    calls[4]!.fail()
    await settled()
    expect([plan.value, stale.value]).toEqual([null, false])

    await vi.advanceTimersByTimeAsync(1100)
    void calls[5]!.refuse({ errors: { 'load.totalKg': ['must lie between 0.005 and 15 kg.'] } })
    await vi.advanceTimersByTimeAsync(60_000)
    expect(calls).toHaveLength(6) // what is wrong is not asked again
  } finally {
    vi.useRealTimers()
  }
})
