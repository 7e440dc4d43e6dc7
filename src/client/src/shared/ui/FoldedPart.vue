<script setup lang="ts">
import { useNarrow } from './useNarrow'

/** A part that is one line until it is touched: its name, and what was said there. With `roomy` it is open where there is room. */
const props = defineProps<{ title: string; said: string; roomy?: boolean }>()
const isOpen = props.roomy === true && !useNarrow().value
</script>

<template>
  <details class="part" :open="isOpen">
    <summary>
      <h2>{{ title }}</h2>
      <span v-if="said" class="said two-lines">{{ said }}</span>
    </summary>
    <slot />
  </details>
</template>

<style scoped>
.part {
  border-top: 1px solid rgba(var(--v-theme-on-background), 0.3);
}
.part[open] {
  padding-bottom: 12px;
}
.part[open]::details-content {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 12px;
}
summary {
  display: flex;
  align-items: baseline;
  gap: 4px 12px;
  min-height: 52px;
  padding-block: 12px;
  cursor: pointer;
}
summary::before {
  content: '▸';
}
[open] > summary::before {
  content: '▾';
}
[open] > summary .said {
  display: none;
}
h2 {
  margin: 0;
  font-family: var(--display);
  font-size: 1.25rem;
  font-weight: 560;
  line-height: 1.15;
}
.said {
  flex: 1;
}
</style>
