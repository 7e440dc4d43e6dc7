<script setup lang="ts">
import { nextTick, onMounted, useTemplateRef } from 'vue'
import type { Limit } from '@/api/limits'
import FieldFrame from './FieldFrame.vue'
import { readText } from './limits'
import { useHeld } from './useHeld'

/** A line to type in. */
const props = defineProps<{
  label: string
  limit?: Limit
  needed?: boolean
  placeholder?: string
  error?: string | null | undefined
  autofocus?: boolean
  hideLabel?: boolean
}>()
const model = defineModel<string | null>({ required: true })
const line = useTemplateRef('line')
onMounted(() => props.autofocus && void nextTick(() => line.value?.focus()))
const {
  text,
  error: own,
  type,
  enter,
  leave,
} = useHeld<string | null>({
  given: () => model.value,
  show: (value) => value ?? '',
  read: (typed) => readText(typed, props.limit, props.needed ?? false),
  keep: (value) => (model.value = value),
})
</script>

<template>
  <FieldFrame v-slot="{ aria }" :label="label" :error="own ?? error" :hide-label="hideLabel">
    <input
      ref="line"
      type="text"
      :value="text"
      :placeholder="placeholder"
      autocomplete="off"
      v-bind="aria"
      @input="type(($event.target as HTMLInputElement).value)"
      @focus="enter"
      @blur="leave"
    />
  </FieldFrame>
</template>
