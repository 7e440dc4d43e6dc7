<script setup lang="ts">
import { computed } from 'vue'
import type { Energy } from '@/api/types'

/** Where the heat of one cook goes, as one bar of parts that add up. */
const props = defineProps<{ energy: Energy }>()
const parts = computed(() => {
  const e = props.energy
  return [
    { id: 'meat', name: 'into the meat', kj: e.meatKj },
    { id: 'pot', name: 'into pot and liquid', kj: e.potKj },
    { id: 'losses', name: 'to the kitchen', kj: e.lossesKj },
    { id: 'steam', name: 'away with steam', kj: e.steamKj },
  ]
})
const share = (kj: number) => (kj / props.energy.heaterKj) * 100
</script>

<template>
  <svg class="bar" viewBox="0 0 100 12" preserveAspectRatio="none" aria-hidden="true">
    <defs>
      <pattern id="energy-hatch" width="2" height="2" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
        <line y2="2" class="stroke" />
      </pattern>
      <pattern id="energy-dots" width="2" height="2" patternUnits="userSpaceOnUse">
        <circle cx="1" cy="1" r="0.45" class="fill" />
      </pattern>
    </defs>
    <rect
      v-for="(part, i) in parts"
      :key="part.id"
      :class="part.id"
      :x="parts.slice(0, i).reduce((sum, p) => sum + share(p.kj), 0)"
      y="0"
      :width="Math.max(0, share(part.kj))"
      height="12"
    />
  </svg>
  <dl class="parts">
    <div v-for="part in parts" :key="part.id">
      <dt>
        <svg width="22" height="16" viewBox="0 0 22 16" aria-hidden="true">
          <rect :class="part.id" width="22" height="16" />
        </svg>
        {{ part.name }}
      </dt>
      <dd>{{ part.kj.toFixed(0) }} <small>kJ</small>, {{ share(part.kj).toFixed(0) }} <small>%</small></dd>
    </div>
  </dl>
  <p>
    The heater gave <b>{{ energy.heaterKj.toFixed(0) }} kJ</b>. What does not add up:
    <b data-testid="residual">{{ Math.abs(energy.residualPercent).toFixed(2) }} %</b>; we promise less than 0.5 %.
  </p>
</template>

<style scoped>
.bar {
  display: block;
  width: 100%;
  height: 46px;
  margin-top: 12px;
  border: 2px solid currentColor;
  border-radius: 6px;
}
.meat {
  fill: rgb(var(--v-theme-secondary));
}
.pot {
  fill: rgb(var(--v-theme-primary));
}
.losses {
  fill: url(#energy-hatch);
}
.steam {
  fill: url(#energy-dots);
}
.stroke {
  stroke: currentColor;
  stroke-width: 0.7;
}
.fill {
  fill: currentColor;
}
.parts {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 28px;
  margin: 10px 0;
}
.parts dd {
  margin: 0;
  font-weight: 700;
  font-variant-numeric: tabular-nums;
}
.parts rect {
  stroke: currentColor;
}
</style>
