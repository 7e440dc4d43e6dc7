import { expect, it } from 'vitest'
import { places } from './places'
import { router } from './router'

it('leads to the same place by its name and, before the code is there, by its address', () => {
  expect(places.map((place) => router.resolve({ name: place.name }).path)).toEqual(places.map((place) => place.path))
})
