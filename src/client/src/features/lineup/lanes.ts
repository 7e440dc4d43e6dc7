import { scaleTime } from 'd3-scale'
import type { LineUpTask } from '@/api/types'

export const laneNames = { hands: 'hands', pot: 'pot', oven: 'oven', fridge: 'fridge' } as const
export type LaneName = keyof typeof laneNames

const laneHeight = 54
const left = 64
const top = 26
const hour = 3_600_000

/** What stands in the list: what somebody does or waits for. */
export const listed = (tasks: readonly LineUpTask[]) => tasks.filter((t) => t.lane !== 'pot' || t.id.startsWith('hold'))

/** The number of each task in the list, by its id. */
export const numbersOf = (tasks: readonly LineUpTask[]) =>
  new Map(listed(tasks).map((task, i) => [task.id, i + 1] as const))

/** First and last moment of the picture: the hours in which something is done, and as much before them as is asked for. */
export function hoursOf(tasks: readonly LineUpTask[], before = hour * 0.75): readonly [number, number] {
  const active = tasks.filter((t) => t.lane === 'pot' || t.lane === 'oven')
  return [
    Math.min(...(active.length > 0 ? active : tasks).map((t) => Date.parse(t.start))) - before,
    Math.max(...tasks.filter((t) => t.id !== 'store' && !t.id.startsWith('later')).map((t) => Date.parse(t.end))) +
      hour / 4,
  ]
}

/** The tasks as bars in lanes between two moments; what began long before is cut off at the left. */
export function drawLanes(tasks: readonly LineUpTask[], width: number, [first, last] = hoursOf(tasks)) {
  const x = scaleTime([new Date(first), new Date(last)], [left, width - 30])
  const used = (Object.keys(laneNames) as LaneName[]).filter((lane) => tasks.some((t) => t.lane === lane))
  const bars = tasks
    .filter((t) => Date.parse(t.end) > first && Date.parse(t.start) < last)
    .map((task) => {
      const from = x(Math.max(first, Date.parse(task.start)))
      return {
        task,
        x: from,
        y: top + used.indexOf(task.lane) * laneHeight,
        width: Math.max(4, x(Date.parse(task.end)) - from - 2),
        kind: (task.lane === 'pot' && /^(come-up|hold|release)/.exec(task.id)?.[0]) || '',
      }
    })
  const lanes = used.map((lane, i) => ({ lane, y: top + i * laneHeight }))
  return {
    bars,
    lanes,
    ticks: x.ticks(Math.max(3, Math.round(width / 130))),
    x,
    height: top + used.length * laneHeight,
  }
}
