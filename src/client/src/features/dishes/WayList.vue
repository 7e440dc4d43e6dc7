<script setup lang="ts">
import { computed } from 'vue'
import type { DishView, WayId } from '@/api/types'

/** In one go or at its best: both on one scale of minutes, what each thing becomes, and one touch to change over. */
const props = defineProps<{ ways: DishView['ways']; nameOf: (key: string) => string }>()
const emit = defineEmits<{ way: [WayId] }>()
const names: Record<WayId, string> = { 'one-go': 'In one go', best: 'At its best' }
const shown = computed(() => [...props.ways].sort((a, b) => a.stages.length - b.stages.length))
const longest = computed(() => Math.max(...props.ways.map((way) => way.totalMinutes.p50)))
const share = (of: number) => `${((100 * of) / longest.value).toFixed(1)}%`
const times = (count: number) => (count === 1 ? 'once' : count === 2 ? 'twice' : 'three times')
</script>

<template>
  <div class="two" role="group" aria-label="Two ways to cook it">
    <button
      v-for="way in shown"
      :key="way.id"
      type="button"
      class="way"
      :aria-pressed="way.id === ways[0]!.id"
      :data-testid="`way-${way.id}`"
      @click="emit('way', way.id)"
    >
      <span class="head">
        <b>{{ names[way.id] }}</b>
        <span class="minutes"
          ><span class="figure">{{ Math.round(way.totalMinutes.p50) }}</span> min, {{ times(way.stages.length) }} under
          the lid</span
        >
      </span>
      <span class="band" aria-hidden="true">
        <template v-for="(stage, i) in way.stages" :key="i">
          <span class="up" :style="{ width: share(stage.toPressureMinutes.p50) }"></span>
          <span class="held" :style="{ width: share(stage.minutes) }">{{ stage.minutes }}</span>
          <span class="up" :style="{ width: share(stage.releaseMinutes.p50) }"></span>
        </template>
        <span v-if="way.openMinutes > 0" class="open" :style="{ width: share(way.openMinutes) }"></span>
      </span>
      <span class="words">{{ way.words }}</span>
      <span v-if="way.openMinutes > 0" class="words"
        >then in the open pot:
        {{
          way.stirredIn
            .filter((s) => s.minutes > 0)
            .map((s) => `${nameOf(s.key)} ${s.minutes} min`)
            .join(', ')
        }}</span
      >
    </button>
  </div>
</template>

<style scoped>
.two {
  display: grid;
  gap: 8px;
}
.way {
  display: grid;
  gap: 6px;
  padding: 10px 14px;
  min-height: 72px;
  text-align: left;
  color: inherit;
  border: 2px solid rgba(var(--v-theme-on-surface), 0.25);
  border-radius: 12px;
}
.way[aria-pressed='true'] {
  border-color: rgb(var(--v-theme-primary));
  box-shadow: inset 6px 0 rgb(var(--v-theme-primary));
}
.head {
  display: flex;
  flex-wrap: wrap;
  gap: 2px 12px;
  justify-content: space-between;
  align-items: baseline;
}
.head b {
  font-family: var(--display);
  font-size: 1.2rem;
  font-weight: 560;
}
.figure {
  font-family: var(--display);
  font-size: 1.5rem;
}
.band {
  display: flex;
  height: 26px;
}
.band > span {
  display: grid;
  place-items: center;
  font-size: 0.9rem;
  overflow: hidden;
}
.up {
  background: rgba(var(--v-theme-primary), 0.2);
}
.held {
  background: rgb(var(--v-theme-primary));
  color: rgb(var(--v-theme-on-primary));
}
.open {
  border: 2px dashed rgb(var(--v-theme-secondary));
}
</style>
