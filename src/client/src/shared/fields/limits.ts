import type { Limit } from '@/api/limits'
import type { Said } from './useHeld'

/** The refusal of a number outside its limits, in the words of whoever shows it; null inside. */
export const outside = (value: number, limit: Limit | undefined, show: (value: number) => string = String) =>
  limit?.least !== undefined && limit.most !== undefined && (value < limit.least || value > limit.most)
    ? `Must lie between ${show(limit.least)} and ${show(limit.most)}.`
    : null

/** Reads a number that may be missing: "1,5" and "1.5" alike. Empty is never zero. */
export function readNumber(text: string, limit: Limit | undefined, needed: boolean): Said<number | null> {
  const plain = text.trim().replace(',', '.')
  if (plain === '') return needed ? { error: 'A number is missing.' } : { value: null }
  const value = Number(plain)
  if (!Number.isFinite(value)) return { error: 'This is not a number.' }
  const why = outside(value, limit)
  return why ? { error: why } : { value }
}

/** Reads a text: not longer than its limit, and there when it must be. */
export function readText(text: string, limit: Limit | undefined, needed: boolean): Said<string | null> {
  if (limit?.longest !== undefined && text.length > limit.longest)
    return { error: `At most ${limit.longest} characters.` }
  if (text.trim() === '') return needed ? { error: 'Something is missing here.' } : { value: null }
  return { value: text }
}

/** Goes to the first field of a form that says what is wrong with it; false when there is none. */
export function showWrong(form: EventTarget | null) {
  const wrong = (form as HTMLElement).querySelector<HTMLElement>('[aria-invalid=true]')
  wrong?.focus()
  return wrong !== null
}
