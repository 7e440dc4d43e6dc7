import type { StorePlace, StoreView } from '@/api/types'
import { text, type Units } from '@/shared/units/format'

export const placeNames: Record<StorePlace, string> = {
  fridge: 'Fridge',
  freezer: 'Freezer',
  thawing: 'Thawing',
  'cold-water': 'Cold water',
  out: 'Out',
  gone: 'Gone',
}

export const moveNames: Record<StorePlace, string> = {
  fridge: 'To the fridge',
  freezer: 'Freeze it',
  thawing: 'Thaw in the fridge',
  'cold-water': 'Thaw in cold water',
  out: 'It is out',
  gone: 'Used up',
}

export const urgencyNames = {
  past: 'Past its time',
  today: 'Today',
  soon: 'In the next days',
  later: 'Later',
} as const

/** How much of it there is. */
export function amountWords(item: StoreView, units: Units): string {
  const parts = [
    item.totalKg === null ? null : text(units.mass(item.totalKg)),
    item.ml === null ? null : text(units.volume(item.ml)),
    item.portions === null ? null : `${item.portions} ${item.portions === 1 ? 'box' : 'boxes'}`,
  ]
  return parts.filter((part) => part !== null).join(' · ')
}
