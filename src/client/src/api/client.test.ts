import { expect, test } from 'vitest'
import { unwrap } from './client'

test.each([
  ['altitudeMetres', 'must lie between -100 and 4500 m.', 'Altitude must lie between -100 and 4500 m.'],
  ['pot.highGaugeKpa', 'is missing.', 'High gauge is missing.'],
  ['load.totalKg', 'must lie between 0.02 and 12 kg.', 'Weight must lie between 0.02 and 12 kg.'],
  ['text', 'is not understood.', 'This is not understood.'],
  ['minutes', 'is missing.', 'Minutes is missing.'],
  ['items', 'The bird is in there twice.', 'The bird is in there twice.'],
])('what the server says of %s is a sentence', (field, said, sentence) => {
  expect(() => unwrap({ error: { title: 'Wrong', errors: { [field]: [said] } } })).toThrow(sentence)
})
