<script setup lang="ts">
import { ref } from 'vue'

/** One underlined phrase of the sentence; its choices open in place. */
defineProps<{ label: string; name: string }>()
const open = ref(false)
const close = () => (open.value = false)
</script>

<template>
  <v-menu v-model="open" location="bottom start" max-height="70vh">
    <template #activator="{ props }">
      <button v-bind="props" type="button" class="phrase" :aria-label="`${name}: ${label}. Change`">{{ label }}</button>
    </template>
    <div class="phrase-sheet" role="group" :aria-label="name" @keydown.esc="close">
      <slot :close="close" />
    </div>
  </v-menu>
</template>

<style scoped>
.phrase {
  font: inherit;
  color: inherit;
  background: none;
  border: 0;
  border-bottom: 2px dotted rgb(var(--v-theme-secondary));
  min-height: 48px;
  padding: 6px 2px 2px;
  cursor: pointer;
  text-align: left;
}
.phrase:hover {
  border-bottom-style: solid;
}
.phrase-sheet {
  background: rgb(var(--v-theme-surface));
  color: rgb(var(--v-theme-on-surface));
  border: 2px solid currentColor;
  border-radius: 14px;
  padding: 10px;
  min-width: 240px;
  max-width: min(520px, 92vw);
  overflow: auto;
  display: grid;
  gap: 10px;
}
</style>
