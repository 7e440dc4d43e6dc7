import type { UnitSystem } from '@/api/types'

const POUND_KG = 0.45359237
const INCH_MM = 25.4
const CUP_ML = 236.588
const FOOT_M = 0.3048

const fixed = (value: number, digits: number) => value.toFixed(digits).replace(/\.0+$/, '')

/** A number and its unit, apart so that the number can lead. */
export interface Shown {
  number: string
  unit: string
}

const cups = (number: string): Shown => ({ number, unit: number === '1' ? 'cup' : 'cups' })

/** Numbers in the units of the household. Values are SI, as the server sends them. */
export function inUnits(units: UnitSystem) {
  const us = units === 'us'
  const mass = (kg: number): Shown =>
    us
      ? { number: fixed(kg / POUND_KG, 1), unit: 'lb' }
      : kg < 1
        ? { number: fixed(kg * 1000, 0), unit: 'g' }
        : { number: fixed(kg, 2), unit: 'kg' }
  const length = (mm: number): Shown =>
    us ? { number: fixed(mm / INCH_MM, 2), unit: 'in' } : { number: fixed(mm, 0), unit: 'mm' }
  const volume = (ml: number): Shown =>
    us
      ? cups(fixed(ml / CUP_ML, 1))
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
  const altitudeValue = (metres: number) => (us ? metres / FOOT_M : metres)
  const altitudeMetres = (value: number) => (us ? value * FOOT_M : value)
  const altitude = (metres: number): Shown => ({ number: fixed(altitudeValue(metres), 0), unit: us ? 'ft' : 'm' })
  return { mass, length, volume, temperature, precise, span, degrees, atLeast, altitude, altitudeValue, altitudeMetres }
}

export type Units = ReturnType<typeof inUnits>

/** Number and unit as one text. */
export const text = (shown: Shown) => `${shown.number} ${shown.unit}`

/** Hours and minutes of an instant on the wall clock. */
export const clockTime = (instant: string) =>
  new Date(instant).toLocaleTimeString('en-GB', { hour: '2-digit', minute: '2-digit' })
