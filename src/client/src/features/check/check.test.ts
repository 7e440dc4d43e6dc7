import { mount } from '@vue/test-utils'
import { describe, expect, test } from 'vitest'
import type { CookView } from '@/api/types'
import { inUnits } from '@/shared/units/format'
import { lowestReading } from './readings'
import CutDrawing from './CutDrawing.vue'
import VerdictPanel from './VerdictPanel.vue'
import { drawingOf } from './drawings'

// Every cut of the catalogue with its spots.
const cuts: Record<string, string[]> = {
  'chicken-whole': ['breast', 'thigh'],
  'chicken-spatchcocked': ['breast', 'thigh'],
  'chicken-half': ['breast', 'thigh'],
  'chicken-breast-boneless': ['centre'],
  'chicken-breast-bone-in': ['centre'],
  'chicken-cutlet': ['centre'],
  'chicken-tender': ['centre'],
  'chicken-thigh-boneless': ['centre'],
  'chicken-thigh-bone-in': ['centre'],
  'chicken-leg-quarter': ['thigh', 'drumstick'],
  'chicken-drumstick': ['centre'],
  'chicken-wing': ['centre'],
  'chicken-diced': ['centre'],
  'chicken-meatball': ['centre'],
  'chicken-carcass': ['centre'],
  'turkey-neck': ['centre'],
  'chicken-foot': ['centre'],
  'poussin-whole': ['breast', 'thigh'],
  'turkey-crown': ['breast', 'shoulder'],
  'turkey-tenderloin': ['centre'],
  'duck-crown': ['breast', 'shoulder'],
  'duck-leg': ['thigh', 'drumstick'],
}

describe('the drawing of a cut', () => {
  test.each(Object.entries(cuts))('%s shows each of its spots inside the picture', (cut, spots) => {
    const drawing = drawingOf(cut)
    for (const spot of spots) {
      const { from, tip } = drawing.spots[spot]!
      for (const [x, y] of [from, tip]) {
        expect(x).toBeGreaterThan(0)
        expect(x).toBeLessThan(320)
        expect(y).toBeGreaterThan(0)
        expect(y).toBeLessThan(220)
      }
    }
  })

  test('draws no bone in what has none', () => {
    expect(drawingOf('chicken-thigh-boneless').bones).toBe('')
    expect(drawingOf('chicken-thigh-bone-in').bones).not.toBe('')
  })
})

const cook = (more: object = {}, state: object = {}) =>
  ({
    id: 'c',
    name: 'Legs',
    phase: 'open',
    verdict: 'unknown',
    plan: { load: { cut: 'duck-leg', pieces: 2 } },
    next: [],
    spots: [
      { id: 'thigh', where: 'the thigh', meat: '', cut: 'duck-leg', spotOfCut: 'thigh', pieces: 2 },
      { id: 'drumstick', where: 'the drumstick', meat: '', cut: 'duck-leg', spotOfCut: 'drumstick', pieces: 2 },
    ],
    state: {
      readings: [],
      advice: null,
      thick: false,
      spotsToRead: ['thigh', 'drumstick'],
      coveredUntil: null,
      ...state,
    },
    ...more,
  }) as unknown as CookView
const units = inUnits('metric')
const global = { stubs: { 'v-icon': true, 'v-btn': { template: '<button><slot /></button>' } } }

test('the lowest reading of a spot is written at its tip', () => {
  const readings = [
    { spot: 'thigh', celsius: 81.6 },
    { spot: 'thigh', celsius: 78.9 },
  ]
  const read = cook({}, { readings })
  const lowest = (spot: string) => lowestReading(read, spot)
  const drawing = mount(CutDrawing, { props: { spots: read.spots, lowest, chosen: 'drumstick', units } })
  expect(drawing.find('.read').text()).toBe('78 °C')
  expect(drawing.findAll('.knob')).toHaveLength(2)
  expect(drawing.find('svg').attributes('aria-label')).toContain('2: the drumstick')
})

test('the meat of the chosen spot is the one that is drawn', () => {
  const { spots } = cook()
  const wing = {
    id: 'wings/centre',
    where: 'the wing',
    meat: 'wings',
    cut: 'chicken-wing',
    spotOfCut: 'centre',
    pieces: 6,
  }
  const two = cook({ spots: [...spots, wing] })
  const drawing = mount(CutDrawing, { props: { spots: two.spots, chosen: 'wings/centre', units } })
  expect(drawing.findAll('.number').map((n) => n.text())).toEqual(['3'])
})

describe('the verdict', () => {
  const short = (method: string, minutes: number | null) =>
    cook(
      { verdict: 'short' },
      {
        advice: { method, minutes, why: ['Close the lid.'], spots: [{ peak: { p01: 75.9, p50: 84, p99: 90 } }] },
      },
    )

  test.each([
    ['back-under-pressure', 'Back under pressure, 6 min'],
    ['simmer-covered', 'Simmer 6 min, lid on'],
    ['separate-and-repeat', 'Pull apart, 6 min under pressure'],
  ])('short by %s says what to do and how long', async (method, words) => {
    const panel = mount(VerdictPanel, { props: { cook: short(method, 6), units }, global })
    expect(panel.text()).toContain('Not done yet')
    expect(panel.text()).toContain('at least 75 °C')
    expect(panel.find('.act').text()).toBe(words)
    await panel.find('.act').trigger('click')
    expect(panel.emitted('back')).toHaveLength(1)
  })

  test('nearly there is left covered, with one touch, and can be cooked on instead', async () => {
    const panel = mount(VerdictPanel, { props: { cook: short('leave-covered', 5), units }, global })
    expect(panel.text()).toContain('Nearly: leave it covered')
    expect(panel.find('[data-testid=rescue]').exists()).toBe(false)
    await panel.get('[data-testid=cover]').trigger('click')
    expect(panel.emitted('cover')).toHaveLength(1)
    await panel.findAll('button')[1]!.trigger('click')
    expect(panel.emitted('back')).toHaveLength(1)
  })

  test('a reading that is nearly enough is asked for once more, and is not called short', () => {
    const again = cook(
      { verdict: 'measure-more' },
      { advice: { method: 'read-again', minutes: 0, why: ['Again.'], spots: [] } },
    )
    const panel = mount(VerdictPanel, { props: { cook: again, units }, global })
    expect(panel.text()).toContain('read it again')
    expect(panel.classes()).not.toContain('short')
  })

  test('done with a covered rest says for how long', () => {
    const done = cook(
      { verdict: 'done', phase: 'finishing' },
      { advice: { method: 'none', minutes: 0, restMinutes: 4, why: [], spots: [] } },
    )
    expect(mount(VerdictPanel, { props: { cook: done, units }, global }).text()).toContain('Leave it covered for 4 min')
  })

  test('short without any time that is enough offers no minutes', () => {
    const panel = mount(VerdictPanel, { props: { cook: short('back-under-pressure', null), units }, global })
    expect(panel.find('.act').exists()).toBe(false)
  })

  test('going on unmeasured takes two steps and says what it means', async () => {
    const panel = mount(VerdictPanel, { props: { cook: cook(), units }, global })
    expect(panel.text()).not.toContain('Go on without measuring')
    await panel.find('button').trigger('click')
    expect(panel.text()).toContain('the record will always say')
    await panel.find('button').trigger('click')
    expect(panel.emitted('unmeasured')).toHaveLength(1)
  })

  test('without a thermometer, minutes for one say what is missing to be sure', async () => {
    const next = [{ kind: 'back-under-pressure', text: 'Close the lid again for 8 min under pressure.' }]
    const panel = mount(VerdictPanel, { props: { cook: cook({ next }), units }, global })
    await panel.find('button').trigger('click')
    expect(panel.text()).toContain('Close the lid again for 8 min')
    await panel.get('[data-testid=missing]').trigger('click')
    expect(panel.emitted('back')).toHaveLength(1)
  })

  test('one spot of two is not called done', () => {
    const panel = mount(VerdictPanel, { props: { cook: cook({ verdict: 'measure-more' }), units }, global })
    expect(panel.text()).toContain('one spot more')
    expect(panel.classes()).not.toContain('done')
  })
})
