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
  <label class="lines">
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
.lines {
  display: grid;
  gap: 2px;
  font-size: 0.95rem;
}
textarea {
  font: inherit;
  font-size: 1.05rem;
  field-sizing: content;
  min-height: 56px;
  padding: 8px 12px;
  color: inherit;
  background: rgb(var(--v-theme-surface));
  border: 1px solid rgba(var(--v-theme-on-background), 0.5);
  border-radius: 8px;
}
textarea::placeholder {
  color: currentColor;
  opacity: 0.72;
}
</style>
