<script setup lang="ts">
/** Lines across a chart with what they stand for, and the numbers under it. Places are pixels of the chart. */
defineProps<{
  left: number
  right: number
  bottom: number
  rows: readonly { at: number; text: string; strong?: boolean }[]
  columns: readonly { at: number; text: string }[]
}>()
const numberGap = 8
</script>

<template>
  <g class="axes">
    <g v-for="row in rows" :key="row.text" :class="{ strong: row.strong }">
      <line :x1="left" :x2="right" :y1="row.at" :y2="row.at" />
      <text :x="left - numberGap" :y="row.at + 4" text-anchor="end">{{ row.text }}</text>
    </g>
    <text
      v-for="column in columns"
      :key="`x${column.text}`"
      :x="column.at"
      :y="bottom - numberGap"
      text-anchor="middle"
    >
      {{ column.text }}
    </text>
  </g>
</template>

<style scoped>
line {
  stroke: currentColor;
  opacity: 0.16;
}
.strong line {
  stroke: rgb(var(--v-theme-success));
  stroke-width: 2;
  opacity: 1;
}
text {
  fill: currentColor;
  font-variant-numeric: tabular-nums;
}
.strong text {
  font-weight: 700;
}
</style>
