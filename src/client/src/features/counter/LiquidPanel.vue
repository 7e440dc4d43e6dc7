<script setup lang="ts">
import { computed } from 'vue'
import type { LiquidBudget, MeatYield } from '@/api/types'
import { text, type Units } from '@/shared/units/format'

/** The liquid as a sum, and what makes a sauce of it. */
const props = defineProps<{
  liquid: LiquidBudget
  eaten?: MeatYield
  minutes: number
  units: Units
  stockKeeps: string
}>()
const volume = (ml: number) => text(props.units.volume(ml))
const grams = (g: number) => text(props.units.mass(g / 1000))
const here = computed(() => props.liquid.overTime.find((p) => p.minutes === props.minutes))
const givenOff = computed(() => here.value?.givenOffMl ?? props.liquid.givenOffMl.p50)
const atEnd = computed(() => here.value?.inPotMl ?? props.liquid.atEndMl.p50)
const rows = computed(() =>
  [
    { what: 'you pour in', ml: props.liquid.putInMl, sign: '' },
    { what: 'meat and vegetables give', ml: givenOff.value, sign: '+' },
    { what: 'grain and pulses drink', ml: props.liquid.absorbedMl, sign: '−' },
    { what: 'goes as steam', ml: props.liquid.steamMl, sign: '−' },
  ].filter((row) => row.ml >= 1),
)
const full = computed(() => {
  const { fill } = props.liquid
  const litres = (l: number) => volume(l * 1000)
  return `${litres(fill.beforeLitres)} of liquid and food at the start, ${litres(fill.afterLitres)} at the end; the mark ${fill.swells ? 'for what foams ' : ''}is ${litres(fill.markLitres)}.`
})
</script>

<template>
  <section class="liquid" aria-labelledby="liquid-title">
    <h2 id="liquid-title">Liquid</h2>
    <table>
      <tbody>
        <tr v-for="row in rows" :key="row.what">
          <th scope="row">{{ row.what }}</th>
          <td>{{ row.sign }} {{ volume(row.ml) }}</td>
        </tr>
      </tbody>
      <tfoot>
        <tr>
          <th scope="row">in the pot when you open</th>
          <td data-testid="liquid-at-end">{{ volume(atEnd) }}</td>
        </tr>
      </tfoot>
    </table>
    <p>{{ full }}</p>
    <ul>
      <li v-if="eaten">
        To eat: about <b>{{ grams(eaten.cookedGrams) }}</b> of meat without skin and bone,
        {{ Math.max(1, Math.round(eaten.portions)) }} helpings.
      </li>
      <li v-if="liquid.fatMl >= 5">Skim about {{ volume(liquid.fatMl) }} of fat first.</li>
      <li v-if="liquid.thicken.length">
        To thicken, after pressure: starch in as much cold water,
        <span v-for="(way, i) in liquid.thicken" :key="way.name"
          >{{ i ? ', ' : '' }}<b>{{ grams(way.starchGrams) }}</b> {{ way.name }}</span
        >.
      </li>
      <li v-if="liquid.reduce">
        Or boil it down to {{ volume(liquid.reduce.toMl) }}: about <b>{{ liquid.reduce.minutes }} min</b>, lid off.
      </li>
      <li v-else-if="atEnd > 600">Keep what is left as stock. {{ stockKeeps }}</li>
    </ul>
  </section>
</template>

<style scoped>
h2 {
  font-family: var(--display);
  font-weight: 560;
  font-size: 1.1rem;
}
table {
  border-collapse: collapse;
  width: 100%;
  max-width: 420px;
  font-variant-numeric: tabular-nums;
}
th {
  text-align: left;
  font-weight: 400;
}
td {
  text-align: right;
  white-space: nowrap;
}
tfoot {
  border-top: 1px solid rgba(var(--v-theme-on-background), 0.4);
}
tfoot th,
tfoot td {
  font-weight: 700;
}
p {
  margin: 8px 0;
}
ul {
  margin: 0;
  padding-left: 1.2em;
}
</style>
