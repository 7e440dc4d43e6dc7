<script setup lang="ts">
import type { WidthShare } from '@/api/types'

/** What makes the band so wide, the greatest first. */
defineProps<{ shares: readonly WidthShare[] }>()
const percent = (share: number) => Math.round(share * 100)
</script>

<template>
  <ul class="width" data-testid="width">
    <li v-for="one in shares" :key="one.name">
      <span class="name">{{ one.name }}</span>
      <span class="track" aria-hidden="true"><span :style="{ width: `${percent(one.share)}%` }" /></span>
      <b>{{ percent(one.share) }} <small>%</small></b>
    </li>
  </ul>
</template>

<style scoped>
.width {
  list-style: none;
  margin: 12px 0 0;
  padding: 0;
  display: grid;
  gap: 6px;
}
li {
  display: grid;
  grid-template-columns: minmax(0, 22em) minmax(60px, 1fr) 4em;
  align-items: center;
  gap: 14px;
  min-height: 34px;
}
.track {
  height: 14px;
  border: 1px solid currentColor;
  border-radius: 3px;
}
.track > span {
  display: block;
  height: 100%;
  background: rgb(var(--v-theme-primary));
}
b {
  font-variant-numeric: tabular-nums;
  text-align: right;
}
@media (max-width: 700px) {
  li {
    grid-template-columns: 1fr 4em;
  }
  .track {
    grid-row: 2;
    grid-column: 1 / -1;
  }
}
</style>
