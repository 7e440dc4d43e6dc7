import { flushPromises, mount } from '@vue/test-utils'
import { beforeEach, describe, expect, test, vi } from 'vitest'
import { ref } from 'vue'
import type { DishItemBody, DishView } from '@/api/types'
import { inUnits } from '@/shared/units/format'
import DishItemRow from './DishItemRow.vue'
import JobList from './JobList.vue'
import LinesField from '@/shared/fields/LinesField.vue'
import StageList from './StageList.vue'

vi.mock('@/shared/catalogue/useCatalogue', () => ({
  useCatalogue: () => ({
    findCut: (id?: string) =>
      id ? { id, name: 'chicken thigh', plural: 'chicken thighs', pieceKg: { typical: 0.2 } } : undefined,
    companions: ref([
      { id: 'penne-pasta', name: 'Penne', isCut: false },
      { id: 'carrots-chunks', name: 'Carrots', isCut: true },
    ]),
    liquids: ref([]),
  }),
}))

const units = inUnits('metric')
const global = {
  stubs: {
    'v-icon': true,
    'v-btn': { template: '<button type="button" @click="$emit(`click`)"><slot /></button>', emits: ['click'] },
    QuantityField: true,
  },
}
const bird = {
  key: 'bird',
  kind: 'meat',
  load: { cut: 'chicken-thigh-bone-in', pieces: 6, totalKg: 1.2 },
  aim: 'pull',
} as unknown as DishItemBody
const beside = (id: string) => ({ key: id, kind: 'companion', id, grams: 200 }) as unknown as DishItemBody

describe('a row of a dish', () => {
  const changed: DishItemBody[] = []
  beforeEach(() => void changed.splice(0))
  const row = (item: DishItemBody, last = false) =>
    mount(DishItemRow, {
      props: { item, units, unitSystem: 'metric', last, change: (to) => changed.push(to(item)) },
      global,
    })

  test('changes one thing about the meat and keeps the rest', async () => {
    const wrapper = row(bird)
    await wrapper.findAll('select')[0]!.setValue('frozen')
    expect(changed[0]!.load).toMatchObject({ cut: 'chicken-thigh-bone-in', pieces: 6, state: 'frozen' })
    expect(changed[0]!.aim).toBe('pull')
  })

  test('never has fewer than one piece', async () => {
    const wrapper = row(bird)
    for (const typed of ['-3', '0', '', '2.5']) await wrapper.find('input[role=spinbutton]').setValue(typed)
    expect(changed).toEqual([])
    expect(wrapper.text()).toContain('A whole number.')
  })

  test('offers sizes only for what is cut, and a bowl for all that is beside', () => {
    expect(row(beside('carrots-chunks')).findAll('select')).toHaveLength(1)
    expect(row(beside('penne-pasta')).findAll('select')).toHaveLength(0)
    expect(row(beside('penne-pasta')).text()).toContain('in a bowl')
    expect(row(bird).text()).not.toContain('in a bowl')
  })
})

describe('the stages of a dish', () => {
  const stage = (items: string[], minutes: number, verdict = 'in-window') => ({
    items,
    minutes,
    release: { kind: 'vent', restMinutes: 0 },
    liquidMl: 250,
    why: 'They meet.',
    outcomes: items.map((key) => ({ key, verdict, coldestP01: key === 'bird' ? 88.7 : null, staysIn: false })),
  })
  const solved = (more: object) =>
    ({
      stages: [],
      totalMinutes: { p50: 41.2, p95: 48.1 },
      runnerUp: null,
      impossible: null,
      suggestions: [],
      stirredIn: [],
      ways: [],
      ...more,
    }) as unknown as DishView
  const list = (view: DishView) =>
    mount(StageList, { props: { solved: view, items: [bird, beside('penne-pasta')], units }, global })

  test('say how often the pot is filled and how long at the longest', () => {
    const wrapper = list(solved({ stages: [stage(['bird'], 15), stage(['penne-pasta'], 3)] }))
    expect(wrapper.text()).toContain('Twice under the lid')
    expect(wrapper.text()).toContain('at most 49')
    expect(wrapper.findAll('[data-testid=stage]')).toHaveLength(2)
  })

  test('say where minutes are those of who measures', () => {
    const measured = { ...stage(['bird'], 15), readyAtFirst: 0.9 }
    expect(list(solved({ stages: [measured] })).text()).toContain('thin liquid · then measure')
    expect(list(solved({ stages: [stage(['bird'], 15)] })).text()).not.toContain('then measure')
  })

  test('round what is safe down', () => {
    expect(list(solved({ stages: [stage(['bird'], 15)] })).text()).toContain('at least 88 °C')
  })

  test('say who is to blame when nothing works', () => {
    const wrapper = list(solved({ totalMinutes: null, impossible: { key: 'penne-pasta', why: 'Take less.' } }))
    expect(wrapper.find('[role=alert]').text()).toContain('No arrangement works')
  })

  test('say what is past its best in words, not in colour alone', () => {
    expect(list(solved({ stages: [stage(['bird'], 40, 'over')] })).text()).toContain('past its best')
  })

  test('say how what stands beside the meat comes out, and how it is cut', () => {
    const cut = stage(['penne-pasta'], 6)
    Object.assign(cut.outcomes[0]!, { word: 'firm', how: 'in a bowl on the rack' })
    expect(list(solved({ stages: [cut] })).text()).toContain('penne, in a bowl on the rack: firm')
  })

  test('offer both ways, the chosen one pressed, and a touch changes over', async () => {
    const way = (id: string, stages: object[], words: string) => ({
      id,
      stages: stages.map((s) => ({ ...s, toPressureMinutes: { p50: 10 }, releaseMinutes: { p50: 8 } })),
      totalMinutes: { p50: 20 * stages.length, p95: 50 },
      openMinutes: 4,
      stirredIn: [{ key: 'penne-pasta', minutes: 4, simmers: true }],
      words,
    })
    const one = way('one-go', [stage(['bird'], 15)], 'penne soft')
    const two = way('best', [stage(['bird'], 15), stage(['penne-pasta'], 3)], 'everything right')
    const wrapper = list(solved({ stages: one.stages, ways: [one, two] }))
    expect(wrapper.find('[data-testid=way-one-go]').attributes('aria-pressed')).toBe('true')
    expect(wrapper.find('[data-testid=way-one-go]').text()).toContain('20 min, once under the lid')
    expect(wrapper.find('[data-testid=way-one-go]').text()).toContain('in the open pot: penne 4 min')
    expect(wrapper.find('[data-testid=way-best]').text()).toContain('everything right')
    await wrapper.find('[data-testid=way-best]').trigger('click')
    expect(wrapper.emitted('way')).toEqual([['best']])
    expect(
      list(solved({ stages: one.stages, ways: [one] }))
        .find('[data-testid=way-one-go]')
        .exists(),
    ).toBe(false)
  })

  test('say what would be better than stages laid by hand, and changes that fill the pot less often', () => {
    const wrapper = list(
      solved({
        stages: [stage(['bird'], 15)],
        isWanted: true,
        runnerUp: { stages: [stage(['bird', 'penne-pasta'], 9)], totalMinutes: { p50: 50, p95: 60 } },
        suggestions: [{ change: 'Take legs instead.', stages: 1, totalMinutes: { p50: 33.4, p95: 40 } }],
        stirredIn: [{ key: 'penne-pasta', minutes: 4, simmers: true }],
      }),
    )
    expect(wrapper.text()).toContain('chicken thighs with penne 9 min')
    expect(wrapper.text()).toContain('Take legs instead. once, 33 min')
    expect(wrapper.text()).toContain('In the open pot at the end: penne, 4 min at a simmer')
  })
})

test('lines are kept without the empty ones', async () => {
  const wrapper = mount(LinesField, {
    props: { label: 'At the end', hint: '', most: 3, longest: 20, modelValue: ['Skim.'] },
  })
  const area = wrapper.find('textarea')
  expect((area.element as HTMLTextAreaElement).value).toBe('Skim.')
  await area.setValue('  Skim. \n\n Reduce.\n')
  expect(wrapper.emitted('update:modelValue')!.at(-1)).toEqual([['Skim.', 'Reduce.']])
  await area.setValue('a\nb\nc\nd')
  expect(wrapper.text()).toContain('At most 3 lines.')
  expect((area.element as HTMLTextAreaElement).value).toBe('a\nb\nc\nd')
})

test('a job gets its minutes, and can be dropped', async () => {
  const wrapper = mount(JobList, { props: { jobs: [{ text: 'Slice', minutes: 8 }] }, global })
  await wrapper.find('.what input').setValue('Fry crumbs')
  await wrapper.find('.minutes input').setValue('12')
  await wrapper.find('form').trigger('submit')
  await flushPromises()
  expect(wrapper.emitted('change')!.at(-1)).toEqual([
    [
      { text: 'Slice', minutes: 8 },
      { text: 'Fry crumbs', minutes: 12 },
    ],
  ])
  await wrapper.find('li button').trigger('click')
  expect(wrapper.emitted('change')!.at(-1)).toEqual([[]])
})
