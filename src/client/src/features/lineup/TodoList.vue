<script setup lang="ts">
import { computed } from 'vue'
import type { LineUpTask } from '@/api/types'
import { clockTime } from '@/shared/units/format'
import { listed } from './lanes'

/** What to do, in order, with the day where it changes. Only what somebody does or waits for; the pot's own stages are in the picture. */
const props = defineProps<{ tasks: readonly LineUpTask[] }>()
const todo = computed(() => listed(props.tasks))
const dayOf = (task: LineUpTask) =>
  new Date(task.start).toLocaleDateString('en-GB', { weekday: 'long', day: 'numeric', month: 'long' })
const isNewDay = (i: number) => i === 0 || dayOf(todo.value[i]!) !== dayOf(todo.value[i - 1]!)
</script>

<template>
  <ol class="todo" aria-label="What to do, in order">
    <template v-for="(task, i) in todo" :key="task.id">
      <li v-if="isNewDay(i)" class="day">{{ dayOf(task) }}</li>
      <li :class="{ hands: task.handsOn }">
        <time :datetime="task.start">{{ clockTime(task.start) }}</time>
        <b class="number">{{ i + 1 }}</b>
        <span>{{ task.text }}</span>
      </li>
    </template>
  </ol>
</template>

<style scoped>
.todo {
  list-style: none;
  padding: 0;
  margin: 0;
}
.todo li {
  display: grid;
  grid-template-columns: 72px 28px 1fr;
  gap: 12px;
  padding: 9px 0;
  border-top: 1px solid rgba(var(--v-theme-on-background), 0.25);
}
.todo .day {
  display: block;
  font-family: var(--display);
  font-size: 1.1rem;
}
.todo time {
  font-size: 1.2rem;
  font-weight: 700;
  font-variant-numeric: tabular-nums;
}
.todo li:not(.hands, .day) span {
  font-style: italic;
}
@media print {
  .todo li {
    padding: 3px 0;
    font-size: 0.85rem;
    line-height: 1.3;
  }
  .todo time {
    font-size: 1rem;
  }
}
</style>
