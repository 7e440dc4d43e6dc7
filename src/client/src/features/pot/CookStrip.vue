<script setup lang="ts">
import { useElementSize } from '@vueuse/core'
import { computed, useId, useTemplateRef } from 'vue'
import type { StripPart } from '@/api/types'
import StagePatterns from '@/shared/ui/StagePatterns.vue'
import { clockTime } from '@/shared/units/format'
import { phaseNames } from './words'

/** The whole cook, what was and what is expected, with a mark where it is now. */
const props = defineProps<{ parts: readonly StripPart[]; now: number }>()
const frame = useTemplateRef<HTMLElement>('frame')
const { width } = useElementSize(frame, { width: 900, height: 0 })
const hatch = useId()
const dots = useId()
const top = 20
const height = 34
const span = computed(() => {
  const from = Date.parse(props.parts[0]?.from ?? '')
  const to = Math.max(props.now, Date.parse(props.parts.at(-1)?.to ?? ''))
  return { from, length: Math.max(1, to - from) }
})
const x = (moment: number) => ((moment - span.value.from) / span.value.length) * (width.value - 12) + 6
const bars = computed(() =>
  props.parts.map((part) => {
    const left = x(Date.parse(part.from))
    return { part, left, width: Math.max(3, x(Date.parse(part.to)) - left - 2), name: phaseNames[part.phase] }
  }),
)
const fill = (part: StripPart) =>
  part.phase === 'holding'
    ? undefined
    : part.phase === 'coming-up' || part.phase === 'rescuing'
      ? `url(#${hatch})`
      : part.phase === 'resting' || part.phase === 'venting'
        ? `url(#${dots})`
        : 'none'
</script>

<template>
  <figure v-if="parts.length > 0" ref="frame" class="strip">
    <svg :width="width" :height="top + height + 22" role="img" aria-label="The whole cook, with a mark at the present">
      <StagePatterns :hatch="hatch" :dots="dots" />
      <g v-for="(bar, i) in bars" :key="i" :class="['bar', bar.part.phase, { over: bar.part.happened }]">
        <rect :x="bar.left" :y="top" :width="bar.width" :height="height" rx="6" :fill="fill(bar.part)" />
        <text v-if="bar.width > bar.name.length * 8.5" :x="bar.left + bar.width / 2" :y="top + 22">{{ bar.name }}</text>
      </g>
      <text class="end" :x="6" :y="top + height + 18">{{ clockTime(parts[0]!.from) }}</text>
      <text class="end last" :x="width - 6" :y="top + height + 18">{{ clockTime(parts.at(-1)!.to) }}</text>
      <g class="now">
        <line :x1="x(now)" :x2="x(now)" :y1="top - 4" :y2="top + height + 4" />
        <text :x="Math.min(width - 20, Math.max(20, x(now)))" y="12">now</text>
      </g>
    </svg>
  </figure>
</template>

<style scoped>
.strip {
  margin: 0;
  min-width: 0;
}
svg {
  display: block;
  font-size: 14px;
}
.bar rect {
  stroke: rgb(var(--v-theme-primary));
  stroke-width: 1.5;
}
.over rect {
  opacity: 0.5;
}
.holding rect {
  fill: rgb(var(--v-theme-primary));
}
.bar text {
  text-anchor: middle;
  fill: currentColor;
  font-weight: 700;
  paint-order: stroke;
  stroke: rgb(var(--v-theme-background));
  stroke-width: 9px;
  stroke-linejoin: round;
}
.holding text {
  fill: rgb(var(--v-theme-background));
  stroke: none;
}
.end {
  fill: currentColor;
  font-variant-numeric: tabular-nums;
}
.last {
  text-anchor: end;
}
.now line {
  stroke: rgb(var(--v-theme-secondary));
  stroke-width: 4;
}
.now text {
  text-anchor: middle;
  fill: rgb(var(--v-theme-secondary));
  font-weight: 700;
}
</style>
