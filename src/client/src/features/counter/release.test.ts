import { mount } from '@vue/test-utils'
import { describe, expect, test } from 'vitest'
import { nextTick, ref } from 'vue'
import type { Plan, Release } from '@/api/types'
import { sameWhileEqual } from '@/shared/ui/sameWhileEqual'
import { releaseAt, restOf } from './heat'
import { testPlan } from '@/shared/words/plan.test.data'
import ReleaseList from './ReleaseList.vue'

const natural: Release = { kind: 'natural', restMinutes: 0 }
const vent: Release = { kind: 'vent', restMinutes: 0 }
const rest = (restMinutes: number): Release => ({ kind: 'rest-then-vent', restMinutes })
const option = (release: Release, minutes: number | null, releaseMinutes: number) => ({
  release,
  minutes,
  totalMinutes: 30 + releaseMinutes,
  releaseMinutes,
  waterLossPercent: 30,
})
const plan = {
  ...testPlan,
  releases: [option(vent, 19, 2), option(natural, 14, 8.4), option(rest(5), null, 6)],
} as Plan

describe('the handle of the release', () => {
  test.each([
    [natural, 8, 'pin'],
    [vent, 0, 'vent'],
    [rest(5), 5, '5'],
    [rest(30), 8, '8'],
  ])('of %o stands at %i minutes', (release, now, text) => {
    expect(restOf(plan, release)).toMatchObject({ now, most: 8, text })
  })

  test.each([
    [-3, 'vent'],
    [0.4, 'vent'],
    [3.2, 'rest-then-vent'],
    [8, 'natural'],
    [20, 'natural'],
  ])('left at %d minutes means %s', (minutes, kind) => {
    expect(releaseAt(plan, minutes).kind).toBe(kind)
  })

  test('is not there for a load that would spurt', () => {
    expect(restOf({ ...plan, releases: [option(natural, 14, 8)] }, natural)).toBeNull()
  })
})

describe('the ways to let the pressure go', () => {
  const list = mount(ReleaseList, { props: { options: plan.releases, chosen: natural } })

  test('leave out what is never safe and mark what is chosen in words too', () => {
    expect(list.findAll('tbody tr')).toHaveLength(2)
    expect(list.get('[aria-pressed=true]').text()).toBe('Leave it until the pin drops')
  })

  test('are chosen by a touch', async () => {
    await list.findAll('button')[0]!.trigger('click')
    expect(list.emitted('choose')).toEqual([[vent]])
  })
})

test('what says the same stays the same object', async () => {
  const source = ref({ a: [1, 2], tried: 0 })
  const part = sameWhileEqual(() => ({ a: source.value.a }))
  const before = part.value
  source.value = { a: [1, 2], tried: 1 }
  await nextTick()
  expect(part.value).toBe(before)
  source.value = { a: [1, 3], tried: 1 }
  expect(part.value).not.toBe(before)
})
