import type { CookView } from '@/api/types'

/** The coldest that was read at a spot since the lid was last open, °C; null for a spot that was not read. */
export function lowestReading(cook: CookView, spot: string): number | null {
  const read = cook.state.readings.filter((r) => r.spot === spot)
  return read.length > 0 ? Math.min(...read.map((r) => r.celsius)) : null
}
