import { expect, test } from 'vitest'
import { inUnits, text } from './format'

test('shows grams below a kilogram and kilograms above', () => {
  const units = inUnits('metric')
  expect(text(units.mass(0.9))).toBe('900 g')
  expect(text(units.mass(1.3))).toBe('1.30 kg')
})

test('shows pounds, inches, cups and Fahrenheit to a household that uses them', () => {
  const units = inUnits('us')
  expect(text(units.mass(1.36077711))).toBe('3 lb')
  expect(text(units.length(31.75))).toBe('1.25 in')
  expect(text(units.volume(236.588))).toBe('1 cup')
  expect(text(units.temperature(74))).toBe('165 °F')
})

test('never rounds up what is said about safety', () => {
  expect(text(inUnits('metric').atLeast(73.99))).toBe('73 °C')
  expect(text(inUnits('us').atLeast(73.8))).toBe('164 °F')
})

test('measures in the sizes of a kitchen', () => {
  const said = [5, 15, 30, 60, 118, 236.588, 355, 700, 5060].map((ml) => text(inUnits('us').volume(ml)))
  expect(said).toEqual(['1 tsp', '1 tbsp', '2 tbsp', '¼ cup', '½ cup', '1 cup', '1½ cups', '3 cups', '5¼ quarts'])
  expect(text(inUnits('us').mass(0.012))).toBe('0.4 oz')
  expect(text(inUnits('us').capacity(5.68))).toBe('6 quart')
})

test('a difference of temperatures has no zero of its own', () => {
  expect([inUnits('metric').span(5), inUnits('us').span(5)]).toEqual(['5 °C', '9 °F'])
})
