import { expect, test } from 'vitest'
import { testSafety } from './plan.test.data'
import { releaseWords, safetyWords, stateWords } from './words'

test.each([
  [{ kind: 'vent' as const, restMinutes: 0 }, 'Vent at once'],
  [{ kind: 'rest-then-vent' as const, restMinutes: 5 }, 'Leave it 5 min, then vent'],
  [{ kind: 'natural' as const, restMinutes: 0 }, 'Leave it until the pin drops'],
  [{ kind: 'pulsed' as const, restMinutes: 0 }, 'Vent in short bursts'],
  [null, ''],
])('release %o is said as "%s"', (release, words) => {
  expect(releaseWords(release)).toBe(words)
})

test.each([
  [{}, 'from the fridge'],
  [{ state: 'frozen' as const, pieces: 1 }, 'frozen'],
  [{ state: 'frozen' as const, pieces: 6 }, 'frozen singly'],
  [{ state: 'frozen' as const, pieces: 6, arrangement: 'lump' as const }, 'frozen in one lump'],
  [{ state: 'room' as const, pieces: 6 }, 'at room temperature'],
])('state %o is said as "%s"', (load, words) => {
  expect(stateWords(load)).toBe(words)
})

test('only 99 of 100 is called safe, and what is short is never rounded up', () => {
  const sure = { promise: 'sure' as const, kept: true, chanceSafe: 0.99, readyAtFirst: 1 }
  expect(safetyWords(sure, testSafety)).toBe('Safe in 99 of 100 such cooks')
  expect(safetyWords({ ...sure, kept: false, chanceSafe: 0.9899 }, testSafety)).toBe(
    'Too short: safe in only 98 of 100',
  )
  expect(safetyWords({ ...sure, kept: false, chanceSafe: null }, testSafety)).toContain('Too short')
})

test('minutes for a thermometer never say safe', () => {
  const measured = { promise: 'measured' as const, kept: true, chanceSafe: 0.82, readyAtFirst: 0.879 }
  expect(safetyWords(measured, testSafety)).toBe('Then measure: ready in 87 of 100 cooks')
  expect(safetyWords({ ...measured, kept: false }, testSafety)).toBe('Too short: ready in only 87 of 100')
})
