<script setup lang="ts">
import { useQuery, useQueryClient } from '@tanstack/vue-query'
import { useElementSize } from '@vueuse/core'
import { computed, useTemplateRef } from 'vue'
import { api, unwrap } from '@/api/client'
import { useAttempt } from '@/shared/ui/useAttempt'
import { text, type Units } from '@/shared/units/format'
import { drawCurves, margin } from './curves'

/** What was expected, with what thermometers measured drawn over it. A log of any thermometer can be brought in. */
const props = defineProps<{ cookId: string; units: Units; live: boolean }>()
const height = 300
const pollMs = 5000
const client = useQueryClient()
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
const grid = [0, 25, 50, 74, 100]

function take(event: Event) {
  const input = event.target as HTMLInputElement
  const file = input.files?.[0]
  input.value = ''
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
      <g v-for="t in grid" :key="t" :class="['grid', { core: t === 74 }]">
        <line
          :x1="margin.left"
          :x2="width - margin.right"
          :y1="drawing.y(units.degrees(t))"
          :y2="drawing.y(units.degrees(t))"
        />
        <text :x="margin.left - 6" :y="drawing.y(units.degrees(t)) + 4" text-anchor="end">
          {{ text(units.temperature(t)) }}
        </text>
      </g>
      <text
        v-for="m in drawing.x.ticks(8)"
        :key="`m${m}`"
        :x="drawing.x(m)"
        :y="height - 12"
        class="tick"
        text-anchor="middle"
      >
        {{ m }}
      </text>
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
    </svg>
    <ul class="key">
      <li>
        <svg width="26" height="12" aria-hidden="true"><rect width="26" height="12" class="band" /></svg> coldest spot,
        98 of 100
      </li>
      <li>
        <svg width="26" height="12" aria-hidden="true"><path d="M0 6H26" class="pot" /></svg> pot, expected
      </li>
      <li v-for="channel in drawing?.channels" :key="channel.name">
        <svg width="34" height="12" aria-hidden="true">
          <path d="M0 6H34" class="measured" :stroke-dasharray="channel.dash" />
        </svg>
        {{ channel.name }}
      </li>
    </ul>
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
.grid line {
  stroke: currentColor;
  opacity: 0.18;
}
.grid.core line {
  stroke: rgb(var(--v-theme-success));
  stroke-width: 2;
  opacity: 1;
}
.grid text,
.tick {
  fill: currentColor;
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
.measured {
  fill: none;
  stroke: rgb(var(--v-theme-on-background));
  stroke-width: 2.6;
}
.key {
  list-style: none;
  display: flex;
  flex-wrap: wrap;
  gap: 2px 18px;
  padding: 0;
  margin: 0 0 8px;
  font-size: 0.95rem;
}
.key li {
  display: flex;
  align-items: center;
  gap: 8px;
}
</style>
