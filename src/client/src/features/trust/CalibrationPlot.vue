<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { useElementSize } from '@vueuse/core'
import { scaleLinear } from 'd3-scale'
import { computed, useTemplateRef } from 'vue'
import { api, unwrap } from '@/api/client'
import ChartAxes from '@/shared/charts/ChartAxes.vue'
import ChartLegend from '@/shared/charts/ChartLegend.vue'
import { text, type Units } from '@/shared/units/format'

/** The household's own readings against what was foretold: on the line they agree. */
const props = defineProps<{ units: Units }>()
const { data } = useQuery({
  queryKey: ['calibration'],
  queryFn: async () => unwrap(await api.GET('/api/learned/calibration')),
})
const frame = useTemplateRef<HTMLElement>('frame')
const { width } = useElementSize(frame, { width: 640, height: 0 })
const height = 320
const margin = { left: 56, right: 16, top: 14, bottom: 36 }
const least = 50
const most = 110
const x = computed(() =>
  scaleLinear([least, most], [margin.left, Math.max(300, width.value) - margin.right]).clamp(true),
)
const y = scaleLinear([least, most], [height - margin.bottom, margin.top]).clamp(true)
const ticks = [50, 60, 70, 80, 90, 100]
const axes = computed(() => ({
  left: margin.left,
  right: Math.max(300, width.value) - margin.right,
  bottom: height,
  rows: ticks.map((t) => ({ at: y(t), text: text(props.units.temperature(t)), strong: false })),
  columns: ticks.map((t) => ({ at: x.value(t), text: text(props.units.temperature(t)) })),
}))
</script>

<template>
  <section aria-labelledby="calibration-title">
    <h2 id="calibration-title">Foretold against your thermometer</h2>
    <p v-if="data">{{ data.text }}</p>
    <figure v-if="data && data.readings > 0" ref="frame">
      <svg
        :width="Math.max(300, width)"
        :height="height"
        role="img"
        :aria-label="`Foretold across, read upwards. ${data.text}`"
      >
        <ChartAxes v-bind="axes" />
        <path :d="`M${x(least)} ${y(least)}L${x(most)} ${y(most)}`" class="same" />
        <g v-for="(point, i) in data.points" :key="i">
          <circle v-if="point.inside" :cx="x(point.p50)" :cy="y(point.seen)" r="4.5" class="inside" />
          <path v-else :d="`M${x(point.p50) - 5} ${y(point.seen) - 5}l10 10m0 -10l-10 10`" class="outside" />
        </g>
      </svg>
      <ChartLegend>
        <li>
          <svg width="14" height="14" aria-hidden="true"><circle cx="7" cy="7" r="4.5" class="inside" /></svg> inside
          the band
        </li>
        <li>
          <svg width="14" height="14" aria-hidden="true"><path d="M2 2l10 10m0 -10l-10 10" class="outside" /></svg>
          outside
        </li>
        <li>
          <svg width="26" height="12" aria-hidden="true"><path d="M0 6H26" class="same" /></svg> as foretold
        </li>
      </ChartLegend>
      <details>
        <summary>The same as a table</summary>
        <div class="scroll">
          <table>
            <thead>
              <tr>
                <th scope="col">cut</th>
                <th scope="col">read</th>
                <th scope="col">foretold</th>
                <th scope="col">98 of 100</th>
              </tr>
            </thead>
            <tbody>
              <tr v-for="(point, i) in data.points" :key="i">
                <th scope="row">{{ point.cut }}</th>
                <td>{{ text(units.precise(point.seen)) }}{{ point.inside ? '' : ', outside' }}</td>
                <td>{{ text(units.precise(point.p50)) }}</td>
                <td>{{ text(units.temperature(point.p01)) }} to {{ text(units.temperature(point.p99)) }}</td>
              </tr>
            </tbody>
          </table>
        </div>
      </details>
    </figure>
  </section>
</template>

<style scoped>
h2 {
  font-family: var(--display);
  font-weight: 560;
}
figure {
  margin: 0;
}
svg {
  display: block;
  font-size: 13px;
}
.same {
  stroke: rgba(var(--v-theme-on-background), 0.6);
  stroke-dasharray: 6 4;
  fill: none;
}
.inside {
  fill: rgb(var(--v-theme-secondary));
}
.outside {
  stroke: rgb(var(--v-theme-on-background));
  stroke-width: 2.5;
  fill: none;
}
summary {
  min-height: 48px;
  padding-top: 12px;
  cursor: pointer;
}
.scroll {
  max-height: 320px;
  overflow: auto;
}
table {
  border-collapse: collapse;
  font-variant-numeric: tabular-nums;
}
th,
td {
  text-align: left;
  font-weight: 400;
  padding: 4px 16px 4px 0;
}
</style>
