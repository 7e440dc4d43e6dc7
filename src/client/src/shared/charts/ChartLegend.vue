<script setup lang="ts">
/** What the lines of a chart stand for: one list item each. */
defineProps<{ hiddenFromReaders?: boolean }>()
</script>

<template>
  <ul class="legend" :aria-hidden="hiddenFromReaders ? true : undefined">
    <slot />
  </ul>
</template>

<style scoped>
.legend {
  list-style: none;
  display: flex;
  flex-wrap: wrap;
  gap: 2px 18px;
  padding: 0;
  margin: 0 0 6px;
  font-size: 0.95rem;
}
.legend :slotted(li) {
  display: flex;
  align-items: center;
  gap: 8px;
}
</style>
