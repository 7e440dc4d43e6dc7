<script setup lang="ts" generic="T extends string | number | null">
import FieldFrame from './FieldFrame.vue'
import { useHeld } from './useHeld'

/** One of a few; what the hand chose stays chosen while the server is slow. */
const props = defineProps<{ label: string; options: readonly { value: T; title: string }[] }>()
const model = defineModel<T>({ required: true })
const { text, type, enter, leave } = useHeld<T>({
  given: () => model.value,
  show: String,
  read: (chosen) => ({ value: props.options.find((o) => String(o.value) === chosen)!.value }),
  keep: (value) => (model.value = value),
})
</script>

<template>
  <FieldFrame v-slot="{ aria }" :label="label">
    <select
      :value="text"
      v-bind="aria"
      @change="type(($event.target as HTMLSelectElement).value)"
      @focus="enter"
      @blur="leave"
    >
      <option v-for="option in options" :key="String(option.value)" :value="String(option.value)">
        {{ option.title }}
      </option>
    </select>
  </FieldFrame>
</template>
