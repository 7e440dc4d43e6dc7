import type { Plan } from '@/api/types'

type Picture = NonNullable<Plan['picture']>

const scale = 1.25 // drawing units per mm
const side = 14
const labels = 150
const above = 18
const leastGap = 18

/** The shapes of a pot cut through the middle. The server gives every length; here they only get a place. */
export function drawPot(picture: Picture) {
  const width = picture.diameterMm * scale
  const height = picture.heightMm * scale
  // What sticks out of the pot makes the drawing larger.
  const beside =
    Math.max(0, ...picture.pieces.map((p) => Math.abs(p.centreMm) + p.widthMm / 2 - picture.diameterMm / 2)) * scale
  const top = above + Math.max(0, -picture.clearanceMm) * scale
  const left = side + beside
  const floor = top + height
  const middle = left + width / 2
  const y = (mm: number) => floor - mm * scale
  const layer = (fromMm: number, toMm: number) => ({
    x: left,
    width,
    y: y(Math.min(toMm, picture.heightMm)),
    height: Math.max(0, Math.min(toMm, picture.heightMm) - fromMm) * scale,
  })
  const pieces = picture.pieces.map((p) => ({
    cx: middle + p.centreMm * scale,
    cy: y(p.bottomMm + p.heightMm / 2),
    rx: (p.widthMm / 2) * scale,
    ry: (p.heightMm / 2) * scale,
  }))
  const rackY = y(picture.rackMm)
  const rack =
    picture.rackMm > 0
      ? `M${left + 8} ${rackY} H${left + width - 8} M${left + width * 0.2} ${rackY} V${floor} M${left + width * 0.8} ${rackY} V${floor}`
      : null
  return {
    width: side * 2 + width + beside * 2 + labels,
    height: floor + 8,
    pieces,
    rack,
    liquid: layer(0, picture.liquidMm),
    liquidAtEnd: layer(picture.liquidMm, picture.liquidAtEndMm),
    bed: layer(0, picture.bedMm),
    marks: spread([
      { name: 'most', mm: picture.fillMarkMm },
      { name: 'most, if it foams', mm: picture.halfMarkMm },
      { name: 'liquid', mm: picture.liquidMm },
      ...(picture.liquidAtEndMm === picture.liquidMm ? [] : [{ name: 'liquid at the end', mm: picture.liquidAtEndMm }]),
    ]).map(({ name, mm, labelMm }) => ({
      name,
      y: y(mm),
      labelY: y(labelMm) + 4,
      x1: left + width - 22,
      x2: left + width + beside + 6,
    })),
    walls: `M${left} ${top} V${floor} H${left + width} V${top}`,
    lid: `M${left - 6} ${top - 7} H${left + width + 6}`,
  }
}

/** Labels from top to bottom, moved up or down until they no longer touch. */
function spread(marks: { name: string; mm: number }[]) {
  let last = Infinity
  return [...marks]
    .sort((a, b) => b.mm - a.mm)
    .map((mark) => {
      const labelMm = Math.min(mark.mm, last - leastGap / scale)
      last = labelMm
      return { ...mark, labelMm }
    })
}
