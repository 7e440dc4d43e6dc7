<script setup lang="ts">
import { ref } from 'vue'
import type { TableLook } from '@/api/types'
import type { Mapping } from './useBook'

/** Which column of a table that was kept elsewhere is what, before it is taken in. */
const props = defineProps<{ name: string; look: TableLook }>()
const emit = defineEmits<{ read: [as: Mapping]; take: []; leave: [] }>()
const words: Record<string, string> = {
  date: 'the day',
  name: 'its name',
  meat: 'what was cooked',
  pieces: 'how many pieces',
  kg: 'weight in kg',
  minutes: 'minutes',
  release: 'how it was vented',
  celsius: 'temperature in °C',
  notes: 'a note',
}
// What was chosen by hand stays chosen, however late the server answers.
const chosen = ref<Mapping>({})
const shown = (column: TableLook['columns'][number]) => chosen.value[column.name] ?? column.readAs ?? ''
function read(column: string, field: string) {
  chosen.value = { ...chosen.value, [column]: field }
  emit('read', { ...Object.fromEntries(props.look.columns.map((c) => [c.name, shown(c)])), [column]: field })
}
</script>

<template>
  <section class="mapping" aria-label="Columns of the table">
    <h2>What is what in {{ name }}?</h2>
    <ul>
      <li v-for="column in look.columns" :key="column.name">
        <label>
          <b>{{ column.name }}</b>
          <span>{{ column.examples.filter((e) => e !== '').join(' · ') || 'nothing in it' }}</span>
          <select
            :aria-label="`Column ${column.name}`"
            :value="shown(column)"
            @change="read(column.name, ($event.target as HTMLSelectElement).value)"
          >
            <option value="">leave it out</option>
            <option v-for="field in look.fields" :key="field" :value="field">{{ words[field] ?? field }}</option>
          </select>
        </label>
      </li>
    </ul>
    <p role="status">
      <b>{{ look.rows }} {{ look.rows === 1 ? 'cook' : 'cooks' }}</b> can be taken in<template
        v-if="look.refused.length"
        >; not these:</template
      ><template v-else-if="look.rows === 0">: say which column tells what was cooked.</template>
    </p>
    <ul v-if="look.refused.length" class="refused">
      <li v-for="row in look.refused.slice(0, 5)" :key="row">{{ row }}</li>
    </ul>
    <p class="acts">
      <v-btn class="tall" variant="flat" color="primary" :disabled="look.rows === 0" @click="emit('take')"
        >Take them in</v-btn
      >
      <v-btn class="tall" variant="text" @click="emit('leave')">Leave it</v-btn>
    </p>
  </section>
</template>

<style scoped>
.mapping {
  display: grid;
  gap: 10px;
  padding: 14px;
  border: 2px solid rgba(var(--v-theme-on-background), 0.5);
  border-radius: 12px;
}
h2 {
  font-size: 1.15rem;
  overflow-wrap: anywhere;
}
ul {
  list-style: none;
  margin: 0;
  padding: 0;
}
.refused {
  font-size: 0.9rem;
}
label {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 12em);
  gap: 0 10px;
  align-items: center;
  padding: 6px 0;
  overflow-wrap: anywhere;
}
label span {
  font-size: 0.9rem;
}
select {
  grid-column: 2;
  grid-row: 1 / span 2;
  min-height: 48px;
  padding: 0 10px;
  color: inherit;
  background: rgb(var(--v-theme-surface));
  border: 1px solid rgba(var(--v-theme-on-background), 0.5);
  border-radius: 10px;
}
p {
  margin: 0;
}
.acts {
  display: flex;
  gap: 8px;
}
</style>
