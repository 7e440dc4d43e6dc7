<script setup lang="ts" generic="T extends string | number | null">
import FieldFrame from './FieldFrame.vue'
import { useHeld } from './useHeld'

/** One of a few; what the hand chose stays chosen while the server is slow. */
const props = defineProps<{ label: string; options: readonly { value: T; title: string }[] }>()
const model = defineModel<T>({ required: true })
const index = (value: T) => String(props.options.findIndex((o) => o.value === value))
const { text, type, enter, leave } = useHeld<T>({
  given: () => model.value,
  show: index,
  read: (chosen) => ({ value: props.options[Number(chosen)]!.value }),
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
      <option v-for="(option, i) in options" :key="i" :value="String(i)">{{ option.title }}</option>
    </select>
  </FieldFrame>
</template>
