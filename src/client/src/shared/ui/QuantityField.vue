<script setup lang="ts">
import { ref, watch } from 'vue'
import { api, unwrap } from '@/api/client'
import type { Dimension, UnitSystem } from '@/api/types'
import TextField from './TextField.vue'

/** A quantity as the cook likes to write it: "3 lb 4 oz", "1,5 kg", "74C". The server reads it. */
const props = defineProps<{
  label: string
  dimension: Dimension
  units: UnitSystem
  shown: string
  placeholder?: string
  autofocus?: boolean
}>()
const emit = defineEmits<{ read: [number] }>()
const typed = ref(props.shown)
const refusal = ref<string | null>(null)
watch(
  () => props.shown,
  (shown) => (typed.value = shown),
)

async function read() {
  if (typed.value === props.shown) return
  try {
    const body = { text: typed.value, dimension: props.dimension, units: props.units }
    emit('read', unwrap(await api.POST('/api/quantities', { body })).value)
    refusal.value = null
  } catch (error) {
    refusal.value = (error as Error).message
  }
}
</script>

<template>
  <TextField
    v-model="typed"
    :label="label"
    :placeholder="placeholder"
    :error="refusal"
    :autofocus="autofocus"
    :maxlength="40"
    @keydown.enter.prevent="read"
    @focusout="read"
  />
</template>
