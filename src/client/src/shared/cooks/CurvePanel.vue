<script setup lang="ts">
import { useQuery, useQueryClient } from '@tanstack/vue-query'
import { useElementSize } from '@vueuse/core'
import { computed, useTemplateRef } from 'vue'
import { api, unwrap } from '@/api/client'
import { useCatalogue } from '@/shared/catalogue/useCatalogue'
import ChartAxes from '@/shared/charts/ChartAxes.vue'
import ChartLegend from '@/shared/charts/ChartLegend.vue'
import { pickedFile } from '@/shared/ui/pickedFile'
import { useAttempt } from '@/shared/ui/useAttempt'
import { text, type Units } from '@/shared/units/format'
import { drawCurves, margin } from './curves'

/** What was expected, with what thermometers measured drawn over it. A log of any thermometer can be brought in. */
const props = defineProps<{
  cookId: string
  units: Units
  live: boolean
  /** Readings of the thermometer, over minutes since lid-on. */
  readings?: readonly { minutes: number; celsius: number }[]
}>()
const height = 300
const pollMs = 5000
const client = useQueryClient()
const { safety } = useCatalogue()
const key = computed(() => ['curves', props.cookId])
const { data } = useQuery({
  queryKey: key,
  queryFn: async () => unwrap(await api.GET('/api/cooks/{id}/curves', { params: { path: { id: props.cookId } } })),
  refetchInterval: () => (props.live ? pollMs : false),
})
const frame = useTemplateRef<HTMLElement>('frame')
const picker = useTemplateRef<HTMLInputElement>('picker')
const { width } = useElementSize(frame, { width: 800, height: 0 })
const { refusal, attempt } = useAttempt()
const drawing = computed(() =>
  data.value ? drawCurves(data.value, Math.max(300, width.value), height, props.units.degrees) : null,
)
const grid = [0, 25, 50, 100]
const axes = computed(() => {
  if (!drawing.value) return null
  const { x, y } = drawing.value
  const row = (celsius: number, strong: boolean) => ({
    at: y(props.units.degrees(celsius)),
    text: text(props.units.temperature(celsius)),
    strong,
  })
  return {
    left: margin.left,
    right: width.value - margin.right,
    bottom: height,
    rows: [...grid.map((t) => row(t, false)), ...(safety.value ? [row(safety.value.coreCelsius, true)] : [])],
    columns: x.ticks(8).map((m) => ({ at: x(m), text: String(m) })),
  }
})

function take(event: Event) {
  const file = pickedFile(event)
  if (!file) return
  void attempt(async () => {
    if (file.size > 1_048_576) throw new Error('This file is larger than 1 MB. Thin it out.')
    const answer = await api.POST('/api/cooks/{id}/temperatures', {
      params: { path: { id: props.cookId } },
      body: await file.text(),
      bodySerializer: String,
      headers: { 'Content-Type': 'text/csv' },
    })
    client.setQueryData(key.value, unwrap(answer))
  })
}
</script>

<template>
  <figure ref="frame" class="curves">
    <svg
      v-if="drawing"
      :width="width"
      :height="height"
      role="img"
      aria-label="Temperatures over minutes since lid-on: expected band of the coldest spot, expected pot, and what was measured"
    >
      <ChartAxes v-if="axes" v-bind="axes" />
      <path :d="drawing.band" class="band" />
      <path :d="drawing.pot" class="pot" />
      <path :d="drawing.coldest" class="coldest" />
      <path
        v-for="channel in drawing.channels"
        :key="channel.name"
        :d="channel.path"
        class="measured"
        :stroke-dasharray="channel.dash"
      />
      <path
        v-for="(reading, i) in readings"
        :key="i"
        :d="`M${drawing.x(reading.minutes) - 6} ${drawing.y(units.degrees(reading.celsius))}h12m-6 -6v12`"
        class="reading"
      />
    </svg>
    <ChartLegend>
      <li>
        <svg width="26" height="12" aria-hidden="true"><rect width="26" height="12" class="band" /></svg> coldest spot,
        98 of 100
      </li>
      <li>
        <svg width="26" height="12" aria-hidden="true"><path d="M0 6H26" class="pot" /></svg> pot, expected
      </li>
      <li v-if="readings?.length">
        <svg width="26" height="14" aria-hidden="true"><path d="M7 7h12m-6 -6v12" class="reading" /></svg> thermometer
      </li>
      <li v-for="channel in drawing?.channels" :key="channel.name">
        <svg width="34" height="12" aria-hidden="true">
          <path d="M0 6H34" class="measured" :stroke-dasharray="channel.dash" />
        </svg>
        {{ channel.name }}
      </li>
    </ChartLegend>
    <p v-if="refusal" role="alert">{{ refusal }}</p>
    <v-btn class="tall" variant="outlined" @click="picker?.click()">Bring in a temperature log</v-btn>
    <input
      ref="picker"
      class="sr-only"
      type="file"
      accept=".csv,text/csv"
      aria-label="Temperature log"
      tabindex="-1"
      @change="take"
    />
  </figure>
</template>

<style scoped>
.curves {
  margin: 0;
}
svg {
  display: block;
  font-size: 13px;
}
.band {
  fill: rgba(var(--v-theme-secondary), 0.2);
}
.pot,
.coldest {
  fill: none;
  stroke: rgb(var(--v-theme-primary));
  stroke-width: 1.5;
  opacity: 0.7;
}
.coldest {
  stroke: rgb(var(--v-theme-secondary));
}
.reading {
  fill: none;
  stroke: rgb(var(--v-theme-on-background));
  stroke-width: 3;
}
.measured {
  fill: none;
  stroke: rgb(var(--v-theme-on-background));
  stroke-width: 2.6;
}
</style>
