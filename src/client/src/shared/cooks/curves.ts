import { scaleLinear } from 'd3-scale'
import { area, line } from 'd3-shape'
import type { CookCurves } from '@/api/types'

export const margin = { left: 52, right: 16, top: 14, bottom: 34 }

/** Stroke patterns of measured channels, so that they are told apart without colour. */
const dashes = ['none', '10 4', '3 4', '12 4 3 4', '1 6', '6 6']

/** What was expected and what was measured, over minutes since lid-on. */
export function drawCurves(curves: CookCurves, width: number, height: number, degrees: (celsius: number) => number) {
  const { predicted, measured } = curves
  const last = Math.max(10, predicted?.minutes.at(-1) ?? 0, ...measured.map((m) => m.minutes.at(-1) ?? 0))
  const top = Math.max(125, ...measured.flatMap((m) => m.celsius))
  const x = scaleLinear([0, last], [margin.left, width - margin.right])
  const y = scaleLinear([degrees(0), degrees(top)], [height - margin.bottom, margin.top])
  const at = (minutes: readonly number[], celsius: readonly number[]) =>
    line<number>(
      (_, i) => x(minutes[i]!),
      (c) => y(degrees(c)),
    )([...celsius]) ?? ''
  return {
    x,
    y,
    band: predicted
      ? (area<number>(
          (_, i) => x(predicted.minutes[i]!),
          (_, i) => y(degrees(predicted.coldest.p01[i]!)),
          (_, i) => y(degrees(predicted.coldest.p99[i]!)),
        )(predicted.minutes) ?? '')
      : '',
    pot: predicted ? at(predicted.minutes, predicted.pot) : '',
    coldest: predicted ? at(predicted.minutes, predicted.coldest.p50) : '',
    channels: measured.map((m, i) => ({
      name: m.name,
      path: at(m.minutes, m.celsius),
      dash: dashes[i % dashes.length]!,
    })),
  }
}
