<script setup lang="ts">
import { computed } from 'vue'
import type { StorePlace, StoreView } from '@/api/types'
import { dayWords } from '@/shared/store/useStore'
import type { Units } from '@/shared/units/format'
import { amountWords, moveNames, placeNames } from './words'

/** One thing in the cold: what it is, until when, and where it may go. */
const props = defineProps<{ item: StoreView; units: Units; chosen: boolean; asked: boolean }>()
const emit = defineEmits<{ choose: []; cook: []; move: [to: StorePlace, portions: number | null] }>()
const isDish = computed(() => props.item.kind !== 'raw')
const until = computed(() =>
  props.item.useBy === null ? '' : `${props.item.isQuality ? 'best until' : 'use by'} ${dayWords(props.item.useBy)}`,
)
const canCook = computed(() => props.item.kind === 'raw' && props.item.cut !== null && props.item.urgency !== 'past')
const goneWords = computed(() =>
  props.item.urgency === 'past' ? 'Thrown away' : isDish.value ? 'Eaten up' : 'Used up',
)
const weekday = (instant: string) => new Date(instant).toLocaleDateString('en-GB', { weekday: 'long' })
const parts = computed(() => (props.item.portions ?? 0) > 1)
</script>

<template>
  <li class="row" :class="[item.urgency, { asked, quality: item.isQuality }]">
    <label class="tick" :title="`Label for ${item.name}`">
      <input type="checkbox" :checked="chosen" :aria-label="`Label for ${item.name}`" @change="emit('choose')" />
    </label>
    <div class="what">
      <h3>
        {{ item.name }} <small>{{ amountWords(item, units) }}</small>
      </h3>
      <p class="to-do">{{ item.toDo }}</p>
      <p class="when">
        <b>{{ placeNames[item.place] }}</b> since {{ dayWords(item.since) }} · {{ until }}
        <template v-if="item.takeOut">
          · for dinner on {{ weekday(item.takeOut.for) }} take it out by {{ dayWords(item.takeOut.by) }}</template
        >
      </p>
      <details>
        <summary>Why this day</summary>
        <p>{{ item.why }}</p>
      </details>
    </div>
    <div class="acts">
      <v-btn v-if="canCook" class="tall" variant="flat" color="primary" @click="emit('cook')">Plan it</v-btn>
      <template v-for="to in item.moves" :key="to">
        <v-btn v-if="to !== 'gone'" class="tall" variant="outlined" @click="emit('move', to, null)">{{
          moveNames[to]
        }}</v-btn>
      </template>
      <v-btn v-if="parts" class="tall" variant="outlined" @click="emit('move', 'gone', 1)">One box eaten</v-btn>
      <v-btn class="tall" variant="text" @click="emit('move', 'gone', null)">{{ goneWords }}</v-btn>
    </div>
  </li>
</template>

<style scoped>
.row {
  display: grid;
  grid-template-columns: auto minmax(0, 1fr) auto;
  gap: 4px 14px;
  padding: 12px 0 12px 14px;
  border-top: 1px solid rgba(var(--v-theme-on-background), 0.35);
  border-left: 8px solid transparent;
}
.today {
  border-left-color: rgb(var(--v-theme-secondary));
}
.past {
  border-left-color: rgb(var(--v-theme-secondary));
  background: repeating-linear-gradient(-45deg, transparent 0 9px, rgba(var(--v-theme-secondary), 0.16) 9px 12px);
}
.soon {
  border-left: 8px double rgb(var(--v-theme-secondary));
}
.asked {
  outline: 3px solid rgb(var(--v-theme-secondary));
  outline-offset: 2px;
}
h3 {
  font-size: 1.2rem;
}
small {
  font-weight: 400;
  font-size: 0.95rem;
  font-variant-numeric: tabular-nums;
}
p {
  margin: 0;
}
.past .to-do,
.today:not(.quality) .to-do {
  font-weight: 700;
}
.tick {
  align-self: start;
}
summary {
  min-height: 48px;
  padding-top: 12px;
  cursor: pointer;
  font-size: 0.9rem;
}
.acts {
  display: flex;
  flex-wrap: wrap;
  align-content: flex-start;
  justify-content: flex-end;
  gap: 8px;
  max-width: 420px;
}
@media (max-width: 760px) {
  .row {
    grid-template-columns: auto minmax(0, 1fr);
  }
  .acts {
    grid-column: 1 / -1;
    justify-content: flex-start;
  }
}
</style>
