<script setup lang="ts">
/** A part of a dish that most dishes do without: open where something of it was said, else a line that opens with a touch. */
defineProps<{ title: string; said: boolean }>()
</script>

<template>
  <details class="part" :open="said">
    <summary>
      <h2>{{ title }}</h2>
    </summary>
    <slot />
  </details>
</template>

<style scoped>
.part {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 12px;
  border-top: 1px solid rgba(var(--v-theme-on-background), 0.3);
}
summary {
  display: flex;
  align-items: center;
  gap: 12px;
  min-height: 52px;
  cursor: pointer;
}
summary::before {
  content: '▸';
}
[open] > summary::before {
  content: '▾';
}
h2 {
  font-family: var(--display);
  font-size: 1.25rem;
  font-weight: 560;
}
</style>
