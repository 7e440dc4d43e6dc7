<script setup lang="ts">
import type { Limit } from '@/api/limits'
import FieldFrame from './FieldFrame.vue'
import { outside, readNumber } from './limits'
import { useHeld } from './useHeld'

/** A number to type in; the arrows take it up and down. */
const props = defineProps<{
  label: string
  limit?: Limit
  needed?: boolean
  whole?: boolean
  step?: number
  placeholder?: string
  hideLabel?: boolean
}>()
const model = defineModel<number | null>({ required: true })
const { text, error, type, enter, leave } = useHeld<number | null>({
  given: () => model.value,
  show: (value) => (value === null ? '' : String(value)),
  read: (typed) => {
    const said = readNumber(typed, props.limit, props.needed ?? false)
    return props.whole && 'value' in said && said.value !== null && !Number.isInteger(said.value)
      ? { error: 'A whole number.' }
      : said
  },
  keep: (value) => (model.value = value),
})
function nudge(by: number) {
  const said = readNumber(text.value, undefined, true)
  const next = Number((('value' in said ? (said.value ?? 0) : 0) + by * (props.step ?? 1)).toFixed(3))
  if (!outside(next, props.limit)) type(String(next))
}
</script>

<template>
  <FieldFrame v-slot="{ aria }" :label="label" :error="error" :hide-label="hideLabel">
    <input
      type="text"
      inputmode="decimal"
      role="spinbutton"
      :aria-valuenow="model ?? undefined"
      :aria-valuemin="limit?.least"
      :aria-valuemax="limit?.most"
      :value="text"
      :placeholder="placeholder"
      autocomplete="off"
      v-bind="aria"
      @input="type(($event.target as HTMLInputElement).value)"
      @keydown.up.prevent="nudge(1)"
      @keydown.down.prevent="nudge(-1)"
      @focus="enter"
      @blur="leave"
    />
  </FieldFrame>
</template>
