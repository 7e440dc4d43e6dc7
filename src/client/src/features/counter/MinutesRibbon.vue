<script setup lang="ts">
import { computed, useId } from 'vue'
import type { BandPoint } from '@/api/types'

/** For each minute three thin tracks: safe, tenderness, water lost, right under the heat picture. */
const props = defineProps<{
  band: readonly BandPoint[]
  minutes: number
  most: number
  x: (minutes: number) => number
  width: number
  notches: readonly number[]
  shareSafe: number
}>()
const hatch = useId()
const track = 20
const labels = ['safe', 'tender', 'juice lost']
const cells = computed(() =>
  props.band
    .filter((b) => b.minutes <= props.most)
    .map((b) => ({
      ...b,
      left: props.x(b.minutes - 0.5),
      width: Math.max(1, props.x(b.minutes + 0.5) - props.x(b.minutes - 0.5) - 1),
      safe: b.chanceSafe >= props.shareSafe,
    })),
)
const now = computed(() => props.band.find((b) => b.minutes === props.minutes))
const mostLoss = computed(() => Math.max(1, ...props.band.map((b) => b.waterLossP50)))
const summary = computed(() =>
  now.value
    ? `${now.value.minutes} min: safe in ${Math.floor(now.value.chanceSafe * 100)} of 100, tenderness ${Math.round(now.value.tenderness * 100)} of 100, ${now.value.waterLossP50.toFixed(0)} % of the lean meat lost as juice`
    : '',
)
</script>

<template>
  <svg :width="width" :height="3 * track + 12" class="ribbon" role="img" :aria-label="summary">
    <defs>
      <pattern :id="hatch" width="6" height="6" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
        <line y2="6" class="hatch-line" />
      </pattern>
    </defs>
    <g v-for="(label, i) in labels" :key="label">
      <text :x="(cells[0]?.left ?? 60) - 8" :y="i * track + 14" class="label">{{ label }}</text>
    </g>
    <g v-for="cell in cells" :key="cell.minutes" v-memo="[cell]">
      <rect
        :x="cell.left"
        y="2"
        :width="cell.width"
        :height="track - 5"
        :class="cell.safe ? 'is-safe' : 'is-unsafe'"
        :fill="cell.safe ? undefined : `url(#${hatch})`"
      />
      <rect
        :x="cell.left"
        :y="2 * track - 3 - (track - 5) * cell.tenderness"
        :width="cell.width"
        :height="(track - 5) * cell.tenderness"
        class="tender"
      />
      <rect
        :x="cell.left"
        :y="3 * track - 3 - ((track - 5) * cell.waterLossP50) / mostLoss"
        :width="cell.width"
        :height="((track - 5) * cell.waterLossP50) / mostLoss"
        class="loss"
      />
    </g>
    <path v-for="notch in notches" :key="notch" class="notch" :d="`M${x(notch) - 5},${3 * track + 10}l5,-8l5,8z`" />
    <rect
      v-if="now"
      class="frame"
      :x="x(now.minutes - 0.5) - 2"
      y="0"
      :width="x(now.minutes + 0.5) - x(now.minutes - 0.5) + 3"
      :height="3 * track"
      rx="3"
    />
  </svg>
</template>

<style scoped>
.ribbon {
  display: block;
  font-size: 13px;
}
.label {
  text-anchor: end;
  fill: currentColor;
}
.is-safe {
  fill: rgb(var(--v-theme-success));
}
.is-unsafe {
  stroke: rgb(var(--v-theme-secondary));
  stroke-width: 0.5;
}
.hatch-line {
  stroke: rgb(var(--v-theme-secondary));
  stroke-width: 2;
}
.tender {
  fill: rgb(var(--v-theme-secondary));
  opacity: 0.75;
}
.loss {
  fill: rgb(var(--v-theme-primary));
  opacity: 0.55;
}
.notch {
  fill: currentColor;
}
.frame {
  fill: none;
  stroke: rgb(var(--v-theme-primary));
  stroke-width: 2;
}
</style>
