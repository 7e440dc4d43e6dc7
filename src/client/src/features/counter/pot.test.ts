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
  clearanceMm: 10,
  pieces: [{ centreMm: 0, bottomMm: 20, widthMm: 200, heightMm: 120 }],
}

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

  test('shows what sticks out as a whole, with the labels beside it', () => {
    const tooLarge = {
      ...picture,
      clearanceMm: -50,
      pieces: [{ centreMm: 0, bottomMm: 20, widthMm: 290, heightMm: 180 }],
    }
    const { pieces, marks, width } = drawPot(tooLarge)
    const bird = pieces[0]!
    expect(bird.cx - bird.rx).toBeGreaterThanOrEqual(0)
    expect(bird.cy - bird.ry).toBeGreaterThanOrEqual(0)
    expect(bird.cx + bird.rx).toBeLessThan(marks[0]!.x2)
    expect(marks[0]!.x2).toBeLessThan(width)
  })

  test('draws no rack where there is none', () => {
    expect(drawPot({ ...picture, rackMm: 0 }).rack).toBeNull()
  })
})
