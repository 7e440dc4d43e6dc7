<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed, ref } from 'vue'
import { api, unwrap } from '@/api/client'
import { asBody, type Request } from '@/api/types'
import { text, type Units } from '@/shared/units/format'

/** What the closed pot does to the meat of somebody who comes late. Computed when it is asked for. */
const props = defineProps<{ request: Request; units: Units }>()
const open = ref(false)
const { data: late } = useQuery({
  queryKey: ['late', computed(() => JSON.stringify(props.request))],
  queryFn: async () => unwrap(await api.POST('/api/plans/late', { body: asBody(props.request) })),
  enabled: open,
  retry: false,
  placeholderData: (before) => before,
})
const after = (minutes: number) => (minutes === 0 ? 'at once' : minutes < 60 ? `${minutes} min` : `${minutes / 60} h`)
const hot = computed(() => {
  const { hotUntilMinutes, keepWarmCelsius } = late.value ?? {}
  if (hotUntilMinutes == null) return `The pot keeps it at ${text(props.units.temperature(keepWarmCelsius ?? 0))}.`
  return `It is no longer hot after ${hotUntilMinutes} min; from then it has two hours.`
})
</script>

<template>
  <details class="late" @toggle="open = ($event.target as HTMLDetailsElement).open">
    <summary>Somebody comes late</summary>
    <template v-if="late">
      <p>Leave the pot closed. {{ hot }}</p>
      <table>
        <thead>
          <tr>
            <th scope="col">after the pin</th>
            <th scope="col">middle</th>
            <th scope="col">lean meat loses</th>
            <th scope="col">meat that</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="moment in late.moments" :key="moment.minutes">
            <th scope="row">{{ after(moment.minutes) }}</th>
            <td>{{ text(units.temperature(moment.coreCelsius)) }}</td>
            <td>{{ moment.waterLossPercent.toFixed(0) }} <small>%</small></td>
            <td>{{ moment.label }}</td>
          </tr>
        </tbody>
      </table>
    </template>
  </details>
</template>

<style scoped>
summary {
  min-height: 48px;
  padding-top: 11px;
  cursor: pointer;
  text-decoration: underline;
}
p {
  margin: 0 0 6px;
}
table {
  border-collapse: collapse;
  font-variant-numeric: tabular-nums;
}
td,
th {
  text-align: left;
  font-weight: 400;
  padding: 6px 22px 6px 0;
  border-top: 1px solid rgba(var(--v-theme-on-background), 0.25);
}
td:not(:last-child) {
  white-space: nowrap;
}
td:last-child {
  font-weight: 700;
}
@media (max-width: 700px) {
  td,
  th {
    padding-right: 14px;
  }
}
</style>
