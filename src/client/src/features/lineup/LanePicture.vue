<script setup lang="ts">
import { useElementSize } from '@vueuse/core'
import { computed, ref, useId, useTemplateRef } from 'vue'
import type { LineUpTask } from '@/api/types'
import DragHandle from '@/shared/charts/DragHandle.vue'
import StagePatterns from '@/shared/ui/StagePatterns.vue'
import { clockTime } from '@/shared/units/format'
import { drawLanes, hoursOf } from './lanes'

/** The meal as lanes for hands, pot, oven and fridge, with a handle at eating time unless that is not to be chosen. The list beside it says the same in words. */
const props = defineProps<{
  tasks: readonly LineUpTask[]
  servedAt: Date
  fixed?: boolean
  numbers?: ReadonlyMap<string, number>
}>()
const emit = defineEmits<{ serve: [Date] }>()
const step = 300_000
const shortly = 60_000
const frame = useTemplateRef<HTMLElement>('frame')
const { width } = useElementSize(frame, { width: 900, height: 0 })
const held = ref<readonly [number, number] | null>(null) // the hours stand still while the handle is dragged
const hours = computed(() => hoursOf(props.tasks, ...(props.fixed ? [shortly] : [])))
const drawing = computed(() => drawLanes(props.tasks, Math.max(320, width.value), held.value ?? hours.value))
const serve = (moment: number) => emit('serve', new Date(Math.round(moment / step) * step))
const hold = () => (held.value = hours.value)
const hatch = useId()
const dots = useId()
const fillOf = (kind: string) =>
  kind === 'come-up' ? `url(#${hatch})` : kind === 'release' ? `url(#${dots})` : undefined
const titles: Record<string, string> = { 'come-up': 'coming up', hold: 'under pressure', release: 'letting go' }
</script>

<template>
  <figure ref="frame" class="lanes">
    <svg
      :width="width"
      :height="drawing.height + (fixed ? 4 : 52)"
      role="group"
      aria-label="The meal over the hours"
      @pointerdown.capture="hold"
      @pointerup="held = null"
      @pointercancel="held = null"
    >
      <StagePatterns :hatch="hatch" :dots="dots" />
      <g v-for="tick in drawing.ticks" :key="tick.getTime()" aria-hidden="true" class="tick">
        <line :x1="drawing.x(tick)" :x2="drawing.x(tick)" y1="20" :y2="drawing.height" />
        <text :x="drawing.x(tick)" y="14">{{ clockTime(tick.toISOString()) }}</text>
      </g>
      <text v-for="lane in drawing.lanes" :key="lane.lane" aria-hidden="true" x="0" :y="lane.y + 28" class="lane">
        {{ lane.lane }}
      </text>
      <g v-for="bar in drawing.bars" :key="bar.task.id" aria-hidden="true" :class="['bar', bar.task.lane, bar.kind]">
        <rect :x="bar.x" :y="bar.y + 4" :width="bar.width" height="38" rx="6" :fill="fillOf(bar.kind)" />
        <text
          v-if="titles[bar.kind] && bar.width > titles[bar.kind]!.length * 8"
          :x="bar.x + bar.width / 2"
          :y="bar.y + 28"
        >
          {{ titles[bar.kind] }}
        </text>
        <text
          v-else-if="!titles[bar.kind] && numbers?.has(bar.task.id) && bar.width > 14"
          class="number"
          :x="bar.x + bar.width / 2"
          :y="bar.y + 28"
        >
          {{ numbers.get(bar.task.id) }}
        </text>
      </g>
      <DragHandle
        v-if="!fixed"
        :x="drawing.x(servedAt)"
        :top="24"
        :bottom="drawing.height"
        :grip-y="drawing.height + 2"
        text="eat"
        label="Eating time"
        :now="servedAt.getHours() * 60 + servedAt.getMinutes()"
        :most="1439"
        :words="clockTime(servedAt.toISOString())"
        @drag="serve(drawing.x.invert($event).getTime())"
        @nudge="serve(servedAt.getTime() + $event * step)"
      />
    </svg>
  </figure>
</template>

<style scoped>
.lanes {
  margin: 0;
  min-width: 0;
}
svg {
  display: block;
  font-size: 14px;
}
.tick line {
  stroke: currentColor;
  opacity: 0.16;
}
.tick text {
  text-anchor: middle;
  fill: currentColor;
  font-variant-numeric: tabular-nums;
}
.lane {
  fill: currentColor;
  font-weight: 700;
}
.bar rect {
  stroke: rgb(var(--v-theme-primary));
  stroke-width: 1.5;
}
.hands rect,
.oven rect {
  fill: rgb(var(--v-theme-secondary));
  stroke: rgb(var(--v-theme-secondary));
}
.preheat rect {
  fill: none;
}
.hold rect {
  fill: rgb(var(--v-theme-primary));
}
.hold text {
  fill: rgb(var(--v-theme-background));
}
.fridge rect {
  fill: rgba(var(--v-theme-primary), 0.14);
}
.bar text {
  text-anchor: middle;
  fill: currentColor;
  font-weight: 700;
  paint-order: stroke;
  stroke: rgb(var(--v-theme-background));
  stroke-width: 9px;
}
.bar .number {
  stroke: none;
}
.bar.hands .number,
.bar.oven .number {
  fill: rgb(var(--v-theme-background));
}
.bar.hold text {
  fill: rgb(var(--v-theme-background));
  stroke: none;
}
</style>
