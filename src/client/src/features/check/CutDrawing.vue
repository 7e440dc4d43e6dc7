<script setup lang="ts">
import { computed } from 'vue'
import type { SpotView } from '@/api/types'
import { text, type Units } from '@/shared/units/format'
import { drawingOf } from './drawings'

/** The cut of the chosen spot, with the probe at each of its spots. A spot that was read says what. */
const props = defineProps<{
  spots: readonly SpotView[]
  chosen: string | null
  units: Units
  lowest?: (spot: string) => number | null
}>()
const numbered = computed(() => props.spots.map((spot, i) => ({ ...spot, number: i + 1 })))
const asked = computed(() => numbered.value.find((s) => s.id === props.chosen) ?? numbered.value[0])
const drawing = computed(() => drawingOf(asked.value?.cut ?? ''))
const shown = computed(() => numbered.value.filter((s) => s.meat === asked.value?.meat))
const marks = computed(() =>
  shown.value.map((spot, i) => {
    const at = drawing.value.spots[spot.spotOfCut] ?? {
      from: [60 + 60 * i, 24] as const,
      tip: [140 + 40 * i, 110] as const,
    }
    return { spot, number: spot.number, ...at, lowest: props.lowest?.(spot.id) ?? null }
  }),
)
</script>

<template>
  <figure class="drawing">
    <svg viewBox="0 0 320 220" role="img" :aria-label="shown.map((s) => `${s.number}: ${s.where}`).join('; ')">
      <path :d="drawing.outline" class="outline" />
      <path :d="drawing.lines" class="fine" />
      <path v-if="drawing.bones" :d="drawing.bones" class="bone" />
      <g v-for="mark in marks" :key="mark.spot.id" :class="{ chosen: mark.spot.id === chosen }">
        <line :x1="mark.from[0]" :y1="mark.from[1]" :x2="mark.tip[0]" :y2="mark.tip[1]" class="probe" />
        <circle :cx="mark.tip[0]" :cy="mark.tip[1]" r="5" class="tip" />
        <circle :cx="mark.from[0]" :cy="mark.from[1]" r="15" class="knob" />
        <text :x="mark.from[0]" :y="mark.from[1] + 5.5" class="number">{{ mark.number }}</text>
        <text v-if="mark.lowest !== null" :x="mark.tip[0] + 12" :y="mark.tip[1] + 6" class="read">
          {{ text(units.atLeast(mark.lowest)) }}
        </text>
      </g>
    </svg>
    <figcaption>{{ drawing.avoid }}</figcaption>
  </figure>
</template>

<style scoped>
.drawing {
  margin: 0;
}
svg {
  width: 100%;
  max-height: 46vh;
}
.outline {
  fill: rgba(var(--v-theme-secondary), 0.14);
  stroke: rgb(var(--v-theme-primary));
  stroke-width: 2.4;
  stroke-linejoin: round;
}
.fine {
  fill: none;
  stroke: rgb(var(--v-theme-primary));
  stroke-width: 1.2;
  stroke-linecap: round;
}
.bone {
  fill: none;
  stroke: rgb(var(--v-theme-primary));
  stroke-width: 3;
  stroke-dasharray: 5 4;
  opacity: 0.75;
}
.probe {
  stroke: rgb(var(--v-theme-primary));
  stroke-width: 3;
}
.tip {
  fill: rgb(var(--v-theme-secondary));
}
.knob {
  fill: rgb(var(--v-theme-background));
  stroke: rgb(var(--v-theme-primary));
  stroke-width: 2;
}
.chosen .knob {
  fill: rgb(var(--v-theme-secondary));
  stroke: rgb(var(--v-theme-secondary));
}
.number {
  text-anchor: middle;
  font-size: 16px;
  font-weight: 700;
  fill: currentColor;
}
.chosen .number {
  fill: rgb(var(--v-theme-background));
}
.read {
  font-size: 19px;
  font-weight: 700;
  fill: currentColor;
  paint-order: stroke;
  stroke: rgb(var(--v-theme-background));
  stroke-width: 5px;
}
figcaption {
  font-size: 0.95rem;
}
</style>
