<script setup lang="ts">
/** Lines of text, one thing each. */
const props = defineProps<{ label: string; hint: string; lines: readonly string[] | null }>()
const emit = defineEmits<{ change: [string[]] }>()
const read = (event: Event) =>
  emit(
    'change',
    (event.target as HTMLTextAreaElement).value
      .split('\n')
      .map((line) => line.trim())
      .filter((line) => line !== ''),
  )
</script>

<template>
  <label class="field">
    <span>{{ label }}</span>
    <textarea
      :value="(props.lines ?? []).join('\n')"
      :placeholder="hint"
      rows="2"
      maxlength="4000"
      @change="read"
    ></textarea>
  </label>
</template>

<style scoped>
textarea {
  field-sizing: content;
  padding: 8px 12px;
}
</style>
