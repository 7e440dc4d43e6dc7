import { scaleLinear, scaleLog } from 'd3-scale'
import { line } from 'd3-shape'
import type { Course } from '@/api/types'

export const margin = { top: 16, right: 16, bottom: 34, left: 40 }

const places = [
  { key: 'surface', title: 'surface' },
  { key: 'mean', title: 'average' },
  { key: 'centre', title: 'middle' },
] as const

/** The textbook case as lines (exact) and dots (our solver): no component, no page. */
export function drawCourse(course: Course, width: number, height: number) {
  const first = course.fourier[0] ?? 0.02
  const last = course.fourier[course.fourier.length - 1] ?? 2
  const x = scaleLog([first, last], [margin.left, width - margin.right])
  const y = scaleLinear([0, 1], [height - margin.bottom, margin.top]) // 0 is as cold as at the start
  const series = places.map(({ key, title }) => ({
    key,
    title,
    path:
      line<number>()
        .x((_, i) => x(course.fourier[i] ?? first))
        .y((v) => y(1 - v))(course.exact.map((t) => t[key])) ?? '',
    dots: course.solver.map((t, i) => ({ x: x(course.fourier[i] ?? first), y: y(1 - t[key]) })),
  }))
  return { x, y, series }
}
