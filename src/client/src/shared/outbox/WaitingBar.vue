<script setup lang="ts">
import { computed } from 'vue'
import { clockTime } from '@/shared/units/format'
import { useOutbox } from './useOutbox'
import { forgetTorn, torn } from './keptList'
import { isBegin, isDish, isOfCook, isOfStore, isPlan, refused, stuck, type Waiting } from './waiting'

/** What was done here and has not arrived: each with why, to be tried again or given up one by one. */
const { again, flush, giveUp } = useOutbox()
const spoken = (word: string) => word.replaceAll('-', ' ')
function words(what: Waiting): string {
  if (isBegin(what)) return `${what.called}, begun`
  if (isPlan(what)) return `the plan ${what.called}`
  if (isOfCook(what)) return `${spoken(what.kind)}${what.at === null ? '' : `, ${clockTime(what.at)}`}`
  if (isOfStore(what)) return what.to === 'undo' ? 'a move taken back' : `moved: ${spoken(what.to)}`
  return isDish(what) ? `the dish ${what.body.name}` : 'settings of the kitchen'
}
const all = computed(() => [
  ...refused.list.value.map((r) => ({ ...r, isRefused: true })),
  ...stuck.value.map((s) => ({ ...s, isRefused: false })),
])
</script>

<template>
  <details v-if="all.length || torn !== null" class="waiting" :open="torn !== null">
    <summary>
      {{ all.length === 0 ? 'Something kept here cannot be read' : `Not arrived yet: ${all.length}` }}
    </summary>
    <p v-if="torn !== null">
      Part of what was kept in this browser was torn and is set aside; all else goes on. Look whether the pot and the
      cold store are as you left them.
      <v-btn class="tall" variant="text" @click="forgetTorn">I have looked</v-btn>
    </p>
    <ul aria-label="Not arrived yet">
      <li v-for="{ what, why, isRefused } in all" :key="what.clientId">
        <span
          ><b>{{ words(what) }}</b> <small>{{ isRefused ? 'Not taken.' : 'Waits.' }} {{ why }}</small></span
        >
        <v-btn class="tall" variant="outlined" @click="isRefused ? again(what.clientId) : flush()">Try again</v-btn>
        <v-btn class="tall" variant="text" @click="giveUp(what.clientId)">Give it up</v-btn>
      </li>
    </ul>
  </details>
</template>

<style scoped>
.waiting {
  margin: 0 0 12px;
  padding: 4px 14px;
  border: 1px dashed rgba(var(--v-theme-on-background), 0.6);
  border-radius: 10px;
}
summary {
  min-height: 48px;
  display: flex;
  align-items: center;
  font-weight: 600;
  cursor: pointer;
}
ul {
  list-style: none;
  margin: 0;
  padding: 0;
}
li {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 12px;
  align-items: center;
}
li span {
  flex: 1 1 220px;
}
</style>
