import { expect, test } from 'vitest'
import { cookClock, wallMsUntil } from './clock'

const now = '2026-11-26T18:00:00Z'
const start = Date.parse(now)
const minute = 60_000

test('a clock of the wall goes as the wall does', () => {
  expect(cookClock({ now, speed: 1 }, 5000)).toBe(start + 5000)
})

test('a rehearsal runs fast while the pot works, and waits for the hand', () => {
  const clock = { now, speed: 120, fastUntil: '2026-11-26T18:10:00Z' }
  expect(cookClock(clock, 2500)).toBe(start + 5 * minute)
  expect(cookClock(clock, 5000)).toBe(start + 10 * minute)
  expect(cookClock(clock, 9000)).toBe(start + 10 * minute + 4000)
  expect(wallMsUntil(clock, start + 10 * minute + 4000)).toBe(9000)
})

test('at the valve it waits for a while only', () => {
  const clock = { now, speed: 60, fastUntil: now, waitsSeconds: 20 }
  expect(cookClock(clock, 21_000)).toBe(start + 20_000 + minute)
  expect(wallMsUntil(clock, start + 20_000 + minute)).toBe(21_000)
})
