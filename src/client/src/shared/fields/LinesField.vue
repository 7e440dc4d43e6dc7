<script setup lang="ts">
import FieldFrame from './FieldFrame.vue'
import { useHeld } from './useHeld'

/** Lines of text, one thing each. */
const props = defineProps<{ label: string; hint: string; most: number; longest: number }>()
const model = defineModel<readonly string[]>({ required: true })
const { text, error, type, enter, leave } = useHeld<readonly string[]>({
  given: () => model.value,
  show: (lines) => lines.join('\n'),
  read: (typed) => {
    const lines = typed
      .split('\n')
      .map((line) => line.trim())
      .filter((line) => line !== '')
    if (lines.length > props.most) return { error: `At most ${props.most} lines.` }
    return lines.some((line) => line.length > props.longest)
      ? { error: `At most ${props.longest} characters in a line.` }
      : { value: lines }
  },
  keep: (lines) => (model.value = lines),
})
</script>

<template>
  <FieldFrame v-slot="{ aria }" :label="label" :error="error">
    <textarea
      :value="text"
      :placeholder="hint"
      rows="2"
      v-bind="aria"
      @input="type(($event.target as HTMLTextAreaElement).value)"
      @focus="enter"
      @blur="leave"
    ></textarea>
  </FieldFrame>
</template>

<style scoped>
textarea {
  field-sizing: content;
  padding: 8px 12px;
}
</style>
