import type { UnitSystem } from '@/api/types'

/** A sheet of labels, by its size alone. */
export interface Sheet {
  paper: 'A4' | 'Letter'
  value: string
  title: string
  widthMm: number
  heightMm: number
  labelWidthMm: number
  labelHeightMm: number
  columns: number
  rows: number
}

const sheet = (
  paper: Sheet['paper'],
  labelWidthMm: number,
  labelHeightMm: number,
  columns: number,
  rows: number,
  size: string,
): Sheet => ({
  paper,
  value: `${paper}-${columns}x${rows}`,
  title: `${paper}, ${columns} × ${rows} of ${size}`,
  widthMm: paper === 'A4' ? 210 : 215.9,
  heightMm: paper === 'A4' ? 297 : 279.4,
  labelWidthMm,
  labelHeightMm,
  columns,
  rows,
})

const sheets: readonly Sheet[] = [
  sheet('A4', 70, 37, 3, 8, '70 × 37 mm'),
  sheet('A4', 105, 57, 2, 5, '105 × 57 mm'),
  sheet('A4', 63.5, 38.1, 3, 7, '63.5 × 38.1 mm'),
  sheet('Letter', 66.7, 25.4, 3, 10, '2⅝ × 1 in'),
  sheet('Letter', 101.6, 50.8, 2, 5, '4 × 2 in'),
]

/** Common sizes on the paper of the household, the one for plain paper first. */
export const sheetsOf = (units: UnitSystem) => sheets.filter((s) => (s.paper === 'Letter') === (units === 'us'))
