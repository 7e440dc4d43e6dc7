<script setup lang="ts">
import { computed, useId } from 'vue'
import type { Plan } from '@/api/types'
import { text, type Units } from '@/shared/units/format'
import { drawPot } from './pot'

/** The pot cut through the middle with this load, to scale: walls, lid, rack, pieces, liquid and marks. */
const props = defineProps<{ picture: NonNullable<Plan['picture']>; fit: Plan['fit']; units: Units }>()
const ripple = useId()
const bed = useId()
const drawing = computed(() => drawPot(props.picture))
const verdicts = { fits: 'fits', tight: 'only just fits', 'does-not-fit': 'does not fit' } as const
const label = computed(
  () =>
    `The pot with its load, to scale. It ${verdicts[props.fit.verdict]}. ${props.fit.why} Liquid stands ${text(props.units.length(props.picture.liquidMm))} high, the mark is at ${text(props.units.length(props.picture.fillMarkMm))}.`,
)
</script>

<template>
  <figure class="cut-away">
    <svg :viewBox="`0 0 ${drawing.width} ${drawing.height}`" role="img" :aria-label="label" data-testid="pot-picture">
      <defs>
        <pattern :id="ripple" width="16" height="8" patternUnits="userSpaceOnUse">
          <path d="M0 4 q4 -3 8 0 t8 0" class="ripple" />
        </pattern>
        <pattern :id="bed" width="9" height="9" patternUnits="userSpaceOnUse">
          <circle cx="3" cy="3" r="1.6" class="grain" />
          <circle cx="7.5" cy="7.5" r="1.2" class="grain" />
        </pattern>
      </defs>
      <rect v-bind="drawing.liquid" :fill="`url(#${ripple})`" class="liquid" />
      <rect v-bind="drawing.liquidAtEnd" class="later" />
      <rect v-if="picture.bedMm > 0" v-bind="drawing.bed" :fill="`url(#${bed})`" />
      <path v-if="drawing.rack" :d="drawing.rack" class="rack" />
      <ellipse v-for="(piece, i) in drawing.pieces" :key="i" v-bind="piece" class="piece" />
      <g v-for="mark in drawing.marks" :key="mark.name" class="mark">
        <line :x1="mark.x1" :x2="mark.x2" :y1="mark.y" :y2="mark.y" />
        <text :x="mark.x2 + 6" :y="mark.labelY">{{ mark.name }}</text>
      </g>
      <path :d="drawing.walls" class="walls" />
      <path :d="drawing.lid" class="lid" />
    </svg>
    <figcaption>
      <b>{{ fit.verdict === 'fits' ? 'Fits.' : fit.verdict === 'tight' ? 'Only just fits.' : 'Does not fit.' }}</b>
      {{ fit.why }}
      <template v-if="fit.alternatives.length">Better {{ fit.alternatives.join(', or ') }}.</template>
    </figcaption>
  </figure>
</template>

<style scoped>
.cut-away {
  margin: 0;
}
svg {
  display: block;
  width: 100%;
  max-width: 420px;
  height: auto;
  overflow: visible;
  font-size: 17px;
}
.walls {
  fill: none;
  stroke: currentColor;
  stroke-width: 4;
  stroke-linejoin: round;
  stroke-linecap: round;
}
.lid {
  fill: none;
  stroke: currentColor;
  stroke-width: 6;
  stroke-linecap: round;
}
.rack {
  fill: none;
  stroke: currentColor;
  stroke-width: 2;
}
.piece {
  fill: rgba(var(--v-theme-secondary), 0.28);
  stroke: rgb(var(--v-theme-secondary));
  stroke-width: 2;
}
.liquid {
  stroke: none;
}
.ripple {
  fill: none;
  stroke: currentColor;
  stroke-opacity: 0.55;
  stroke-width: 1.4;
}
.later {
  fill: none;
  stroke: currentColor;
  stroke-opacity: 0.6;
  stroke-dasharray: 3 4;
}
.grain {
  fill: currentColor;
  fill-opacity: 0.5;
}
.mark line {
  stroke: currentColor;
  stroke-width: 1.5;
}
.mark text {
  fill: currentColor;
}
figcaption {
  margin-top: 6px;
}
</style>
