<script setup lang="ts">
import type { DishItemBody, DishView, TriedLid } from '@/api/types'
import { releaseWords } from '@/shared/words/words'
import { useCatalogue } from '@/shared/catalogue/useCatalogue'
import { text, type Units } from '@/shared/units/format'

/** What goes into the pot together, one after the other, as strips under the lid. */
const props = defineProps<{ solved: DishView; items: readonly DishItemBody[]; units: Units }>()
const emit = defineEmits<{ lidTried: [TriedLid]; arrange: [string[][] | null] }>()
const { findCut, companions } = useCatalogue()

function nameOf(key: string) {
  const item = props.items.find((i) => i.key === key)
  if (!item?.load) return companions.value.find((c) => c.id === item?.id)?.name.toLowerCase() ?? key
  const cut = findCut(item.load.cut)
  return (item.load.pieces === 1 ? cut?.name : cut?.plural) ?? key
}
const arrange = (order: NonNullable<DishView['runnerUp']>) =>
  emit('arrange', props.solved.isWanted ? null : order.stages.map((s) => [...s.items]))
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
    <p v-else-if="solved.totalMinutes" class="total">
      <b>{{ times[solved.stages.length] }} under the lid</b>, {{ Math.round(solved.totalMinutes.p50) }} min, at most
      {{ Math.ceil(solved.totalMinutes.p95) }} in 19 of 20.
    </p>
    <ol>
      <li v-for="(stage, i) in solved.stages" :key="i" class="stage" data-testid="stage">
        <p class="minutes">
          <b>{{ stage.minutes }}</b> <small>min</small>
          <span>{{ releaseWords(stage.release) }} · {{ text(units.volume(stage.liquidMl)) }} thin liquid</span>
        </p>
        <ul>
          <li v-for="outcome in stage.outcomes" :key="outcome.key" :class="['outcome', outcome.verdict]">
            <span class="mark" aria-hidden="true"></span>
            {{ nameOf(outcome.key) }}: {{ words[outcome.verdict]
            }}<template v-if="outcome.coldestP01 !== null"
              >, at least <span class="figure">{{ text(units.atLeast(outcome.coldestP01)) }}</span> in the
              middle</template
            >
          </li>
        </ul>
        <p v-for="warning in stage.warnings" :key="warning.code" class="mind">{{ warning.text }}</p>
        <details>
          <summary>Why</summary>
          {{ stage.why }}
        </details>
      </li>
    </ol>
    <p v-if="solved.stirIn.length > 0"><b>Stir in at the end:</b> {{ solved.stirIn.map(nameOf).join(', ') }}.</p>
    <section v-if="solved.suggestions.length > 0" class="fewer">
      <h3>To fill the pot less often</h3>
      <ul>
        <li v-for="s in solved.suggestions" :key="s.change">
          {{ s.change }}
          <small>{{ times[s.stages]?.toLowerCase() }}, {{ Math.round(s.totalMinutes.p50) }} min</small>
        </li>
      </ul>
    </section>
    <p v-if="solved.runnerUp" class="next">
      {{ solved.isWanted ? 'Ikuzo would:' : 'Next best:' }}
      {{ solved.runnerUp.stages.map((s) => `${s.items.map(nameOf).join(' with ')} ${s.minutes} min`).join(', then ') }},
      {{ Math.round(solved.runnerUp.totalMinutes.p50) }} min in all.
      <v-btn class="tried" variant="outlined" @click="arrange(solved.runnerUp)">Do it like that</v-btn>
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
.total {
  font-size: 1.1rem;
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
h3 {
  font-family: var(--display);
  font-size: 1.1rem;
  font-weight: 560;
}
.fewer small {
  white-space: nowrap;
}
</style>
