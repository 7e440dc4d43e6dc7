<script setup lang="ts">
import { mdiMinus, mdiPlus } from '@mdi/js'
import { computed } from 'vue'
import type { Limit } from '@/api/limits'
import { readNumber } from '@/shared/fields/limits'
import { useHeld } from '@/shared/fields/useHeld'

const props = defineProps<{ count: number; limit: Limit; label: string }>()
const emit = defineEmits<{ change: [number] }>()
const { text, error, type, enter, leave } = useHeld<number | null>({
  given: () => props.count,
  show: (value) => String(value ?? ''),
  read: (typed) => {
    const said = readNumber(typed, props.limit, true)
    return 'value' in said && !Number.isInteger(said.value) ? { error: 'A whole number.' } : said
  },
  keep: (value) => emit('change', value!),
})
const now = computed(() => (error.value ? props.count : Number(text.value)))
const step = (by: number) => type(String(now.value + by))
</script>

<template>
  <div class="stepper">
    <v-btn :icon="mdiMinus" :aria-label="`One ${label} less`" :disabled="now <= limit.least!" @click="step(-1)" />
    <input
      class="stepper-value"
      type="text"
      inputmode="numeric"
      role="spinbutton"
      :value="text"
      :aria-label="`Number of ${label}s`"
      :aria-valuenow="now"
      :aria-valuemin="limit.least"
      :aria-valuemax="limit.most"
      :aria-invalid="error ? true : undefined"
      @input="type(($event.target as HTMLInputElement).value)"
      @focus="enter"
      @blur="leave"
    />
    <v-btn :icon="mdiPlus" :aria-label="`One ${label} more`" :disabled="now >= limit.most!" @click="step(1)" />
  </div>
  <p v-if="error" role="alert" class="why">{{ error }}</p>
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
.why {
  margin: 4px 0 0;
  text-align: center;
  font-weight: 700;
  color: rgb(var(--v-theme-error));
}
</style>
