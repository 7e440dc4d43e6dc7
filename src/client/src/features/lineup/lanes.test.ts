import { describe, expect, test } from 'vitest'
import type { LineUpTask } from '@/api/types'
import { drawLanes } from './lanes'
import { mealTime, servingMoment, usualMeal } from '@/shared/meal/useMeal'
import { asItems } from './useLineUp'

const task = (id: string, lane: LineUpTask['lane'], start: string, end: string): LineUpTask => ({
  id,
  lane,
  start: `2026-12-06T${start}:00Z`,
  end: `2026-12-06T${end}:00Z`,
  text: id,
  handsOn: lane === 'hands',
})
const tasks = [
  task('marinade', 'fridge', '08:00', '17:00'),
  task('lid-1', 'hands', '17:20', '17:30'),
  task('come-up-1', 'pot', '17:30', '17:45'),
  task('hold-1', 'pot', '17:45', '18:05'),
]

describe('the lanes', () => {
  const drawing = drawLanes(tasks, 800)

  test('stand under each other, those that are used', () => {
    expect(drawing.lanes.map((l) => l.lane)).toEqual(['hands', 'pot', 'fridge'])
  })

  test('cut off what began long before', () => {
    const marinade = drawing.bars.find((b) => b.task.id === 'marinade')!
    expect(marinade.x).toBeGreaterThanOrEqual(64)
    expect(marinade.width).toBeLessThan(200)
  })

  test('are as long as their tasks', () => {
    const [comeUp, hold] = ['come-up', 'hold'].map((kind) => drawing.bars.find((b) => b.kind === kind)!)
    expect((hold!.width + 2) / (comeUp!.width + 2)).toBeCloseTo(20 / 15, 5)
  })
})

test('eating time is on the wall clock of the day that is meant', () => {
  const meal = { ...usualMeal, eatAt: '19:30', inDays: 2 }
  expect(servingMoment(meal, new Date(2026, 10, 29, 8))).toEqual(new Date(2026, 11, 1, 19, 30))
  expect(mealTime(new Date(2026, 11, 1, 19, 30), new Date(2026, 10, 29, 8))).toEqual({ eatAt: '19:30', inDays: 2 })
})

test('the cook on the Counter is a dish with the bird and what is beside it', () => {
  const items = asItems({
    load: { cut: 'duck-leg', pieces: 4, totalKg: 1 },
    companions: [{ id: 'prunes', grams: 100 }],
  })
  expect(items.map((i) => [i.key, i.kind])).toEqual([
    ['bird', 'meat'],
    ['prunes', 'companion'],
  ])
})
