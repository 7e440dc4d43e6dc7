import { scaleLinear } from 'd3-scale'
import { area, line } from 'd3-shape'
import type { Plan, Release } from '@/api/types'

/** Room around the picture, px. */
export const margin = { top: 30, right: 14, bottom: 26, left: 44 }

export interface Stage {
  id: 'come-up' | 'hold' | 'release' | 'open'
  title: string
  from: number
  to: number
}

/** The stages of the likely cook, in minutes since lid-on. */
export function stagesOf(plan: Plan, minutesHeld: number, end: number): Stage[] {
  const pressure = plan.toPressureMinutes?.p50 ?? 0
  const over = pressure + minutesHeld
  const opened = over + (plan.releaseMinutes?.p50 ?? 0)
  return [
    { id: 'come-up', title: 'coming up', from: 0, to: pressure },
    { id: 'hold', title: 'under pressure', from: pressure, to: over },
    { id: 'release', title: 'letting go', from: over, to: opened },
    { id: 'open', title: 'open', from: opened, to: end },
  ]
}

/** Where the handle of the release stands, in minutes after the hold; null for a load that cannot be rested and vented. */
export function restOf(plan: Plan, release: Release) {
  const most = plan.releases.find((r) => r.release.kind === 'natural')?.releaseMinutes
  if (most === undefined || !plan.releases.some((r) => r.release.kind === 'vent')) return null
  const whole = Math.round(most)
  switch (release.kind) {
    case 'natural':
      return { now: whole, most: whole, text: 'pin', words: 'until the pin drops' }
    case 'rest-then-vent': {
      const now = Math.min(whole, release.restMinutes)
      return { now, most: whole, text: String(now), words: `${now} minutes, then vent` }
    }
    default:
      return { now: 0, most: whole, text: 'vent', words: 'vent at once' }
  }
}

/** The release of a handle left at some minutes after the hold. */
export function releaseAt(plan: Plan, minutes: number): Release {
  const most = restOf(plan, { kind: 'natural', restMinutes: 0 })?.most ?? 0
  const rest = Math.round(minutes)
  if (rest <= 0) return { kind: 'vent', restMinutes: 0 }
  return rest >= most ? { kind: 'natural', restMinutes: 0 } : { kind: 'rest-then-vent', restMinutes: rest }
}

/** Everything that the heat picture draws, as numbers and paths: no component, no page. */
export function drawHeat(plan: Plan, width: number, height: number) {
  const curve = plan.curve!
  const pressure = plan.toPressureMinutes?.p50 ?? 0
  const lastMinute = plan.band[plan.band.length - 1]?.minutes ?? 0
  const end = Math.max(
    curve.minutes[curve.minutes.length - 1] ?? 1,
    pressure + Math.min(lastMinute, (plan.minutes ?? 0) * 1.6 + 4),
  )
  const lowest = Math.min(0, ...curve.coldest.p01)
  const x = scaleLinear([0, end], [margin.left, width - margin.right])
  const y = scaleLinear([Math.floor(lowest / 20) * 20, 125], [height - margin.bottom, margin.top])
  const opened = plan.totalMinutes?.p50 ?? end
  const lineOf = (values: number[]) =>
    line<number>()
      .x((_, i) => x(curve.minutes[i] ?? 0))
      .y((v) => y(v))(values) ?? ''
  const untilOpened = (values: number[]) => values.filter((_, i) => (curve.minutes[i] ?? 0) <= opened)
  const band =
    area<number>()
      .x((_, i) => x(curve.minutes[i] ?? 0))
      .y0((_, i) => y(curve.coldest.p01[i] ?? 0))
      .y1((_, i) => y(curve.coldest.p99[i] ?? 0))(curve.coldest.p50) ?? ''
  return {
    x,
    y,
    end,
    pressure,
    band,
    pot: lineOf(untilOpened(curve.pot)),
    coldest: lineOf(curve.coldest.p50),
    surface: lineOf(untilOpened(curve.surface)),
  }
}

export type HeatDrawing = ReturnType<typeof drawHeat>

/** Rows of the table that says the same as the picture, every few minutes. */
export function heatRows(plan: Plan, everyMinutes = 5) {
  const curve = plan.curve!
  return curve.minutes.flatMap((minute, i) =>
    minute % everyMinutes === 0
      ? [
          {
            minute,
            pot: curve.pot[i]!,
            low: curve.coldest.p01[i]!,
            likely: curve.coldest.p50[i]!,
            high: curve.coldest.p99[i]!,
          },
        ]
      : [],
  )
}
