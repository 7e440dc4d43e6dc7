<script setup lang="ts">
import { useElementSize } from '@vueuse/core'
import { computed, ref, useId, useTemplateRef } from 'vue'
import type { Plan, Release, Safety } from '@/api/types'
import { sameWhileEqual } from '@/shared/ui/sameWhileEqual'
import { text, type Units } from '@/shared/units/format'
import { drawHeat, heatRows, margin, releaseAt, restOf, stagesOf } from './heat'
import ChartAxes from '@/shared/charts/ChartAxes.vue'
import ChartLegend from '@/shared/charts/ChartLegend.vue'
import DragHandle from '@/shared/charts/DragHandle.vue'
import MinutesRibbon from './MinutesRibbon.vue'

/** Temperature over minutes since lid-on. The ends of the hold and of the release are handles: pointer, touch, arrow keys. */
const props = defineProps<{ plan: Plan; minutes: number; release: Release; units: Units; safety: Safety }>()
const emit = defineEmits<{ drag: [number]; nudge: [number]; release: [Release] }>()
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
const rest = computed(() => restOf(props.plan, props.release))
const releaseX = computed(() => drawing.value.x(drawing.value.pressure + props.minutes + (rest.value?.now ?? 0)))
const yTicks = computed(() => [0, 25, 50, 100].filter((t) => t >= (drawing.value.y.domain()[0] ?? 0)))
const xTicks = computed(() => drawing.value.x.ticks(Math.max(3, Math.round(width.value / 110))))
const axes = computed(() => ({
  left: margin.left,
  right: width.value - margin.right,
  bottom: height.value,
  rows: [
    ...yTicks.value.map((t) => ({
      at: drawing.value.y(t),
      text: `${props.units.temperature(t).number}°`,
      strong: false,
    })),
    {
      at: drawing.value.y(props.safety.coreCelsius),
      text: `${props.units.temperature(props.safety.coreCelsius).number}°`,
      strong: true,
    },
  ],
  columns: xTicks.value.map((t) => ({ at: drawing.value.x(t), text: String(t) })),
}))
const band = sameWhileEqual(() => props.plan.band)
const tableOpen = ref(false)
const rows = computed(() => (tableOpen.value ? heatRows(props.plan) : []))
const shownMost = computed(() => Math.min(most.value, Math.floor(drawing.value.end - drawing.value.pressure)))

// Where the schools stand, as far as the ribbon reaches.
const notches = sameWhileEqual(() =>
  [...new Set(props.plan.schools.map((s) => s.minutes))].filter((m) => m <= shownMost.value),
)

// What stands beside the meat may want more minutes than the meat: then they are not those from which it is sure.
const isForAll = computed(
  () => props.plan.beside.length > 0 && (props.plan.recommendedMinutes ?? 0) > (props.plan.safeMinimumMinutes ?? 0),
)

// Both ends: minutes to measure after, and minutes to be sure.
const ends = sameWhileEqual(() => {
  const { recommendedMinutes: minutes, otherPromise } = props.plan
  const mine = { minutes, promise: otherPromise ? props.plan.promise : 'sure' }
  const both = [mine, props.plan.otherPromise].filter((p) => p !== null && p.minutes !== null)
  return both
    .map((p) => ({
      minutes: p!.minutes!,
      name: p!.promise === 'measured' ? 'measure' : isForAll.value ? 'best' : 'sure',
    }))
    .filter((p) => p.minutes <= shownMost.value)
    .sort((a, b) => a.minutes - b.minutes)
})

const beside = sameWhileEqual(() => props.plan.beside)

/** Where minutes under pressure stand in the picture. */
const atMinute = computed(() => {
  const { x, pressure } = drawing.value
  return (minutes: number) => x(pressure + minutes)
})
const clamp = (minutes: number) => Math.min(most.value, Math.max(0, Math.round(minutes)))
const dragHold = (at: number) => emit('drag', clamp(drawing.value.x.invert(at) - drawing.value.pressure))
const setRest = (minutes: number) => emit('release', releaseAt(props.plan, minutes))
const dragRest = (at: number) => setRest(drawing.value.x.invert(at) - drawing.value.pressure - props.minutes)
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
          <rect :x="margin.left" y="0" :width="width" :height="drawing.y(safety.coreCelsius)" />
        </clipPath>
        <clipPath :id="belowSafe">
          <rect :x="margin.left" :y="drawing.y(safety.coreCelsius)" :width="width" :height="height" />
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
      <ChartAxes v-bind="axes" />
      <path :d="drawing.band" class="band-safe" :clip-path="`url(#${aboveSafe})`" />
      <path :d="drawing.band" :fill="`url(#${hatch})`" class="band-unsafe" :clip-path="`url(#${belowSafe})`" />
      <path :d="drawing.pot" class="pot" />
      <path :d="drawing.surface" class="surface" />
      <path :d="drawing.coldest" class="coldest" />
      <DragHandle
        v-if="rest"
        :x="releaseX"
        :top="margin.top"
        :bottom="height - margin.bottom"
        :grip-y="margin.top + 6"
        :text="rest.text"
        label="Minutes until the vent is opened"
        :now="rest.now"
        :most="rest.most"
        :words="rest.words"
        data-testid="release-handle"
        @drag="dragRest"
        @nudge="setRest(rest.now + $event)"
        @home="setRest(0)"
        @end="setRest(rest.most)"
      />
      <DragHandle
        :x="handleX"
        :top="margin.top"
        :bottom="height - margin.bottom"
        :grip-y="height - margin.bottom - 62"
        :text="String(minutes)"
        label="Minutes under pressure"
        :now="minutes"
        :most="shownMost"
        :words="`${minutes} minutes`"
        data-testid="hold-handle"
        @drag="dragHold"
        @nudge="emit('nudge', $event)"
        @home="emit('drag', 0)"
        @end="emit('drag', shownMost)"
      />
    </svg>
    <MinutesRibbon
      :band="band"
      :minutes="minutes"
      :most="shownMost"
      :notches="notches"
      :share-safe="safety.shareSafe"
      :ends="ends"
      :beside="beside"
      :x="atMinute"
      :width="width"
    />
    <ChartLegend hidden-from-readers>
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
      <li v-if="beside.length > 0">
        <svg width="40" height="12">
          <rect y="4" width="12" height="6" :fill="`url(#${hatch})`" />
          <rect x="12" y="4" width="28" height="6" class="beside-done" />
          <path d="M26,1l4,6l-4,5l-4,-5z" fill="currentColor" />
        </svg>
        beside the meat: hard, done, at its best
      </li>
      <li>measured: solid is ready at once, dotted after standing covered, hatched goes back</li>
    </ChartLegend>
    <details class="as-table" @toggle="tableOpen = ($event.target as HTMLDetailsElement).open">
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
