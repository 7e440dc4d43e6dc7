<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed, ref } from 'vue'
import { api, unwrap } from '@/api/client'
import type { CookView } from '@/api/types'
import { useKitchen } from '@/shared/kitchen/useKitchen'
import { clockTime, text, type Units } from '@/shared/units/format'

/** After the pot: crisp, sauce, two hours, boxes. */
const props = defineProps<{ cook: CookView; now: number; units: Units }>()
const { unitSystem } = useKitchen()
const iceWater = ref(false)
const { data: after } = useQuery({
  queryKey: ['aftercare', computed(() => props.cook.id)],
  queryFn: async () => unwrap(await api.GET('/api/cooks/{id}/aftercare', { params: { path: { id: props.cook.id } } })),
})
const { data: courses } = useQuery({
  queryKey: ['cooling', iceWater],
  queryFn: async () => unwrap(await api.GET('/api/cooling', { params: { query: { iceWater: iceWater.value } } })),
  placeholderData: (before) => before,
})
const titles = { grill: 'Under the grill', oven: 'In the oven', 'heating-lid': 'Under a heating lid' } as const
const left = computed(() => (props.cook.state.outUntil ? Date.parse(props.cook.state.outUntil) - props.now : null))
const hotWords = computed(() =>
  after.value ? `, or kept at ${text(props.units.temperature(after.value.hotHoldingCelsius))} or more,` : '',
)
const outWords = computed(() =>
  left.value === null
    ? ''
    : left.value < 0
      ? 'It has been out too long. What was not kept hot is thrown away.'
      : `Into the fridge${hotWords.value} by ${clockTime(props.cook.state.outUntil!)}.`,
)
</script>

<template>
  <section class="after" aria-label="After the pot">
    <p v-if="left !== null" class="out" :class="{ late: left < 1_800_000 }" role="status">{{ outWords }}</p>
    <div class="panels">
      <article v-if="after?.crisping.length">
        <h3>Crisp the skin</h3>
        <details v-for="way in after?.crisping" :key="way.way">
          <summary>
            {{ titles[way.way] }} <b>{{ way.leastMinutes }} to {{ way.mostMinutes }}</b> <small>min</small>
          </summary>
          <p>{{ way.text }}</p>
          <ul>
            <li v-for="mind in way.mind" :key="mind">{{ mind }}</li>
          </ul>
        </details>
      </article>
      <article v-if="after?.liquid">
        <h3>Sauce</h3>
        <p>
          About <b>{{ text(units.volume(after.liquid.atEndMl.p50)) }}</b> in the pot. Keep it: it is stock. Take the fat
          off first. Stir starch into as much cold water:
        </p>
        <ul>
          <li v-for="way in after.liquid.thicken" :key="way.name">
            <b>{{
              text(unitSystem === 'us' ? units.volume(way.starchMl ?? 0) : units.mass(way.starchGrams / 1000))
            }}</b>
            {{ way.name }}
          </li>
        </ul>
      </article>
      <article v-if="after?.setAside.length">
        <h3>For another meal</h3>
        <ul>
          <li v-for="line in after.setAside" :key="line">{{ line }}</li>
        </ul>
        <p>In shallow boxes, with a clean spoon, before the rest is served.</p>
      </article>
      <article>
        <h3>Leftovers</h3>
        <label class="tick"><input v-model="iceWater" type="checkbox" /> box in ice water</label>
        <table>
          <caption class="sr-only">
            How leftovers cool by the depth of the box
          </caption>
          <thead>
            <tr>
              <th scope="col">deep</th>
              <th v-for="limit in after?.cooling" :key="limit.celsius" scope="col">
                to {{ text(units.temperature(limit.celsius)) }} <small>in {{ limit.hours }} h</small>
              </th>
              <th scope="col">in all</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="course in courses" :key="course.depthMm" :class="{ slow: !course.isInTime }">
              <th scope="row">{{ text(units.length(course.depthMm)) }}</th>
              <td>{{ course.toTepidHours.toFixed(1) }} <small>h</small></td>
              <td>{{ course.toColdHours.toFixed(1) }} <small>h</small></td>
              <td>{{ course.isInTime ? 'in time' : 'too slow' }}</td>
            </tr>
          </tbody>
        </table>
        <p>
          <small>{{ after?.keeping.join(' ') }}</small>
        </p>
      </article>
    </div>
  </section>
</template>

<style scoped>
.after {
  display: grid;
  gap: 14px;
}
.out {
  font-size: 1.2rem;
  margin: 0;
}
.late {
  font-weight: 700;
  border: 2px solid rgb(var(--v-theme-secondary));
  border-radius: 12px;
  padding: 10px 14px;
}
.panels {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(min(100%, 300px), 1fr));
  gap: 18px 32px;
}
h3 {
  font-family: var(--display);
  font-weight: 560;
}
summary {
  min-height: 48px;
  padding-top: 11px;
  cursor: pointer;
}
ul {
  padding-left: 1.2em;
  margin: 4px 0;
}
p {
  margin: 4px 0;
}
table {
  width: 100%;
  border-collapse: collapse;
  font-variant-numeric: tabular-nums;
}
td,
th {
  text-align: right;
  font-weight: 400;
  border-top: 1px solid rgba(var(--v-theme-on-background), 0.25);
  padding: 6px 4px;
}
tbody td:last-child {
  font-weight: 700;
}
.slow {
  background: repeating-linear-gradient(45deg, transparent 0 6px, rgba(var(--v-theme-secondary), 0.16) 6px 8px);
}
thead small {
  display: block;
  white-space: nowrap;
}
</style>
