<script setup lang="ts">
import { mdiMinus, mdiPlus } from '@mdi/js'

const props = defineProps<{ count: number; most: number; label: string }>()
const emit = defineEmits<{ change: [number] }>()
const set = (value: number) => emit('change', Math.min(props.most, Math.max(1, Math.round(value) || 1)))
</script>

<template>
  <div class="stepper">
    <v-btn :icon="mdiMinus" :aria-label="`One ${label} less`" :disabled="count <= 1" @click="set(count - 1)" />
    <input
      class="stepper-value"
      type="number"
      min="1"
      :max="most"
      :value="count"
      :aria-label="`Number of ${label}s`"
      @change="set(Number(($event.target as HTMLInputElement).value))"
    />
    <v-btn :icon="mdiPlus" :aria-label="`One ${label} more`" :disabled="count >= most" @click="set(count + 1)" />
  </div>
</template>

<style scoped>
.stepper {
  display: flex;
  align-items: center;
  justify-content: center;
  gap: 8px;
}
.stepper-value {
  width: 4ch;
  height: 48px;
  text-align: center;
  font-size: 1.6rem;
  border-bottom: 2px solid currentColor;
}
</style>
