import { QueryClient, VueQueryPlugin } from '@tanstack/vue-query'
import { afterEach, expect, test, vi } from 'vitest'
import { createApp, ref } from 'vue'
import { api } from '@/api/client'
import type { Plan, Request } from '@/api/types'
import { testPlan } from '@/shared/words/plan.test.data'
import { useLearned } from './useLearned'

const later = () => new Promise((done) => setTimeout(done))
afterEach(() => vi.restoreAllMocks())

test('what is known stands at once, what it changed follows, and a late answer to an older plan is not shown', async () => {
  const answers: ((text: string) => void)[] = []
  const sent: { minutes: number; release: unknown; request: Request }[] = []
  vi.spyOn(api, 'POST').mockImplementation(((_: string, init: { body: (typeof sent)[number] }) => {
    sent.push(init.body)
    return new Promise((done) => answers.push((text) => done({ data: { cooks: 3, text: [text] } })))
  }) as never)
  const known = (minutes: number): Plan => ({
    ...testPlan,
    recommendedMinutes: minutes,
    release: { kind: 'natural', restMinutes: 0 },
    learned: { cooks: 3, text: ['Yours are thick.'] },
  })
  const request = ref<Request | null>({ load: { cut: 'duck-leg', pieces: 4, totalKg: 1 }, minutes: 20 })
  const plan = ref<Plan | null>(null)
  const busy = ref(true)
  const app = createApp({}).use(VueQueryPlugin, { queryClient: new QueryClient() })
  const said = app.runWithContext(() => useLearned(request, plan, busy))

  plan.value = known(12)
  await later()
  expect(said.value).toBe('Yours are thick.')
  expect(sent).toHaveLength(0)

  busy.value = false
  await later()
  expect(sent).toMatchObject([{ minutes: 12, release: { kind: 'natural' }, request: { minutes: null, release: null } }])

  plan.value = known(14)
  await later()
  answers[0]!('2 min longer: yours are thick.')
  await later()
  expect(said.value).toBe('Yours are thick.')
  answers[1]!('4 min longer: yours are thick.')
  await later()
  expect(said.value).toBe('4 min longer: yours are thick.')

  plan.value = { ...testPlan, learned: null }
  await later()
  expect(said.value).toBeUndefined()
  expect(sent).toHaveLength(2)
})
