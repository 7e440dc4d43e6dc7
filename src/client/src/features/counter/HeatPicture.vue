<script setup lang="ts">
import { useElementSize } from '@vueuse/core'
import { computed, useId, useTemplateRef } from 'vue'
import type { Plan } from '@/api/types'
import { text, type Units } from '@/shared/units/format'
import { drawHeat, heatRows, margin, SAFE_CELSIUS, stagesOf } from './heat'
import MinutesRibbon from './MinutesRibbon.vue'

/** Temperature over minutes since lid-on. The end of the hold is a handle: pointer, touch, arrow keys. */
const props = defineProps<{ plan: Plan; minutes: number; units: Units }>()
const emit = defineEmits<{ drag: [number]; nudge: [number]; drop: [] }>()
const frame = useTemplateRef<HTMLElement>('frame')
const { width } = useElementSize(frame, { width: 640, height: 0 })
const height = computed(() => (width.value < 480 ? 260 : 330))
const hatch = useId()
const aboveSafe = useId()
const belowSafe = useId()

const most = computed(() => Math.max(1, props.plan.band[props.plan.band.length - 1]?.minutes ?? 1))
const drawing = computed(() => drawHeat(props.plan, Math.max(width.value, 300), height.value))
const stages = computed(() => stagesOf(props.plan, props.minutes, drawing.value.end))
const handleX = computed(() => drawing.value.x(drawing.value.pressure + props.minutes))
const yTicks = computed(() => [0, 25, 50, 100].filter((t) => t >= (drawing.value.y.domain()[0] ?? 0)))
const xTicks = computed(() => drawing.value.x.ticks(Math.max(3, Math.round(width.value / 110))))
const rows = computed(() => heatRows(props.plan))
const shownMost = computed(() => Math.min(most.value, Math.floor(drawing.value.end - drawing.value.pressure)))

// Where the schools stand, as far as the ribbon reaches.
const notches = computed(() =>
  [...new Set(props.plan.schools.map((s) => s.minutes))].filter((m) => m <= shownMost.value),
)

const clamp = (minutes: number) => Math.min(most.value, Math.max(0, Math.round(minutes)))
function dragTo(event: PointerEvent) {
  if (event.buttons === 0) return
  const svg = (event.currentTarget as Element).closest('svg')!
  const at = drawing.value.x.invert(event.clientX - svg.getBoundingClientRect().left) - drawing.value.pressure
  emit('drag', clamp(at))
}
function grab(event: PointerEvent) {
  const handle = event.currentTarget as Element
  handle.setPointerCapture(event.pointerId)
  dragTo(event)
}
const keys: Record<string, number> = {
  ArrowLeft: -1,
  ArrowDown: -1,
  ArrowRight: 1,
  ArrowUp: 1,
  PageDown: -5,
  PageUp: 5,
}
function key(event: KeyboardEvent) {
  const step = keys[event.key]
  if (step !== undefined) emit('nudge', step)
  else if (event.key === 'Home') emit('drag', 0)
  else if (event.key === 'End') emit('drag', shownMost.value)
  else return
  event.preventDefault()
}
</script>

<template>
  <figure ref="frame" class="heat">
    <figcaption class="sr-only">Temperature of the pot and of the coldest spot over minutes since lid-on</figcaption>
    <svg :width="width" :height="height" class="picture" data-testid="heat">
      <defs>
        <pattern :id="hatch" width="7" height="7" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
          <line y2="7" class="hatch-line" />
        </pattern>
        <clipPath :id="aboveSafe">
          <rect :x="margin.left" y="0" :width="width" :height="drawing.y(SAFE_CELSIUS)" />
        </clipPath>
        <clipPath :id="belowSafe">
          <rect :x="margin.left" :y="drawing.y(SAFE_CELSIUS)" :width="width" :height="height" />
        </clipPath>
      </defs>
      <g v-for="stage in stages" :key="stage.id">
        <rect
          v-if="stage.to > stage.from"
          :class="['stage', stage.id]"
          :x="drawing.x(stage.from)"
          :y="margin.top"
          :width="drawing.x(stage.to) - drawing.x(stage.from)"
          :height="height - margin.top - margin.bottom"
        />
        <text
          v-if="drawing.x(stage.to) - drawing.x(stage.from) > stage.title.length * 7"
          class="stage-title"
          :x="(drawing.x(stage.from) + drawing.x(stage.to)) / 2"
          :y="margin.top - 10"
        >
          {{ stage.title }}
        </text>
      </g>
      <g v-for="t in yTicks" :key="t" class="tick">
        <line :x1="margin.left" :x2="width - margin.right" :y1="drawing.y(t)" :y2="drawing.y(t)" />
        <text :x="margin.left - 8" :y="drawing.y(t) + 4" text-anchor="end">{{ units.temperature(t).number }}°</text>
      </g>
      <text v-for="t in xTicks" :key="`x${t}`" class="tick-text" :x="drawing.x(t)" :y="height - 8">{{ t }}</text>
      <path :d="drawing.band" class="band-safe" :clip-path="`url(#${aboveSafe})`" />
      <path :d="drawing.band" :fill="`url(#${hatch})`" class="band-unsafe" :clip-path="`url(#${belowSafe})`" />
      <path :d="drawing.pot" class="pot" />
      <path :d="drawing.surface" class="surface" />
      <path :d="drawing.coldest" class="coldest" />
      <g class="safe-line">
        <line
          :x1="margin.left"
          :x2="width - margin.right"
          :y1="drawing.y(SAFE_CELSIUS)"
          :y2="drawing.y(SAFE_CELSIUS)"
        />
        <text :x="margin.left - 8" :y="drawing.y(SAFE_CELSIUS) + 4" text-anchor="end">
          {{ units.temperature(SAFE_CELSIUS).number }}°
        </text>
      </g>
      <g
        class="handle"
        role="slider"
        tabindex="0"
        aria-label="Minutes under pressure"
        :aria-valuenow="minutes"
        aria-valuemin="0"
        :aria-valuemax="shownMost"
        :aria-valuetext="`${minutes} minutes`"
        data-testid="hold-handle"
        @pointerdown="grab"
        @pointermove="dragTo"
        @pointerup="emit('drop')"
        @keydown="key"
      >
        <rect
          :x="handleX - 24"
          :y="margin.top"
          width="48"
          :height="height - margin.top - margin.bottom"
          class="handle-reach"
        />
        <line :x1="handleX" :x2="handleX" :y1="margin.top - 4" :y2="height - margin.bottom" />
        <rect :x="handleX - 19" :y="height - margin.bottom - 62" width="38" height="44" rx="10" class="handle-grip" />
        <text :x="handleX" :y="height - margin.bottom - 34">{{ minutes }}</text>
      </g>
    </svg>
    <MinutesRibbon
      :band="plan.band"
      :minutes="minutes"
      :most="shownMost"
      :notches="notches"
      :x="(m) => drawing.x(drawing.pressure + m)"
      :width="width"
    />
    <ul class="legend" aria-hidden="true">
      <li>
        <svg width="26" height="12"><line x2="26" y1="6" y2="6" class="pot" /></svg> pot
      </li>
      <li>
        <svg width="26" height="12"><line x2="26" y1="6" y2="6" class="surface" /></svg> surface
      </li>
      <li>
        <svg width="26" height="12"><line x2="26" y1="6" y2="6" class="coldest" /></svg> coldest spot, and 98 of 100
        cooks around it
      </li>
      <li>
        <svg width="14" height="12"><path d="M2,11l5,-8l5,8z" fill="currentColor" /></svg> other cooks
      </li>
    </ul>
    <details class="as-table">
      <summary>Show as a table</summary>
      <table>
        <caption class="sr-only">
          Temperatures every five minutes
        </caption>
        <thead>
          <tr>
            <th scope="col">min</th>
            <th scope="col">pot</th>
            <th scope="col">coldest, low</th>
            <th scope="col">likely</th>
            <th scope="col">high</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="row in rows" :key="row.minute">
            <th scope="row">{{ row.minute }}</th>
            <td v-for="value in [row.pot, row.low, row.likely, row.high]" :key="value">
              {{ text(units.temperature(value)) }}
            </td>
          </tr>
        </tbody>
      </table>
    </details>
  </figure>
</template>

<style scoped src="./heat.css"></style>
