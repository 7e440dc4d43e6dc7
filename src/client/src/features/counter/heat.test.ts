import { describe, expect, test } from 'vitest'
import { drawHeat, heatRows, stagesOf } from './heat'
import { testPlan } from '@/shared/words/plan.test.data'

describe('the stages of a cook', () => {
  test('follow each other without a gap, from lid-on to the end', () => {
    const stages = stagesOf(testPlan, 14, 60)
    expect(stages.map((s) => s.id)).toEqual(['come-up', 'hold', 'release', 'open'])
    stages.slice(1).forEach((stage, i) => expect(stage.from).toBe(stages[i]!.to))
    expect(stages[0]!.from).toBe(0)
    expect(stages[3]!.to).toBe(60)
  })

  test('move with the minutes that are tried', () => {
    expect(stagesOf(testPlan, 20, 60)[1]).toMatchObject({ from: 12, to: 32 })
  })
})

describe('the drawing', () => {
  const drawing = drawHeat(testPlan, 640, 330)

  test('has time from left to right and heat from bottom to top', () => {
    expect(drawing.x(0)).toBeLessThan(drawing.x(30))
    expect(drawing.y(74)).toBeLessThan(drawing.y(20))
  })

  test('stays inside its frame', () => {
    expect(drawing.x(drawing.end)).toBeLessThanOrEqual(640)
    expect(drawing.y(110)).toBeGreaterThanOrEqual(0)
    expect(drawing.y(0)).toBeLessThanOrEqual(330)
  })

  test('puts the handle back where it was dragged to', () => {
    const at = drawing.x(drawing.pressure + 17)
    expect(drawing.x.invert(at) - drawing.pressure).toBeCloseTo(17)
  })

  test('ends the pot when the lid comes off, but not the meat', () => {
    const lastX = (path: string) => Number(/.*[ML](-?[\d.]+),/.exec(path)?.[1])
    expect(lastX(drawing.pot)).toBeLessThan(lastX(drawing.coldest))
  })

  test('reaches down to the freezer when the meat comes from there', () => {
    const frozen = structuredClone(testPlan)
    frozen.curve!.coldest.p01[0] = -24
    expect(drawHeat(frozen, 640, 330).y.domain()[0]).toBe(-40)
    expect(drawing.y.domain()[0]).toBe(0)
  })
})

test('the table says the same as the picture, every five minutes', () => {
  const rows = heatRows(testPlan)
  expect(rows.map((r) => r.minute)).toEqual([0, 5, 10, 15, 20, 25, 30, 35, 40])
  expect(rows[1]).toEqual({ minute: 5, pot: 61, low: 14, likely: 19, high: 24 })
})
