import type { BookItem } from '@/api/types'
import { releaseWords } from '@/shared/words/words'
import { text, type Units } from '@/shared/units/format'

const juiciness = ['dry', 'a little dry', 'right', 'juicy', 'very juicy']
const tenderness = ['tough', 'a little tough', 'right', 'soft', 'too soft']

/** How it ate, in words; null where nobody said. */
export function eaten(item: Pick<BookItem, 'juicy' | 'tender'>): string | null {
  const said = [
    item.juicy === null ? null : `juice: ${juiciness[item.juicy + 2]}`,
    item.tender === null ? null : `bite: ${tenderness[item.tender + 2]}`,
  ].filter((s) => s !== null)
  return said.length === 0 ? null : said.join(', ')
}

export const juicyWords = juiciness
export const tenderWords = tenderness

/** What the thermometer said, or that nobody asked it. */
export const measured = (item: BookItem, units: Units) =>
  item.lowestCelsius === null ? 'never measured' : text(units.precise(item.lowestCelsius))

/** Minutes and release, as they were. */
export const left = (item: BookItem) =>
  item.release === null
    ? 'never under pressure'
    : `${Math.round(item.minutes)} min · ${releaseWords(item.release).toLowerCase()}`

/** "14 March 2026", "yesterday". */
export function cookedOn(instant: string, now = new Date()): string {
  const at = new Date(instant)
  const days = Math.round((new Date(now.toDateString()).getTime() - new Date(at.toDateString()).getTime()) / 86_400_000)
  return days === 0
    ? 'today'
    : days === 1
      ? 'yesterday'
      : at.toLocaleDateString('en-GB', { day: 'numeric', month: 'long', year: 'numeric' })
}

const whats: Record<string, string> = {
  'come-up': 'To pressure',
  hold: 'Under pressure',
  release: 'Letting go',
  'to the table': 'Lid-on to the table',
  'lowest core': 'Lowest reading',
}

export const whatWords = (what: string) => whats[what] ?? what
