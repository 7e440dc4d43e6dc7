import { mount } from '@vue/test-utils'
import { describe, expect, test } from 'vitest'
import { createVuetify } from 'vuetify'
import type { Warning } from '@/api/types'
import { inUnits } from '@/shared/units/format'
import AnswerPanel from './AnswerPanel.vue'
import MinutesRibbon from './MinutesRibbon.vue'
import { testPlan, testSafety } from '@/shared/words/plan.test.data'
import WarningList from './WarningList.vue'

const global = { plugins: [createVuetify()] }

describe('the answer', () => {
  const answer = (minutes: number | null, units = inUnits('metric')) =>
    mount(AnswerPanel, {
      global,
      props: { plan: testPlan, minutes, units, trying: minutes !== 14, safety: testSafety },
    })

  test('shows minutes, release, verdict and clock', () => {
    const panel = answer(14)
    expect(panel.get('[data-testid=minutes]').text()).toBe('14')
    expect(panel.get('[data-testid=release]').text()).toBe('Leave it until the pin drops')
    expect(panel.get('[data-testid=verdict]').text()).toContain('safe in 99 of 100')
    expect(panel.findAll('.clock li')).toHaveLength(5)
  })

  test('judges the minutes under the finger before the server has answered', () => {
    const panel = answer(6)
    expect(panel.get('[data-testid=verdict]').text()).toBe('Too short: safe in only 48 of 100')
    expect(panel.text()).toContain('58°C')
    expect(panel.text()).toContain('Back to Ikuzo’s 14 min')
  })

  const measured = {
    ...testPlan,
    promise: 'measured' as const,
    chanceSafe: 0.8,
    promiseText: 'Then measure: ready in 4 of 5 cooks.',
    otherPromise: { promise: 'sure' as const, minutes: 19, text: '19 min to be sure without measuring.' },
    worthKnowing: [
      { what: 'thickness', minutesSaved: 4, waterLossSaved: 1, text: 'Lay a ruler on it: about 4 min less.' },
    ],
  } as typeof testPlan

  test('for a thermometer is neither called safe nor too short, and the other promise is one touch away', async () => {
    const band = testPlan.band.map((b) => ({ ...b, chanceSafe: 0.8 }))
    const props = {
      plan: { ...measured, band },
      minutes: 14,
      units: inUnits('metric'),
      trying: false,
      safety: testSafety,
    }
    const panel = mount(AnswerPanel, { global, props })
    expect(panel.get('[data-testid=verdict]').classes()).toContain('is-measured')
    expect(panel.get('[data-testid=verdict]').text()).toBe('Then measure: ready in 4 of 5 cooks.')
    expect(panel.get('[data-testid=worth]').text()).toContain('ruler')
    await panel.get('[data-testid=other-promise]').trigger('click')
    expect(panel.emitted('promise')).toEqual([['sure']])
  })

  test('speaks Fahrenheit to those who do', () => {
    expect(answer(14, inUnits('us')).text()).toContain('°F')
  })

  test('says so where no minutes are safe', () => {
    expect(answer(null).get('[data-testid=minutes]').text()).toBe('No safe minutes')
  })
})

describe('the warnings', () => {
  const warning = (code: string, level: Warning['level']): Warning => ({
    code,
    level,
    text: `Do ${code}.`,
    because: 'Because.',
  })
  const list = (...warnings: Warning[]) => mount(WarningList, { global, props: { warnings } })

  test('name their level in words, not by colour alone', () => {
    const text = list(warning('a', 'stop'), warning('b', 'caution')).text()
    expect(text).toContain('Stop. Do a.')
    expect(text).toContain('Look out. Do b.')
  })

  test('keep what is only good to know folded away', () => {
    const notes = list(warning('a', 'note'), warning('b', 'note'))
    expect(notes.find('.warnings').exists()).toBe(false)
    expect(notes.get('summary').text()).toBe('2 more to know')
  })

  test('can be checked off only where seeing to it is enough', async () => {
    const seeTo = { ...warning('browned-bits', 'stop'), canBeSeenTo: true, isToConfirm: true }
    const stops = list(seeTo, warning('low-liquid', 'stop'))
    const done = stops.findAll('button.done')
    expect(done).toHaveLength(1)
    await done[0]!.trigger('click')
    expect(stops.emitted('confirm')).toEqual([['browned-bits']])
  })
})

describe('the ribbon', () => {
  const ribbon = mount(MinutesRibbon, {
    props: {
      band: testPlan.band,
      minutes: 14,
      most: 20,
      x: (m: number) => 50 + m * 10,
      width: 400,
      notches: [10, 18],
      shareSafe: 0.99,
      ends: [
        { minutes: 9, name: 'measure' },
        { minutes: 12, name: 'sure' },
      ],
      beside: [
        {
          id: 'basmati-rice',
          name: 'Basmati rice',
          distance: 1.1,
          word: 'too soft',
          justMinutes: 3,
          bestMinutes: 6,
          tooFarMinutes: 13,
        },
        {
          id: 'dry-chickpeas',
          name: 'Dry chickpeas',
          distance: -2,
          word: 'hard',
          justMinutes: null,
          bestMinutes: null,
          tooFarMinutes: null,
        },
      ],
    },
  })

  test('says the minute under the handle in one sentence', () => {
    expect(ribbon.get('svg').attributes('aria-label')).toBe(
      '14 min: safe in 99 of 100, ready at the first reading in 100, after standing covered in 100, tenderness 56 of 100, 29 % of the lean meat lost as juice; basmati rice too soft; dry chickpeas hard',
    )
  })

  test('draws how soft each thing beside the meat is, from done to too far, its best marked', () => {
    const [rice, beans] = ribbon.findAll('[data-testid=soft]')
    const done = rice!.get('.done')
    expect([done.attributes('x'), done.attributes('width')]).toEqual(['80', '100'])
    expect(rice!.get('.best').attributes('d')).toContain('M110,')
    expect(rice!.text()).toBe('Basmati rice: too soft')
    expect(beans!.find('.best').exists()).toBe(false)
    expect(beans!.get('.is-unsafe').attributes('width')).toBe('200') // hard as far as is shown
  })

  test('marks where other cooks stand', () => {
    expect(ribbon.findAll('.notch')).toHaveLength(2)
  })

  test('hatches what is unsafe and fills what is safe', () => {
    expect(ribbon.findAll('.is-unsafe[y="2"]')).toHaveLength(12)
    expect(ribbon.findAll('.is-safe')).toHaveLength(9)
  })

  test('names both ends, and stacks what is ready at once, after standing, and what goes back', () => {
    expect(ribbon.findAll('.end').map((e) => e.text())).toEqual(['measure 9', 'sure 12'])
    const heights = (selector: string) => Number(ribbon.findAll(selector)[5]!.attributes('height'))
    expect(heights('.first')).toBeCloseTo(7.5, 5)
    expect(heights('.stood')).toBeCloseTo(15 * (0.625 - 0.5), 5)
  })
})
