import type { AskView, DishDocument, Promise as Promised } from '@/api/types'
import { newDish } from './useDishes'

/** A dish of everything that was asked about, with what its minutes promise; null for the usual of the household. */
export function dishOf(heard: AskView, promise: Promised | null): DishDocument {
  const shared = {
    state: heard.state,
    startCelsius: heard.startCelsius,
    arrangement: heard.arrangement,
    placement: heard.placement,
    daysInFridge: heard.daysInFridge,
  }
  const first = {
    cut: heard.cut,
    pieces: heard.pieces,
    totalKg: heard.totalKg,
    thicknessMm: heard.thicknessMm,
    heaviestKg: heard.heaviestKg,
  }
  const meats = [first, ...heard.also.map((a) => ({ ...a, thicknessMm: null, heaviestKg: null }))].map((load, i) => ({
    key: `meat-${i + 1}`,
    kind: 'meat',
    load: { ...load, ...shared },
    aim: heard.aim,
  }))
  const beside = heard.beside.map((b, i) => ({
    key: `beside-${i + 1}`,
    when: b.when,
    food: b.food,
    ...(b.kind === 'companion' && b.grams !== null
      ? { kind: 'companion', id: b.id, grams: b.grams }
      : b.kind === 'liquid' && b.ml !== null
        ? { kind: 'liquid', id: b.id, ml: b.ml }
        : { kind: 'line', text: `${b.measure} ${b.food}`.trim() }),
  }))
  return {
    ...newDish(),
    name: 'New dish',
    promise,
    brown: heard.brown ?? false,
    marinadeHours: heard.marinadeHours,
    crispMinutes: heard.crispMinutes,
    items: [...meats, ...beside],
  } as unknown as DishDocument
}
