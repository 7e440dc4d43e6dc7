import type { UnitSystem } from '@/api/types'

const POUND_KG = 0.45359237
const INCH_MM = 25.4
const CUP_ML = 236.588
const FOOT_M = 0.3048
const QUART_L = (4 * CUP_ML) / 1000
const PSI_KPA = 6.894757

const fixed = (value: number, digits: number) => value.toFixed(digits).replace(/\.0+$/, '')

/** A number and its unit, apart so that the number can lead. */
export interface Shown {
  number: string
  unit: string
}

const quarters = ['', '¼', '½', '¾']
const most = 8 // cups; more is said in quarts

/** As the measures in a drawer have it: spoons, quarter cups, cups, quarts. The server words its sentences alike. */
function kitchenSize(ml: number): Shown {
  const cups = ml / CUP_ML
  const half = (n: number) => Math.max(0.5, Math.round(n * 2) / 2)
  const quarter = (n: number) => Math.round(n * 4) / 4
  const said = (n: number, one: string, several: string): Shown => {
    const whole = Math.floor(n)
    const part = quarters[Math.round((n - whole) * 4)]!
    return { number: `${whole > 0 || part === '' ? whole : ''}${part}`, unit: n <= 1 ? one : several }
  }
  if (cups < 0.9 / 16) return said(half(cups * 48), 'tsp', 'tsp')
  if (cups < 0.22) return said(half(cups * 16), 'tbsp', 'tbsp')
  return cups < most ? said(quarter(cups), 'cup', 'cups') : said(quarter(cups / 4), 'quart', 'quarts')
}

/** Numbers in the units of the household. Values are SI, as the server sends them. */
export function inUnits(units: UnitSystem) {
  const us = units === 'us'
  const mass = (kg: number): Shown =>
    us
      ? kg < POUND_KG
        ? { number: fixed((kg / POUND_KG) * 16, 1), unit: 'oz' }
        : { number: fixed(kg / POUND_KG, 1), unit: 'lb' }
      : kg < 1
        ? { number: fixed(kg * 1000, 0), unit: 'g' }
        : { number: fixed(kg, 2), unit: 'kg' }
  const length = (mm: number): Shown =>
    us ? { number: fixed(mm / INCH_MM, 2), unit: 'in' } : { number: fixed(mm, 0), unit: 'mm' }
  const volume = (ml: number): Shown =>
    us
      ? kitchenSize(ml)
      : ml < 2000
        ? { number: fixed(Math.round(ml / 10) * 10, 0), unit: 'ml' }
        : { number: fixed(ml / 1000, 1), unit: 'l' }
  const degrees = (celsius: number) => (us ? celsius * 1.8 + 32 : celsius)
  const temperature = (celsius: number): Shown => ({ number: fixed(degrees(celsius), 0), unit: us ? '°F' : '°C' })
  const precise = (celsius: number): Shown => ({ number: fixed(degrees(celsius), 1), unit: us ? '°F' : '°C' })
  /** A difference of temperatures. */
  const span = (kelvin: number) => `${fixed(us ? kelvin * 1.8 : kelvin, 1)} ${us ? '°F' : '°C'}`
  /** Never rounded up: for what is said about safety. */
  const atLeast = (celsius: number): Shown => ({
    number: fixed(Math.floor(us ? Math.round(degrees(celsius) * 10) / 10 : celsius), 0),
    unit: us ? '°F' : '°C',
  })
  const capacityValue = (litres: number) => (us ? litres / QUART_L : litres)
  const capacityLitres = (value: number) => (us ? Math.round(value * QUART_L * 1000) / 1000 : value)
  /** The size of a pot. */
  const capacity = (litres: number): Shown => ({
    number: fixed(capacityValue(litres), 1),
    unit: us ? 'quart' : 'litre',
  })
  const pressure = (kpa: number): Shown =>
    us ? { number: fixed(kpa / PSI_KPA, 1), unit: 'psi' } : { number: fixed(kpa, 0), unit: 'kPa' }
  const altitudeValue = (metres: number) => (us ? metres / FOOT_M : metres)
  const altitudeMetres = (value: number) => (us ? value * FOOT_M : value)
  const altitude = (metres: number): Shown => ({ number: fixed(altitudeValue(metres), 0), unit: us ? 'ft' : 'm' })
  return {
    capacity,
    capacityValue,
    capacityLitres,
    pressure,
    mass,
    length,
    volume,
    temperature,
    precise,
    span,
    degrees,
    atLeast,
    altitude,
    altitudeValue,
    altitudeMetres,
  }
}

export type Units = ReturnType<typeof inUnits>

/** Number and unit as one text. */
export const text = (shown: Shown) => `${shown.number} ${shown.unit}`

/** Hours and minutes of an instant on the wall clock. */
export const clockTime = (instant: string) =>
  new Date(instant).toLocaleTimeString('en-GB', { hour: '2-digit', minute: '2-digit' })
