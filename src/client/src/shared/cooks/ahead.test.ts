import { expect, test } from 'vitest'
import type { CookView } from '@/api/types'
import { withAhead } from './ahead'

const at = (minute: number) => new Date(Date.UTC(2026, 11, 6, 17, minute)).toISOString()
const ms = (minute: number) => Date.parse(at(minute))
const next = (kind: string, dueAt: string | null) => ({
  kind,
  dueAt,
  lateAt: dueAt,
  text: kind,
  step: null,
  waits: false,
})
const step = (after: string, minute: number, phase: string, then: object, byClock = false) => ({
  after,
  step: null,
  at: at(minute),
  byClock,
  phase,
  verdict: 'unknown',
  burst: null,
  next: [then],
})
const cook = {
  id: 'c',
  phase: 'ready',
  events: [],
  state: { burst: null, late: null },
  next: [next('lid-on', null)],
  ahead: [
    step('lid-on', 0, 'coming-up', next('pressure-reached', at(10))),
    step('pressure-reached', 10, 'holding', next('hold-over', at(24))),
    step('hold-over', 24, 'resting', next('pin-down', at(34)), true),
  ],
} as unknown as CookView
const said = (kind: string, minute: number) => ({ kind, at: at(minute), data: {} }) as never

test('a cook with nothing unsent is as the server said', () => {
  expect(withAhead(cook, [], ms(5))).toBe(cook)
})

test('what was done without the server counts from when it was done', () => {
  const shown = withAhead(cook, [said('lid-on', 3), said('pressure-reached', 15)], ms(16))
  expect([shown.phase, shown.since, shown.next[0]!.dueAt]).toEqual(['holding', at(15), at(29)])
})

test('the minutes end without the server, at the right moment', () => {
  const unsent = [said('lid-on', 3), said('pressure-reached', 15)]
  expect(withAhead(cook, unsent, ms(28)).phase).toBe('holding')
  const over = withAhead(cook, unsent, ms(30))
  expect([over.phase, over.since, over.next[0]!.dueAt]).toEqual(['resting', at(29), at(39)])
})

test('what does not follow leaves the cook where it is', () => {
  expect(withAhead(cook, [said('opened', 3)], ms(60))).toBe(cook)
  expect(withAhead(cook, [said('lid-on', 3), said('note', 4)], ms(60)).phase).toBe('coming-up')
})

// The hub was faster than the answer: the pin that was said is in the view already, and what was said after it still counts.
test('what the hub told of already is not waited for again', () => {
  const told = { ...cook, events: [{ kind: 'note', at: at(2) }] } as unknown as CookView
  expect(withAhead(told, [said('note', 2), said('lid-on', 3)], ms(4)).phase).toBe('coming-up')
})

test('a step of another name is not the one that was foreseen', () => {
  const foreseen = { ...step('step-done', 0, 'finishing', next('finished', null)), step: 'rest' }
  const finishing = { ...cook, phase: 'open', ahead: [foreseen] } as unknown as CookView
  const done = (name: string) => [{ kind: 'step-done', at: at(1), data: { step: name } }] as never
  expect(withAhead(finishing, done('carve'), ms(2)).phase).toBe('open')
  expect(withAhead(finishing, done('rest'), ms(2)).phase).toBe('finishing')
})

test('who did not measure is remembered to have not, whatever follows', () => {
  const unmeasured = { ...step('not-measured', 0, 'open', next('finished', null)), verdict: 'not-measured' }
  const after = step('note', 1, 'open', next('finished', null))
  const open = { ...cook, ahead: [unmeasured, after] } as unknown as CookView
  const shown = withAhead(open, [said('not-measured', 0), said('note', 1)], ms(2))
  expect([shown.verdict, shown.state.everNotMeasured]).toEqual(['unknown', true])
})
