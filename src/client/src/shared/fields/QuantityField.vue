<script setup lang="ts">
import { useDebounceFn } from '@vueuse/core'
import { computed, nextTick, onMounted, ref, useTemplateRef, watch } from 'vue'
import { api, unwrap } from '@/api/client'
import type { Limit } from '@/api/limits'
import type { Dimension, UnitSystem } from '@/api/types'
import { joinReads } from './useReads'
import FieldFrame from './FieldFrame.vue'
import { outside } from './limits'

/**
 * A quantity as the cook likes to write it: "3 lb 4 oz", "1,5 kg", "74C". The server reads it while it is typed; the newest that was typed is
 * handed on, also when its answer comes after the hand has gone elsewhere.
 */
const props = defineProps<{
  label: string
  dimension: Dimension
  units: UnitSystem
  /** The value outside, SI; null for none. */
  value: number | null | undefined
  /** A value as it is shown. */
  show: (value: number) => string
  /** Takes what was read. A function and not an event, so that it is called after the field is gone. */
  keep: (value: number) => void
  /** Takes that the field was emptied, where it may be. */
  clear?: () => void
  limit?: Limit
  placeholder?: string
  autofocus?: boolean
}>()
const emit = defineEmits<{ done: [] }>()
const restMs = 250
const shown = computed(() => (props.value == null ? '' : props.show(props.value)))
const typed = ref(shown.value)
const error = ref<string | null>(null)
const line = useTemplateRef('line')
let focused = false
let newest = 0
let unread = false
let entered = false // Enter was pressed: the hand is done with it, although it is still here
watch(shown, (now) => {
  if ((!focused || entered) && !unread && !error.value) typed.value = now
})
onMounted(() => props.autofocus && void nextTick(() => line.value?.focus()))

async function read() {
  if (!unread) return
  const asked = newest
  const text = typed.value.trim()
  if (text === '') {
    unread = false
    error.value = props.clear ? null : 'Something is missing here.'
    props.clear?.()
    return
  }
  try {
    const body = { text, dimension: props.dimension, units: props.units }
    const { value } = unwrap(await api.POST('/api/quantities', { body }))
    if (asked !== newest) return
    unread = false
    error.value = outside(value, props.limit, props.show)
    if (!error.value) props.keep(value)
  } catch (refused) {
    if (asked === newest) error.value = (refused as Error).message
  }
}
const readSoon = useDebounceFn(read, restMs)
joinReads(read)
function type(text: string) {
  newest++
  unread = true
  entered = false
  error.value = null
  typed.value = text
  void readSoon()
}
function leave() {
  focused = false
  if (unread) void read()
  else if (!error.value) typed.value = shown.value
}
async function finish() {
  entered = true
  await read()
  if (!error.value && !unread) emit('done')
}
</script>

<template>
  <FieldFrame v-slot="{ aria }" :label="label" :error="error">
    <input
      ref="line"
      type="text"
      :value="typed"
      :placeholder="placeholder"
      maxlength="40"
      autocomplete="off"
      v-bind="aria"
      @input="type(($event.target as HTMLInputElement).value)"
      @keydown.enter.prevent="finish"
      @focus="focused = true"
      @blur="leave"
    />
  </FieldFrame>
</template>
