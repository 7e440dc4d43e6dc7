<script setup lang="ts">
import { computed } from 'vue'
import type { Plan, Release } from '@/api/types'
import { releaseWords } from '@/shared/words/words'

/** The ways to let the pressure go, each with the minutes it needs and what it costs. */
const props = defineProps<{ options: Plan['releases']; chosen: Release | null }>()
const emit = defineEmits<{ choose: [Release] }>()
const usable = computed(() => props.options.filter((o) => o.minutes !== null))
const same = (release: Release) =>
  release.kind === props.chosen?.kind && release.restMinutes === props.chosen.restMinutes
</script>

<template>
  <table v-if="usable.length > 1" class="releases">
    <caption>
      Ways to let the pressure go
    </caption>
    <thead>
      <tr>
        <th scope="col"><span class="sr-only">How</span></th>
        <th scope="col">set</th>
        <th scope="col">until open</th>
        <th scope="col">juice lost</th>
      </tr>
    </thead>
    <tbody>
      <tr v-for="option in usable" :key="releaseWords(option.release)" :class="{ chosen: same(option.release) }">
        <th scope="row">
          <button type="button" :aria-pressed="same(option.release)" @click="emit('choose', option.release)">
            {{ releaseWords(option.release) }}
          </button>
        </th>
        <td>{{ option.minutes }} <small>min</small></td>
        <td>{{ Math.round(option.totalMinutes) }} <small>min</small></td>
        <td>{{ option.waterLossPercent.toFixed(0) }} <small>%</small></td>
      </tr>
    </tbody>
  </table>
</template>

<style scoped>
.releases {
  border-collapse: collapse;
  width: 100%;
  font-variant-numeric: tabular-nums;
}
caption {
  text-align: left;
  font-family: var(--display);
  font-size: 1.1rem;
  padding-bottom: 2px;
}
thead th {
  font-size: 0.85rem;
  font-weight: 400;
  text-align: right;
}
td {
  text-align: right;
  white-space: nowrap;
  padding-left: 10px;
}
tbody tr {
  border-top: 1px solid rgba(var(--v-theme-on-background), 0.3);
}
tbody th {
  text-align: left;
  font-weight: 400;
}
button {
  min-height: 48px;
  text-align: left;
  cursor: pointer;
}
button:hover {
  text-decoration: underline;
}
.chosen th,
.chosen td {
  font-weight: 700;
}
.chosen button::before {
  content: '▸ ';
}
</style>
