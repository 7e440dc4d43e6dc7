import { beforeEach, expect, test, vi } from 'vitest'
import { nextTick } from 'vue'
import type { AskView, Cut } from '@/api/types'
import { useDraft } from './useDraft'

const { post } = vi.hoisted(() => ({ post: vi.fn() }))
vi.mock('@/api/client', async (original) => ({ ...(await original<object>()), api: { POST: post } }))
const answer = (data: object) => ({ data, response: new Response() })
const heard = {
  cut: 'duck-leg',
  pieces: 4,
  totalKg: 1,
  aim: 'pull',
  potId: null,
  potLitres: null,
  eatAt: null,
  eatInMinutes: null,
  beside: [],
} as unknown as AskView

beforeEach(() => localStorage.clear())

test('there is a question from the start, never an empty state', () => {
  expect(useDraft().draft.value.request.load.cut).toBe('chicken-thigh-bone-in')
})

test('a change of the meat drops the minutes that were tried for the old one', () => {
  const { draft, change, changeLoad } = useDraft()
  change({ minutes: 9 })
  expect(draft.value.request.minutes).toBe(9)
  changeLoad({ totalKg: 2 })
  expect(draft.value.request.minutes).toBeNull()
  expect(draft.value.request.load.totalKg).toBe(2)
})

test('a button of a stop changes what it says and nothing else', () => {
  const { draft, change, changeLoad, mend } = useDraft()
  changeLoad({ cut: 'chicken-thigh-bone-in', pieces: 40, totalKg: 7, heaviestKg: 0.2 })
  change({ minutes: 5, liquidMl: 50, companions: [{ id: 'cream', grams: 100 }] })
  mend({ text: 'Pour in 200 ml more', liquidMl: 250, byItself: false, leaveOut: [] })
  expect(draft.value.request).toMatchObject({ liquidMl: 250, minutes: 5, load: { pieces: 40 } })
  mend({ text: 'Cook 20 of them now', pieces: 20, totalKg: 3.5, byItself: false, leaveOut: [] })
  expect(draft.value.request.load).toMatchObject({ pieces: 20, totalKg: 3.5, heaviestKg: null })
  mend({ text: 'Leave the cream out now', byItself: true, leaveOut: ['cream'] })
  expect(draft.value.request).toMatchObject({ minutes: null, companions: [], liquidMl: 250 })
})

test('another cut weighs what the server says, and forgets what was measured and confirmed', async () => {
  post.mockResolvedValue(answer({ cut: 'turkey-crown', pieces: 1, totalKg: 2.8, thicknessMm: null }))
  const { draft, change, changeLoad, chooseCut } = useDraft()
  changeLoad({ thicknessMm: 30, pieces: 6 })
  change({ confirmed: ['giblets'], aim: 'slice' })
  await chooseCut({ id: 'turkey-crown' } as Cut)
  expect(post.mock.lastCall![1]).toMatchObject({ body: { cut: 'turkey-crown', load: { thicknessMm: 30, pieces: 6 } } })
  expect(draft.value.request).toMatchObject({
    load: { cut: 'turkey-crown', pieces: 1, totalKg: 2.8, thicknessMm: null },
  })
  expect(draft.value.request).toMatchObject({ aim: null, confirmed: null })
})

test('of two answers that cross the one to the newer question counts', async () => {
  let first: (answer: unknown) => void = () => undefined
  post.mockReturnValueOnce(new Promise((resolve) => (first = resolve)))
  post.mockResolvedValueOnce(answer({ cut: 'chicken-wing', pieces: 8, totalKg: 0.72 }))
  const { draft, choosePieces } = useDraft()
  const earlier = choosePieces(7)
  await choosePieces(8)
  first(answer({ cut: 'chicken-wing', pieces: 7, totalKg: 0.63 }))
  await earlier
  expect(draft.value.request.load.pieces).toBe(8)
})

test('what was typed starts afresh, so that nothing unsaid lingers', () => {
  const { draft, changeLoad, take } = useDraft()
  changeLoad({ state: 'frozen', thicknessMm: 44 })
  take(heard)
  expect(draft.value.request.load).toMatchObject({ cut: 'duck-leg', pieces: 4, totalKg: 1 })
  expect(draft.value.request.load.state ?? null).toBeNull()
  expect(draft.value.request.load.thicknessMm ?? null).toBeNull()
})

test('a pot that is not in the kitchen is asked about by its size', () => {
  const { draft, take, usePot } = useDraft()
  take({ ...heard, potLitres: 7.6 })
  expect(draft.value.request.pot).toEqual({ capacityLitres: 7.6 })
  usePot('pip')
  expect(draft.value).toMatchObject({ potId: 'pip', request: { pot: null, liquidMl: null } })
})

test('the question outlives a reload', async () => {
  useDraft().changeLoad({ totalKg: 1.75 })
  await nextTick()
  expect(useDraft().draft.value.request.load.totalKg).toBe(1.75)
})

test('what was seen to, and the heaviest, were of the load as it was', () => {
  const { draft, change, changeLoad } = useDraft()
  for (const part of [{ pieces: 8 }, { totalKg: 2 }]) {
    changeLoad({ heaviestKg: 0.4 })
    change({ confirmed: ['lump'] })
    changeLoad(part)
    expect([draft.value.request.confirmed, draft.value.request.load.heaviestKg]).toEqual([null, null])
  }
})

test('how long it was in the fridge and stood warm is taken over', () => {
  const { draft, take } = useDraft()
  take({ ...heard, daysInFridge: 3, stoodMinutes: 130 })
  expect(draft.value.request.load).toMatchObject({ daysInFridge: 3, stoodMinutes: 130 })
})
