<script setup lang="ts">
import { computed, useId } from 'vue'
import type { BandPoint, Plan } from '@/api/types'

/**
 * For each minute thin tracks, right under the heat picture: safe, ready for a thermometer, tenderness, water lost, and how soft each thing
 * beside the meat is.
 */
const props = defineProps<{
  band: readonly BandPoint[]
  minutes: number
  most: number
  x: (minutes: number) => number
  width: number
  notches: readonly number[]
  shareSafe: number
  /** Minutes of each promise. */
  ends: readonly { minutes: number; name: string }[]
  /** What stands beside the meat. */
  beside: Plan['beside']
}>()
const hatch = useId()
const dots = useId()
const track = 20
const bar = track - 5
const labels = ['sure', 'measured', 'tender', 'juice lost']
const tracks = labels.length
const cells = computed(() =>
  props.band
    .filter((b) => b.minutes <= props.most)
    .map((b) => ({
      ...b,
      left: props.x(b.minutes - 0.5),
      width: Math.max(1, props.x(b.minutes + 0.5) - props.x(b.minutes - 0.5) - 1),
      safe: b.chanceSafe >= props.shareSafe,
      // From the bottom: ready at once, after standing covered, and those that go back.
      first: bar * b.readyAtFirst,
      stood: bar * Math.max(0, b.readyAfterRest - b.readyAtFirst),
      back: bar * Math.max(0, 1 - b.readyAfterRest),
    })),
)
// From done to too far, the best marked; beyond the last minute that is shown it goes on.
const besideRow = 32
const soft = computed(() =>
  props.beside.map((b, i) => {
    const at = (minutes: number | null) => props.x(Math.min(minutes ?? props.most, props.most))
    const y = tracks * track + 34 + i * besideRow
    return {
      name: `${b.name}: ${b.word}`,
      y,
      start: props.x(0),
      done: at(b.justMinutes),
      best: b.bestMinutes !== null && b.bestMinutes <= props.most ? props.x(b.bestMinutes) : null,
      tooFar: at(b.tooFarMinutes),
      last: props.x(props.most),
    }
  }),
)
const now = computed(() => props.band.find((b) => b.minutes === props.minutes))
const mostLoss = computed(() => Math.max(1, ...props.band.map((b) => b.waterLossP50)))
const summary = computed(() =>
  now.value
    ? `${now.value.minutes} min: safe in ${Math.floor(now.value.chanceSafe * 100)} of 100, ready at the first reading in ${Math.floor(now.value.readyAtFirst * 100)}, after standing covered in ${Math.floor(now.value.readyAfterRest * 100)}, tenderness ${Math.round(now.value.tenderness * 100)} of 100, ${now.value.waterLossP50.toFixed(0)} % of the lean meat lost as juice`
    : '',
)
const besideSummary = computed(() => props.beside.map((b) => `; ${b.name.toLowerCase()} ${b.word}`).join(''))
</script>

<template>
  <svg
    :width="width"
    :height="tracks * track + 30 + beside.length * besideRow"
    class="ribbon"
    role="img"
    :aria-label="summary + besideSummary"
  >
    <defs>
      <pattern :id="hatch" width="6" height="6" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
        <line y2="6" class="hatch-line" />
      </pattern>
      <pattern :id="dots" width="4" height="4" patternUnits="userSpaceOnUse">
        <circle cx="2" cy="2" r="1.1" class="dot" />
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
        :height="bar"
        :class="cell.safe ? 'is-safe' : 'is-unsafe'"
        :fill="cell.safe ? undefined : `url(#${hatch})`"
      />
      <rect :x="cell.left" :y="2 * track - 3 - cell.first" :width="cell.width" :height="cell.first" class="first" />
      <rect
        :x="cell.left"
        :y="2 * track - 3 - cell.first - cell.stood"
        :width="cell.width"
        :height="cell.stood"
        :fill="`url(#${dots})`"
        class="stood"
      />
      <rect
        :x="cell.left"
        :y="track + 2"
        :width="cell.width"
        :height="cell.back"
        :fill="`url(#${hatch})`"
        class="is-unsafe"
      />
      <rect
        :x="cell.left"
        :y="3 * track - 3 - bar * cell.tenderness"
        :width="cell.width"
        :height="bar * cell.tenderness"
        class="tender"
      />
      <rect
        :x="cell.left"
        :y="4 * track - 3 - (bar * cell.waterLossP50) / mostLoss"
        :width="cell.width"
        :height="(bar * cell.waterLossP50) / mostLoss"
        class="loss"
      />
    </g>
    <path
      v-for="notch in notches"
      :key="notch"
      class="notch"
      :d="`M${x(notch) - 5},${tracks * track + 10}l5,-8l5,8z`"
    />
    <g v-for="(end, i) in ends" :key="end.name" class="end">
      <path :d="`M${x(end.minutes)},${track - 2}V${tracks * track + 12}`" />
      <text :x="x(end.minutes) + (i === 0 ? -3 : 3)" :y="tracks * track + 26" :text-anchor="i === 0 ? 'end' : 'start'">
        {{ end.name }} {{ end.minutes }}
      </text>
    </g>
    <g v-for="s in soft" :key="s.name" data-testid="soft">
      <text :x="s.start" :y="s.y + 12">{{ s.name }}</text>
      <rect
        :x="s.start"
        :y="s.y + 17"
        :width="s.done - s.start"
        height="8"
        :fill="`url(#${hatch})`"
        class="is-unsafe"
      />
      <rect :x="s.done" :y="s.y + 17" :width="s.tooFar - s.done" height="8" class="done" />
      <rect :x="s.tooFar" :y="s.y + 17" :width="s.last - s.tooFar" height="8" :fill="`url(#${dots})`" class="stood" />
      <path v-if="s.best !== null" class="best" :d="`M${s.best},${s.y + 14}l5,7l-5,7l-5,-7z`" />
    </g>
    <rect
      v-if="now"
      class="frame"
      :x="x(now.minutes - 0.5) - 2"
      y="0"
      :width="x(now.minutes + 0.5) - x(now.minutes - 0.5) + 3"
      :height="tracks * track + (beside.length > 0 ? 30 + beside.length * besideRow : 0)"
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
.first {
  fill: rgb(var(--v-theme-success));
  opacity: 0.8;
}
.stood {
  stroke: rgb(var(--v-theme-success));
  stroke-width: 0.5;
}
.dot {
  fill: rgb(var(--v-theme-success));
}
.end path {
  stroke: currentColor;
  stroke-dasharray: 3 3;
}
.end text {
  fill: currentColor;
  font-weight: 700;
}
.hatch-line {
  stroke: rgb(var(--v-theme-secondary));
  stroke-width: 2;
}
.ribbon text {
  fill: currentColor;
}
.done {
  fill: rgb(var(--v-theme-primary));
  opacity: 0.45;
}
.best {
  fill: rgb(var(--v-theme-primary));
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
