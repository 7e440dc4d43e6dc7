<script setup lang="ts">
import { mdiArrowLeft } from '@mdi/js'
import { computed, toRef } from 'vue'
import { useRouter } from 'vue-router'
import type { BookItem } from '@/api/types'
import CurvePanel from '@/shared/cooks/CurvePanel.vue'
import { useCook } from '@/shared/cooks/useCook'
import { useDraft } from '@/shared/draft/useDraft'
import { useKitchen } from '@/shared/kitchen/useKitchen'
import { useStore } from '@/shared/store/useStore'
import { text } from '@/shared/units/format'
import { useAttempt } from '@/shared/ui/useAttempt'
import TastingForm from './TastingForm.vue'
import { useCookPage } from './useBook'
import { cookedOn, left, measured, whatWords } from './words'

/** A cook's page: what was planned beside what happened, its curve, how it ate, and again. */
const props = defineProps<{ id: string; others: readonly BookItem[]; quiet?: boolean }>()
defineEmits<{ remove: [item: BookItem] }>()
const { page, refresh, leaveOut } = useCookPage(toRef(props, 'id'))
const { units } = useKitchen()
const { open } = useDraft()
const { add } = useStore()
const { refusal, attempt } = useAttempt()
const router = useRouter()
const { cook } = useCook(toRef(props, 'id'))
const notes = computed(() => cook.value?.events.filter((e) => e.standing && e.kind === 'note') ?? [])
const readings = computed(() => {
  const lid = cook.value?.events.find((e) => e.standing && e.kind === 'lid-on')
  return (cook.value?.events ?? [])
    .filter((e) => e.standing && e.kind === 'reading' && lid && e.data.celsius !== null)
    .map((e) => ({ minutes: (Date.parse(e.at) - Date.parse(lid!.at)) / 60_000, celsius: e.data.celsius! }))
})
const one = (value: number, unit: string) =>
  unit === 'celsius' ? text(units.value.precise(value)) : `${Math.round(value * 10) / 10} ${unit}`
const compared = computed(() => props.others.filter((o) => o.id !== props.id).slice(0, 30))

function again() {
  if (!page.value) return
  const request = page.value.again
  open({ ...request, load: request.load ?? {}, pot: null })
  void router.push({ name: 'counter' })
}
const keepLeftovers = (what: 'cooked' | 'stock') =>
  attempt(async () => {
    const { item } = page.value!
    await add({
      kind: what,
      name: what === 'stock' ? `Stock of ${item.cutName}` : item.name,
      cut: what === 'stock' ? null : item.cut,
      portions: what === 'stock' ? null : 1,
      cookId: item.id,
      place: 'fridge',
    })
    await router.push({ name: 'cold' })
  })
const compare = (other: string) =>
  router.push({ name: 'book', params: { id: props.id }, query: other ? { beside: other } : {} })
</script>

<template>
  <article v-if="page" class="cook" :aria-label="page.item.name">
    <router-link v-if="!quiet" class="back" :to="{ name: 'book' }"
      ><v-icon :icon="mdiArrowLeft" aria-hidden="true" /> All cooks</router-link
    >
    <h2>{{ page.item.name }}</h2>
    <p class="line">
      {{ cookedOn(page.item.cookedAt) }} · {{ page.item.pieces }} {{ page.item.cutName }},
      {{ text(units.mass(page.item.totalKg)) }}{{ page.item.state === 'frozen' ? ', from frozen' : '' }} ·
      {{ left(page.item) }} ·
      <b>{{ measured(page.item, units) }}</b>
    </p>
    <p v-if="refusal" role="alert" class="stop">{{ refusal }}</p>
    <ul v-if="page.odd.length && !page.item.leftOut" class="odd" aria-label="Unlike the others">
      <li v-for="question in page.odd" :key="question">
        {{ question }}
        <v-btn class="tall" variant="outlined" @click="leaveOut(true)">Yes: learn nothing from it</v-btn>
      </li>
    </ul>
    <table>
      <caption class="sr-only">
        Planned beside happened
      </caption>
      <thead>
        <tr>
          <th scope="col"><span class="sr-only">what</span></th>
          <th scope="col">planned</th>
          <th scope="col">happened</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="row in page.beside" :key="row.what">
          <th scope="row">{{ whatWords(row.what) }}</th>
          <td>
            <template v-if="row.planned">
              {{ one(row.planned.p50, row.unit) }}
              <small v-if="row.planned.p95 > row.planned.p05 + 0.1"
                >{{ Math.round(row.planned.p05) }} to {{ Math.round(row.planned.p95) }}</small
              >
            </template>
          </td>
          <td>
            <b>{{ row.happened === null ? 'not seen' : one(row.happened, row.unit) }}</b>
          </td>
        </tr>
      </tbody>
    </table>
    <CurvePanel v-if="cook" :cook-id="cook.id" :units="units" :live="false" :readings="readings" />
    <ul v-if="notes.length" class="notes" aria-label="Notes">
      <li v-for="note in notes" :key="note.id">{{ note.data.text }}</li>
    </ul>
    <TastingForm v-if="!quiet" :page="page" @kept="refresh" />
    <div v-if="!quiet" class="acts">
      <v-btn class="tall" variant="flat" color="primary" @click="again">Again</v-btn>
      <v-btn class="tall" variant="outlined" @click="keepLeftovers('cooked')">Leftovers to the fridge</v-btn>
      <v-btn class="tall" variant="outlined" @click="keepLeftovers('stock')">Stock to the fridge</v-btn>
      <v-btn v-if="page.item.leftOut" class="tall" variant="outlined" @click="leaveOut(false)"
        >Learn from it again</v-btn
      >
      <v-btn v-else class="tall" variant="outlined" @click="leaveOut(true)">Learn nothing from it</v-btn>
      <v-btn class="tall" variant="text" @click="$emit('remove', page.item)">Remove it</v-btn>
      <label v-if="compared.length" class="field">
        Beside another
        <select @change="compare(($event.target as HTMLSelectElement).value)">
          <option value="">none</option>
          <option v-for="other in compared" :key="other.id" :value="other.id">
            {{ other.name }}, {{ cookedOn(other.cookedAt) }}
          </option>
        </select>
      </label>
    </div>
  </article>
</template>

<style scoped>
.cook {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 14px;
  align-content: start;
  min-width: 0;
}
.back {
  display: none;
  color: inherit;
  min-height: 48px;
  align-items: center;
  gap: 6px;
}
@media (max-width: 900px) {
  .back {
    display: inline-flex;
  }
}
h2 {
  font-family: var(--display);
  font-weight: 560;
  font-size: 1.8rem;
  line-height: 1.15;
}
p {
  margin: 0;
}
table {
  border-collapse: collapse;
  font-variant-numeric: tabular-nums;
}
th,
td {
  text-align: left;
  font-weight: 400;
  padding: 7px 12px 7px 0;
  border-top: 1px solid rgba(var(--v-theme-on-background), 0.25);
}
thead th {
  border: 0;
  font-size: 0.9rem;
}
.odd {
  list-style: none;
  margin: 0;
  padding: 0;
  display: grid;
  gap: 8px;
}
.odd li {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 10px;
  padding: 10px 14px;
  border: 2px dashed rgb(var(--v-theme-secondary));
  border-radius: 12px;
}
.notes {
  margin: 0;
  padding-left: 1.2em;
}
.acts {
  display: flex;
  flex-wrap: wrap;
  align-items: end;
  gap: 10px;
}
.acts .field {
  flex: 1 1 220px;
}
</style>
