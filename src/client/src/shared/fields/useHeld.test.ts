import { describe, expect, it } from 'vitest'
import { nextTick, ref } from 'vue'
import { useHeld } from './useHeld'

const number = () => {
  const outside = ref<number | null>(5)
  const kept: (number | null)[] = []
  const held = useHeld<number | null>({
    given: () => outside.value,
    show: (value) => (value === null ? '' : String(value)),
    read: (text) =>
      text === '' ? { value: null } : Number.isNaN(Number(text)) ? { error: 'no number' } : { value: Number(text) },
    keep: (value) => kept.push(value),
  })
  return { outside, kept, ...held }
}

describe('useHeld', () => {
  it('keeps what the hand typed while answers to earlier strokes arrive', async () => {
    const { outside, kept, text, type, enter } = number()
    enter()
    type('1')
    type('15')
    outside.value = 1
    await nextTick()
    expect(text.value).toBe('15')
    expect(kept).toEqual([1, 15])
  })

  it('keeps it after the hand has left, until it has come back', async () => {
    const { outside, text, type, enter, leave } = number()
    enter()
    type('15')
    leave()
    outside.value = 1
    await nextTick()
    expect(text.value).toBe('15')
    outside.value = 15
    await nextTick()
    outside.value = 7 // another window
    await nextTick()
    expect(text.value).toBe('7')
  })

  it('says what is wrong in place and hands nothing on', () => {
    const { kept, error, type } = number()
    type('x')
    expect(error.value).toBe('no number')
    expect(kept).toEqual([])
  })

  it('never takes an empty field for zero', () => {
    const { kept, type } = number()
    type('')
    expect(kept).toEqual([null])
  })
})
