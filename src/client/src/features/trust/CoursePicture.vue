<script setup lang="ts">
import { useElementSize } from '@vueuse/core'
import { computed, ref, useTemplateRef } from 'vue'
import ChartAxes from '@/shared/charts/ChartAxes.vue'
import ChartLegend from '@/shared/charts/ChartLegend.vue'
import { drawCourse, margin } from './course'
import { useCourse } from './useTrust'

/** The solver against the exact series, for a shape and a heat transfer that the reader picks. */
const shape = ref(2)
const strength = ref(1)
const biot = computed(() => Number((10 ** strength.value).toPrecision(2)))
const { data } = useCourse(shape, biot)
const frame = useTemplateRef<HTMLElement>('frame')
const { width } = useElementSize(frame, { width: 640, height: 0 })
const height = 320
const drawing = computed(() => (data.value ? drawCourse(data.value, Math.max(300, width.value), height) : null))
const shapeWords = computed(() =>
  shape.value < 1.25
    ? 'a slab'
    : shape.value < 1.75
      ? 'between slab and rod'
      : shape.value < 2.25
        ? 'a long rod'
        : shape.value < 2.75
          ? 'between rod and ball'
          : 'a ball',
)
const ticks = [0.02, 0.05, 0.1, 0.2, 0.5, 1, 2]
const axes = computed(() => {
  if (!drawing.value) return null
  const { x, y } = drawing.value
  return {
    left: margin.left,
    right: width.value - margin.right,
    bottom: height,
    rows: [0, 0.5, 1].map((t) => ({ at: y(t), text: String(t) })),
    columns: ticks.map((t) => ({ at: x(t), text: String(t) })),
  }
})
</script>

<template>
  <div class="picks">
    <label>
      <span
        >Shape: <b>{{ shapeWords }}</b> (E = {{ shape.toFixed(1) }})</span
      >
      <input v-model.number="shape" type="range" min="1" max="3" step="0.1" aria-label="Shape dimensionality E" />
    </label>
    <label>
      <span
        >Heat to the surface: <b>Biot = {{ biot }}</b></span
      >
      <input
        v-model.number="strength"
        type="range"
        min="-1"
        max="3"
        step="0.1"
        aria-label="Biot number, power of ten"
      />
    </label>
  </div>
  <figure ref="frame" class="course">
    <svg
      v-if="drawing"
      :width="width"
      :height="height"
      role="img"
      aria-label="Temperature over time: exact lines and our dots"
    >
      <ChartAxes v-if="axes" v-bind="axes" />
      <g v-for="s in drawing.series" :key="s.key" :class="s.key">
        <path :d="s.path" class="exact" />
        <circle v-for="dot in s.dots" :key="dot.x" :cx="dot.x" :cy="dot.y" r="3.4" class="dot" />
      </g>
    </svg>
    <ChartLegend hidden-from-readers>
      <li v-for="s in drawing?.series" :key="s.key" :class="s.key">
        <svg width="26" height="12"><line x2="26" y1="6" y2="6" class="exact" /></svg> {{ s.title }}, exact
      </li>
      <li>
        <svg width="14" height="12"><circle cx="7" cy="6" r="3.4" class="dot" /></svg> our solver
      </li>
    </ChartLegend>
    <figcaption>
      0 is as cold as at the start, 1 as hot as the pot; time is in units of R²/α. The dots come from the mesh that
      plans your dinner.
    </figcaption>
  </figure>
  <p v-if="data" class="difference" data-testid="difference">
    Largest difference: <b>{{ (data.largestDifference * 100).toFixed(2) }} %</b> of the jump, which is
    {{ (data.largestDifference * 111).toFixed(2) }} K between fridge and pot. We promise less than 0.2 %.
  </p>
</template>

<style scoped>
.picks {
  margin-top: 12px;
  display: flex;
  flex-wrap: wrap;
  gap: 8px 32px;
}
.picks label {
  flex: 1 1 260px;
  display: grid;
}
.picks input {
  min-height: 48px;
  accent-color: rgb(var(--v-theme-secondary));
}
.course {
  margin: 0;
}
.course > svg {
  display: block;
  font-size: 13px;
}
.exact {
  fill: none;
  stroke: currentColor;
  stroke-width: 1.5;
}
.surface .exact {
  stroke-dasharray: 2 5;
  stroke-linecap: round;
}
.centre .exact {
  stroke-width: 3;
}
.dot {
  fill: rgb(var(--v-theme-background));
  stroke: rgb(var(--v-theme-secondary));
  stroke-width: 2;
}
figcaption {
  font-size: 0.95rem;
  max-width: 70ch;
}
.difference {
  margin: 6px 0 0;
}
</style>
