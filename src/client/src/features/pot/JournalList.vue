<script setup lang="ts">
import { ref } from 'vue'
import type { CookView } from '@/api/types'
import NumberField from '@/shared/fields/NumberField.vue'
import { clockTime, type Units } from '@/shared/units/format'
import { entryWords, isAct, type Entry } from './words'

/** What happened, newest first. Anything can be undone, or moved to when it really was. */
defineProps<{ cook: CookView; units: Units }>()
const emit = defineEmits<{ undo: [string]; move: [{ of: string; at: string }] }>()
const moving = ref<string | null>(null)
const minutes = ref<number | null>(4)
const earlier = { least: 0.5, most: 240 }

function move(e: Entry) {
  emit('move', { of: e.id, at: new Date(Date.parse(e.at) - minutes.value! * 60_000).toISOString() })
  moving.value = null
}
</script>

<template>
  <ol class="journal" reversed>
    <li v-for="e in [...cook.events].reverse().filter(isAct)" :key="e.id" :class="{ gone: !e.standing }">
      <time :datetime="e.at">{{ clockTime(e.at) }}</time>
      <span
        >{{ entryWords(cook, e, units) }}
        <small v-if="e.data.saidAt">said to be at {{ clockTime(e.data.saidAt) }}, which cannot be</small></span
      >
      <template v-if="e.standing && e.kind !== 'clock-set'">
        <v-btn class="tall" @click="moving = moving === e.id ? null : e.id">It was earlier</v-btn>
        <v-btn class="tall" :aria-label="`Undo: ${entryWords(cook, e, units)}`" @click="emit('undo', e.id)">Undo</v-btn>
      </template>
      <form v-if="moving === e.id" class="move" @submit.prevent="move(e)">
        <NumberField v-model="minutes" label="Minutes earlier" :limit="earlier" :step="0.5" needed />
        <v-btn type="submit" class="tall" variant="outlined">Correct</v-btn>
      </form>
    </li>
  </ol>
</template>

<style scoped>
.journal {
  --target: 48px;
  list-style: none;
  padding: 0;
  margin: 0;
}
li {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 4px 12px;
  min-height: 56px;
  border-top: 1px solid rgba(var(--v-theme-on-background), 0.25);
}
li > span {
  flex: 1;
}
time {
  font-weight: 700;
  font-variant-numeric: tabular-nums;
}
.gone span {
  text-decoration: line-through;
}
.move {
  flex: 1 1 100%;
  display: flex;
  gap: 12px;
  align-items: end;
  padding-bottom: 8px;
}
</style>
