<script setup lang="ts">
import { nextTick, onMounted, useId, useTemplateRef } from 'vue'

/** A line to type in: its name above it, and under it what is wrong with what was typed. */
const props = defineProps<{
  label: string
  type?: 'text' | 'number'
  step?: number
  maxlength?: number
  placeholder?: string
  error?: string | null | undefined
  autofocus?: boolean
}>()
const value = defineModel<string | number | null>({ required: true })
const line = useTemplateRef('line')
const why = useId()
onMounted(() => props.autofocus && void nextTick(() => line.value?.focus()))
</script>

<template>
  <div>
    <label class="field">
      <span>{{ label }}</span>
      <input
        ref="line"
        v-model="value"
        :type="type ?? 'text'"
        :step="step"
        :maxlength="maxlength"
        :placeholder="placeholder"
        :aria-invalid="error ? true : undefined"
        :aria-describedby="error ? why : undefined"
      />
    </label>
    <p v-if="error" :id="why" role="alert" class="why">{{ error }}</p>
  </div>
</template>

<style scoped>
.why {
  margin: 2px 0 0;
  font-size: 0.95rem;
  font-weight: 700;
  color: rgb(var(--v-theme-error));
}
</style>
