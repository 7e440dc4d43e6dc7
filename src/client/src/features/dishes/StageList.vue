<script setup lang="ts">
import { mdiArrowDown, mdiArrowUp } from '@mdi/js'
import { computed, ref } from 'vue'
import type { DishItemBody, DishView, TriedLid, WayId } from '@/api/types'
import { releaseWords } from '@/shared/words/words'
import { useCatalogue } from '@/shared/catalogue/useCatalogue'
import { text, type Units } from '@/shared/units/format'
import WayList from './WayList.vue'

/** What goes into the pot together, one after the other, as strips under the lid. */
const props = defineProps<{ solved: DishView; items: readonly DishItemBody[]; units: Units }>()
const emit = defineEmits<{ lidTried: [TriedLid]; arrange: [string[][] | null]; way: [WayId] }>()
const { findCut, companions } = useCatalogue()

function nameOf(key: string) {
  const item = props.items.find((i) => i.key === key)
  if (!item?.load) return companions.value.find((c) => c.id === item?.id)?.name.toLowerCase() ?? key
  const cut = findCut(item.load.cut)
  return (item.load.pieces === 1 ? cut?.name : cut?.plural) ?? key
}
// Stages by hand: a thing is taken up, by finger or by key, and put down in another row or on its own.
const held = ref<string | null>(null)
const now = computed(() => props.solved.stages.map((s) => [...s.items]))
const without = (key: string) => now.value.map((s) => s.filter((k) => k !== key))
const settle = (stages: string[][]) => {
  held.value = null
  emit(
    'arrange',
    stages.filter((s) => s.length > 0),
  )
}
const putInto = (row: number) =>
  held.value && settle(without(held.value).map((s, i) => (i === row ? [...s, held.value!] : s)))
const putAlone = (before: number) => {
  if (!held.value) return
  const rest = without(held.value)
  settle([...rest.slice(0, before), [held.value], ...rest.slice(before)])
}
const moveRow = (row: number, by: number) => {
  const rows = [...now.value]
  const [moved] = rows.splice(row, 1)
  rows.splice(row + by, 0, moved!)
  settle(rows)
}
const mostStages = 3
const total = computed(() => props.solved.ways[0]?.totalMinutes ?? props.solved.totalMinutes)
const stirred = ({ minutes, simmers }: DishView['stirredIn'][number]) =>
  minutes === 0
    ? ''
    : simmers
      ? `, ${minutes} min at a simmer, the lid loosely on`
      : `, ${minutes} min in the heat that is left`
const times = ['Never', 'Once', 'Twice', 'Three times']
const words: Record<string, string> = { 'in-window': 'just right', over: 'past its best', under: 'short' }
</script>

<template>
  <div class="stages">
    <p v-if="solved.impossible" role="alert" class="stop">
      <b>No arrangement works.</b> {{ solved.impossible.why }}
      <v-btn
        v-if="solved.impossible.lidToTry"
        class="tried"
        variant="outlined"
        @click="emit('lidTried', solved.impossible.lidToTry)"
      >
        I tried it: the lid closes
      </v-btn>
    </p>
    <template v-else-if="total">
      <p class="set" aria-label="Minutes to set">
        <span v-for="(stage, i) in solved.stages" :key="i"
          ><small v-if="i > 0">then </small><span class="figure">{{ stage.minutes }}</span> <small>min</small></span
        >
      </p>
      <p class="total">
        <b>{{ times[solved.stages.length] }} under the lid</b>, {{ Math.round(total.p50) }} min, at most
        {{ Math.ceil(total.p95) }} in 19 of 20.
      </p>
    </template>
    <slot />
    <WayList v-if="solved.ways.length > 1" :ways="solved.ways" :name-of="nameOf" @way="emit('way', $event)" />
    <p v-if="held" role="status" class="holding">
      <b>{{ nameOf(held) }}</b>: where does it go?
      <v-btn v-if="solved.stages.length < mostStages" class="tried" variant="outlined" @click="putAlone(0)"
        >Alone, first</v-btn
      >
      <v-btn
        v-if="solved.stages.length < mostStages"
        class="tried"
        variant="outlined"
        @click="putAlone(solved.stages.length)"
        >Alone, last</v-btn
      >
      <v-btn class="tried" @click="held = null">Leave it</v-btn>
    </p>
    <ol>
      <li
        v-for="(stage, i) in solved.stages"
        :key="i"
        :class="['stage', { target: held && !stage.items.includes(held), alone: solved.stages.length === 1 }]"
        data-testid="stage"
        @dragover.prevent
        @drop.prevent="putInto(i)"
      >
        <p class="minutes">
          <b>{{ stage.minutes }}</b> <small>min</small>
          <span
            >{{ releaseWords(stage.release) }} · {{ text(units.volume(stage.liquidMl)) }} thin liquid<template
              v-if="stage.readyAtFirst != null"
            >
              · then measure</template
            ></span
          >
        </p>
        <ul>
          <li v-for="outcome in stage.outcomes" :key="outcome.key" :class="['outcome', outcome.verdict]">
            <span class="mark" aria-hidden="true"></span>
            <button
              type="button"
              class="take"
              draggable="true"
              :aria-pressed="held === outcome.key"
              :aria-label="`Move ${nameOf(outcome.key)}`"
              @click="held = held === outcome.key ? null : outcome.key"
              @dragstart="held = outcome.key"
              @dragend="held = null"
            >
              ⠿
            </button>
            {{ nameOf(outcome.key) }}{{ outcome.how ? `, ${outcome.how}` : '' }}:
            {{ outcome.word ?? words[outcome.verdict]
            }}<template v-if="outcome.coldestP01 !== null"
              >{{ stage.readyAtFirst == null ? ', at least' : '; measure when you open, it may be' }}
              <span class="figure">{{ text(units.atLeast(outcome.coldestP01)) }}</span> in the middle</template
            >
          </li>
        </ul>
        <p v-if="held && !stage.items.includes(held)">
          <v-btn class="tried" variant="outlined" @click="putInto(i)">Put it in here</v-btn>
        </p>
        <p v-if="solved.stages.length > 1 && !held" class="order">
          <v-btn v-if="i > 0" :icon="mdiArrowUp" :aria-label="`Earlier: time ${i + 1}`" @click="moveRow(i, -1)" />
          <v-btn
            v-if="i < solved.stages.length - 1"
            :icon="mdiArrowDown"
            :aria-label="`Later: time ${i + 1}`"
            @click="moveRow(i, 1)"
          />
        </p>
        <p v-for="warning in stage.warnings" :key="warning.code" class="mind">{{ warning.text }}</p>
        <details>
          <summary>Why</summary>
          {{ stage.why }}
        </details>
      </li>
    </ol>
    <p v-if="solved.stirredIn.length > 0">
      <b>In the open pot at the end:</b> {{ solved.stirredIn.map((s) => `${nameOf(s.key)}${stirred(s)}`).join(', ') }}.
    </p>
    <section v-if="solved.suggestions.length > 0" class="fewer">
      <h2>What would help most</h2>
      <ul>
        <li v-for="s in solved.suggestions" :key="s.change">
          {{ s.change }}
          <small>{{ times[s.stages]?.toLowerCase() }}, {{ Math.round(s.totalMinutes.p50) }} min</small>
        </li>
      </ul>
    </section>
    <p v-if="solved.isWanted && solved.runnerUp" class="next">
      Ikuzo would:
      {{ solved.runnerUp.stages.map((s) => `${s.items.map(nameOf).join(' with ')} ${s.minutes} min`).join(', then ') }},
      {{ Math.round(solved.runnerUp.totalMinutes.p50) }} min in all.
      <v-btn class="tried" variant="outlined" @click="emit('arrange', null)">Do it like that</v-btn>
    </p>
  </div>
</template>

<style scoped>
ol,
ul {
  list-style: none;
  padding: 0;
  margin: 0;
}
p {
  margin: 0;
}
.stages {
  display: grid;
  gap: 12px;
}
.set {
  display: flex;
  flex-wrap: wrap;
  align-items: baseline;
  gap: 0 12px;
  font-family: var(--display);
  line-height: 1;
}
.set .figure {
  font-size: min(4rem, 17vw);
  font-weight: 560;
  letter-spacing: -0.03em;
}
.set small {
  font-size: 1rem;
}
/* Of one time under the lid the number stands above already. */
.alone .minutes > :is(b, small) {
  display: none;
}
.total {
  font-size: 1.1rem;
}
.holding {
  border: 2px dashed rgb(var(--v-theme-secondary));
  border-radius: 12px;
  padding: 8px 12px;
}
.stage.target {
  outline: 2px dashed rgb(var(--v-theme-secondary));
  outline-offset: 3px;
}
.take {
  min-width: 44px;
  min-height: 44px;
  cursor: grab;
  font-size: 1.2rem;
  color: inherit;
}
.take[aria-pressed='true'] {
  font-weight: 700;
  box-shadow: inset 0 -4px rgb(var(--v-theme-secondary));
}
.order {
  display: flex;
}
.stage {
  display: grid;
  gap: 4px;
  border-left: 6px solid rgb(var(--v-theme-primary));
  padding: 2px 0 6px 14px;
  margin-bottom: 14px;
}
.minutes b {
  font-family: var(--display);
  font-size: 2.6rem;
  font-weight: 560;
  line-height: 1;
}
.minutes span {
  display: block;
}
.outcome {
  padding-left: 24px;
}
.mark {
  display: inline-block;
  margin: 0 8px -1px -24px;
  width: 14px;
  height: 14px;
  border: 2px solid rgb(var(--v-theme-primary));
  border-radius: 3px;
}
.in-window .mark {
  background: rgb(var(--v-theme-success));
  border-color: rgb(var(--v-theme-success));
}
.over .mark {
  background: radial-gradient(currentColor 1.5px, transparent 2px) 0 0 / 5px 5px;
}
.mind {
  border: 1px dashed currentColor;
  border-radius: 8px;
  padding: 6px 12px;
  margin: 10px 0;
}
.tried {
  display: block;
  margin-top: 8px;
  min-height: 48px;
}
.figure {
  white-space: nowrap;
}
summary {
  min-height: 32px;
  cursor: pointer;
  text-decoration: underline;
}
h2 {
  font-family: var(--display);
  font-size: 1.1rem;
  font-weight: 560;
}
.fewer small {
  white-space: nowrap;
}
</style>
