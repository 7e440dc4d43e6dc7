import type { CookEventKind, CookPhase, CookView, SimulatedFault } from '@/api/types'
import { text, type Units } from '@/shared/units/format'

/** What stands in huge type: what is to be done, or waited for; what was waited for is over by itself. */
export function headline(cook: CookView, now: number): string {
  const next = cook.next[0]?.kind
  const due = cook.next[0]?.waits ? cook.next[0].dueAt : null
  if (due && Date.parse(due) <= now)
    return next === 'reading' ? 'Read it again' : `${cook.next[0]!.title ?? 'It'}: time is up`
  if (cook.next[0]?.title) return cook.next[0].title
  if (cook.next[0]?.waits) return 'Under the lid'
  switch (cook.phase) {
    case 'ready':
      return next === 'step-done' ? 'First' : next === 'browning-started' ? 'Brown it' : 'Lid on'
    case 'browning':
      return 'Brown and loosen'
    case 'coming-up':
      return 'Coming up'
    case 'holding':
      return 'Under pressure'
    case 'resting':
      return next === 'vented' ? 'Vent now' : 'Leave it alone'
    case 'venting':
      return 'Venting'
    case 'pin-down':
      return 'Open it'
    case 'open':
      if (cook.state.advice?.method === 'read-again' && cook.verdict === 'measure-more') return 'Read again'
      return cook.verdict === 'short' ? 'Not done yet' : 'Measure it'
    case 'rescuing':
      return cook.state.simmers ? 'Simmer on' : 'Coming up again'
    case 'finishing':
      return next === 'finished' ? 'Serve' : 'After the pot'
    default:
      return cook.state.abandoned ? 'Given up' : 'Served'
  }
}

/** What may go wrong in a rehearsal. */
export const faultNames: Record<SimulatedFault, string> = {
  'valve-open': 'valve left open',
  scorch: 'something scorches',
  'power-cut': 'power cut',
  'slow-heater': 'weak heater',
  'noisy-probe': 'jumpy probe',
  'misplaced-probe': 'probe off the middle',
  'probe-dropout': 'probe falls silent',
}

/** What went wrong on purpose, said once it is over. */
export function wentWrong(cook: CookView): string {
  const faults = cook.events.filter((e) => e.kind === 'simulated').at(-1)?.data.faults ?? []
  return faults.length === 0
    ? 'A rehearsal in which nothing went wrong on purpose.'
    : `What went wrong on purpose: ${faults.map((f) => faultNames[f]).join(', ')}.`
}

/** What the large button says: that it has happened. */
export const didIt: Record<CookEventKind, string> = {
  'browning-started': 'It is in the fat',
  'browning-done': 'Browned and loosened',
  'lid-on': 'The lid is on',
  'pressure-reached': 'The pin is up',
  'hold-over': 'The minutes are over',
  vented: 'The valve is open',
  'pin-down': 'The pin is down',
  opened: 'It is open',
  reading: 'Take a reading',
  covered: 'The lid is laid on',
  'not-measured': 'Go on unmeasured',
  'back-under-pressure': 'The lid is on again',
  thickened: 'Dairy or starch is in',
  'step-done': 'Done, next',
  note: 'Note',
  lengthened: 'More minutes are set',
  tasted: 'How it ate',
  finished: 'It is on the table',
  abandoned: 'Give up',
  corrected: 'Time corrected',
  undone: 'Undone',
  simulated: 'Rehearsal',
  'clock-set': 'The clock of the machine was set; this cook went on as it was',
}

export const phaseNames: Record<CookPhase, string> = {
  ready: 'first',
  browning: 'browning',
  'coming-up': 'coming up',
  holding: 'under pressure',
  resting: 'letting go',
  venting: 'venting',
  'pin-down': 'pin down',
  open: 'open',
  rescuing: 'cooking on',
  finishing: 'after',
  done: 'served',
}

/** Minutes and seconds; over an hour also hours. Past the moment it counts up with a plus. */
export function countdown(ms: number): string {
  const seconds = Math.ceil(Math.abs(ms) / 1000)
  const two = (n: number) => String(n).padStart(2, '0')
  const hours = Math.floor(seconds / 3600)
  const minutes = Math.floor(seconds / 60) % 60
  const rest = `${two(minutes)}:${two(seconds % 60)}`
  return `${ms < 0 ? '+' : ''}${hours > 0 ? `${hours}:${rest}` : rest}`
}

export type Entry = CookView['events'][number]

/** True for what the cook did, false for what is said about the journal. */
export const isAct = (e: Entry) => !['undone', 'corrected', 'simulated'].includes(e.kind)

/** What was done, as the journal says it. */
export function entryWords(cook: CookView, e: Entry, units: Units): string {
  if (e.kind === 'reading' && e.data.celsius !== null)
    return `Read ${text(units.atLeast(e.data.celsius))}: ${cook.spots.find((s) => s.id === e.data.spot)?.where ?? e.data.spot}`
  if (e.kind === 'back-under-pressure')
    return `${e.data.simmer ? 'Simmering' : 'Back under pressure'}, ${e.data.minutes ?? '…'} min`
  if (e.kind === 'covered') return `Left covered, ${e.data.minutes ?? '…'} min`
  return e.data.text ? `${didIt[e.kind]}: ${e.data.text}` : didIt[e.kind]
}
