import { useLocalStorage } from '@vueuse/core'
import type { AskView, ThawWay } from '@/api/types'

/** When it is eaten, of what, and how it is thawed. */
export interface Meal {
  /** Hours and minutes on the wall clock. */
  eatAt: string
  /** Days from today. */
  inDays: number
  thaw: ThawWay
  /** A kept dish; null for the cook on the Counter. */
  dishId: string | null
  /** For how many the kept dish is cooked; null for as many as it says. */
  servings: number | null
}

/** A meal of which nothing has been said. */
export const usualMeal: Meal = {
  eatAt: '19:00',
  inDays: 0,
  thaw: 'none',
  dishId: null,
  servings: null,
}

/** The moment at which the household eats, in its own time zone. */
export function servingMoment(meal: Meal, now: Date): Date {
  const [hours = 19, minutes = 0] = meal.eatAt.split(':').map(Number)
  return new Date(now.getFullYear(), now.getMonth(), now.getDate() + meal.inDays, hours, minutes)
}

/** Hour and day of a moment at which the household eats, the other way round. */
export function mealTime(moment: Date, now: Date): Pick<Meal, 'eatAt' | 'inDays'> {
  const midnight = (d: Date) => new Date(d.getFullYear(), d.getMonth(), d.getDate()).getTime()
  const two = (n: number) => String(n).padStart(2, '0')
  const days = Math.round((midnight(moment) - midnight(now)) / 86_400_000)
  return { eatAt: `${two(moment.getHours())}:${two(moment.getMinutes())}`, inDays: Math.min(3, Math.max(0, days)) }
}

/** The moment that was said to be eaten at: an hour that has passed is tomorrow's. Null where none was said, or on a day that is over. */
export function saidMoment(heard: AskView, now: Date): Date | null {
  if (heard.eatInMinutes !== null) return new Date(now.getTime() + heard.eatInMinutes * 60_000)
  if (heard.eatAt === null) return null
  const [hours = 0, minutes = 0] = heard.eatAt.split(':').map(Number)
  const day = heard.eatDay === null ? now : new Date(`${heard.eatDay}T00:00`)
  const at = new Date(day.getFullYear(), day.getMonth(), day.getDate(), hours, minutes)
  if (at <= now && heard.eatDay === null) at.setDate(at.getDate() + 1)
  return at > now ? at : null
}

/** The meal of the Line-up; it outlives a reload. */
export const useMeal = () => useLocalStorage<Meal>('ikuzo.meal', usualMeal, { mergeDefaults: true })

/** The days on which a meal can be, by how far away they are. */
export const dayNames = ['today', 'tomorrow', 'in two days', 'in three days'] as const

/** The day of a moment, in words. */
export const dayWords = (moment: Date, now: Date) => dayNames[mealTime(moment, now).inDays]
