<script setup lang="ts">
import { useHeld } from './useHeld'

/** Yes or no. */
defineProps<{ label: string }>()
const model = defineModel<boolean>({ required: true })
const { text, type, enter, leave } = useHeld<boolean>({
  given: () => model.value,
  show: String,
  read: (said) => ({ value: said === 'true' }),
  keep: (value) => (model.value = value),
})
</script>

<template>
  <label class="tick">
    <input
      type="checkbox"
      :checked="text === 'true'"
      @change="type(String(($event.target as HTMLInputElement).checked))"
      @focus="enter"
      @blur="leave"
    />
    <span>{{ label }}</span>
  </label>
</template>
