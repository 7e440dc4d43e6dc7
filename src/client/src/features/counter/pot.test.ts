import { describe, expect, test } from 'vitest'
import { drawPot } from './pot'

const picture = {
  diameterMm: 220,
  heightMm: 150,
  rackMm: 20,
  liquidMm: 10,
  liquidAtEndMm: 14,
  bedMm: 0,
  fillMarkMm: 100,
  halfMarkMm: 75,
  pieces: [{ centreMm: 0, bottomMm: 20, widthMm: 200, heightMm: 120 }],
} as unknown as Parameters<typeof drawPot>[0]

describe('the cut-away of the pot', () => {
  const drawing = drawPot(picture)

  test('keeps the proportions of pot and bird', () => {
    const [bird] = drawing.pieces
    expect((2 * bird!.rx) / (2 * bird!.ry)).toBeCloseTo(200 / 120, 6)
    expect(drawing.liquid.width / (2 * bird!.rx)).toBeCloseTo(220 / 200, 6)
  })

  test('keeps its labels apart, however close the marks are', () => {
    const at = drawing.marks.map((m) => m.labelY).sort((a, b) => a - b)
    expect(Math.min(...at.slice(1).map((y, i) => y - at[i]!))).toBeGreaterThanOrEqual(17.9)
  })

  test('draws no rack where there is none', () => {
    expect(drawPot({ ...picture, rackMm: 0 }).rack).toBeNull()
  })
})
