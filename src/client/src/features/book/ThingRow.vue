<script setup lang="ts">
import { computed } from 'vue'
import type { LearnedThing } from '@/api/types'

/** One thing that was learned: where the catalogue has it, and where this kitchen has it. */
const props = defineProps<{ thing: LearnedThing }>()
const names: Record<string, string> = {
  power: 'Heating power',
  losses: 'Heat lost',
  purge: 'Steam before the valve closes',
  pressure: 'Pressure held',
  thickness: 'Thickness for its weight',
  juice: 'Juice lost',
  tenderness: 'Turning tender',
}
const reach = computed(
  () => Math.max(Math.abs(props.thing.prior.p05), Math.abs(props.thing.now.p05), Math.abs(props.thing.now.p95)) * 1.1,
)
const at = (value: number) => 50 + (value / reach.value) * 48
const signed = (value: number) => `${value > 0 ? '+' : value < 0 ? '−' : ''}${Math.abs(Math.round(value))}`
</script>

<template>
  <div class="thing">
    <span>{{ names[thing.id] ?? thing.id }}</span>
    <svg viewBox="0 0 100 16" preserveAspectRatio="none" aria-hidden="true">
      <path :d="`M50 1V15`" class="middle" />
      <path :d="`M${at(thing.prior.p05)} 5H${at(thing.prior.p95)}`" class="prior" />
      <path :d="`M${at(thing.now.p05)} 11H${at(thing.now.p95)}`" class="now" />
    </svg>
    <span class="numbers"
      ><b>{{ signed(thing.now.p50) }} %</b>
      <small>{{ signed(thing.now.p05) }} to {{ signed(thing.now.p95) }}</small></span
    >
  </div>
</template>

<style scoped>
.thing {
  display: grid;
  grid-template-columns: minmax(0, 15em) minmax(60px, 1fr) 9.5em;
  gap: 14px;
  align-items: center;
  min-height: 34px;
  font-variant-numeric: tabular-nums;
}
svg {
  width: 100%;
  height: 20px;
  overflow: visible;
}
path {
  fill: none;
  vector-effect: non-scaling-stroke;
}
.middle {
  stroke: rgba(var(--v-theme-on-background), 0.5);
}
.prior {
  stroke: rgba(var(--v-theme-on-background), 0.5);
  stroke-width: 2;
  stroke-dasharray: 4 3;
}
.now {
  stroke: rgb(var(--v-theme-secondary));
  stroke-width: 6;
}
small {
  opacity: 0.85;
}
.numbers {
  white-space: nowrap;
}
@media (max-width: 600px) {
  .thing {
    grid-template-columns: minmax(0, 1fr) auto;
  }
  svg {
    grid-column: 1 / -1;
    grid-row: 2;
  }
}
</style>
