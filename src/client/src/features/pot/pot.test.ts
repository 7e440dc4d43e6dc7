import { describe, expect, test } from 'vitest'
import type { CookView } from '@/api/types'
import { drawCurves } from '@/shared/cooks/curves'
import { countdown, headline } from './words'

describe('the countdown', () => {
  test('counts minutes and seconds down, and up once it is past', () => {
    expect(countdown(754_000)).toBe('12:34')
    expect(countdown(3_725_000)).toBe('1:02:05')
    expect(countdown(-61_000)).toBe('+01:01')
    expect(countdown(1)).toBe('00:01')
  })
})

const cook = (phase: string, next: string, more: object = {}) =>
  ({
    phase,
    next: [{ kind: next }],
    verdict: 'unknown',
    state: { simmers: false, abandoned: false },
    ...more,
  }) as CookView

test.each([
  ['ready', 'lid-on', 'Lid on'],
  ['ready', 'browning-started', 'Brown it'],
  ['resting', 'vented', 'Vent now'],
  ['resting', 'pin-down', 'Leave it alone'],
  ['open', 'reading', 'Measure it'],
  ['finishing', 'finished', 'Serve'],
] as const)('%s before %s says "%s"', (phase, next, words) => {
  expect(headline(cook(phase, next), 0)).toBe(words)
})

test('a step in which the pot works alone says so, before the meat and after it', () => {
  expect(
    headline({ ...cook('finishing', 'step-done'), next: [{ kind: 'step-done', waits: true }] } as CookView, 0),
  ).toBe('Under the lid')
  expect(headline(cook('ready', 'step-done'), 0)).toBe('First')
  expect(headline(cook('finishing', 'step-done'), 0)).toBe('After the pot')
})

test('what stands covered is read again when its time is up, without a word from the server', () => {
  const dueAt = '2026-12-06T18:05:00Z'
  const covered = {
    ...cook('open', 'reading'),
    next: [{ kind: 'reading', waits: true, dueAt, title: 'It stands covered' }],
  } as CookView
  expect(headline(covered, Date.parse(dueAt) - 1000)).toBe('It stands covered')
  expect(headline(covered, Date.parse(dueAt))).toBe('Read it again')
})

test('a cook that is short says so', () => {
  expect(headline(cook('open', 'back-under-pressure', { verdict: 'short' }), 0)).toBe('Not done yet')
})

test('measured channels are drawn on the same scale as what was expected, each with a stroke of its own', () => {
  const curves = {
    predicted: null,
    measured: [
      { name: 'core', minutes: [0, 10], celsius: [4, 74] },
      { name: 'air', minutes: [0, 20], celsius: [20, 100] },
    ],
  }
  const drawing = drawCurves(curves, 400, 300, (c) => c)
  expect(drawing.x.domain()).toEqual([0, 20])
  expect(drawing.channels[0]!.path).toContain(`,${drawing.y(74)}`)
  expect(new Set(drawing.channels.map((c) => c.dash)).size).toBe(2)
})
