<script setup lang="ts">
import { mdiBookOpenVariant, mdiGestureTap, mdiRuler, mdiScaleBalance } from '@mdi/js'
import { computed, ref } from 'vue'
import type { Assumption } from '@/api/types'

/** What is known, what is our judgement, and what is only a scale. */
const props = defineProps<{ assumptions: readonly Assumption[] }>()
const kinds = [
  { id: 'exact', name: 'rule', icon: mdiScaleBalance },
  { id: 'literature', name: 'published', icon: mdiBookOpenVariant },
  { id: 'estimate', name: 'our estimate', icon: mdiGestureTap },
  { id: 'index', name: 'a scale, not a measure', icon: mdiRuler },
] as const
const shown = ref<string | null>(null)
const kindOf = (a: Assumption) => kinds.find((k) => k.id === a.standing)!
const headings = computed(() =>
  [...new Set(props.assumptions.map((a) => a.about))]
    .map((about) => ({
      about,
      rows: props.assumptions.filter((a) => a.about === about && (!shown.value || a.standing === shown.value)),
    }))
    .filter((h) => h.rows.length > 0),
)
const mostOpen = 20
/** The mark already says that it is an estimate. */
const reason = (source: string) => source.replace(/^estimate(: )?/, '')
const count = (id: string) => props.assumptions.filter((a) => a.standing === id).length
</script>

<template>
  <div class="kinds" role="group" aria-label="Show only">
    <button
      v-for="kind in kinds"
      :key="kind.id"
      type="button"
      :aria-pressed="shown === kind.id"
      @click="shown = shown === kind.id ? null : kind.id"
    >
      <v-icon :icon="kind.icon" aria-hidden="true" /> {{ count(kind.id) }} {{ kind.name }}
    </button>
  </div>
  <details v-for="heading in headings" :key="heading.about" :open="heading.rows.length <= mostOpen">
    <summary>
      {{ heading.about }} <small v-if="heading.rows.length > mostOpen">{{ heading.rows.length }}</small>
    </summary>
    <table class="figures">
      <tbody>
        <tr v-for="row in heading.rows" :key="row.name">
          <th scope="row">{{ row.name }}</th>
          <td class="value">{{ row.value }}</td>
          <td class="kind">
            <v-icon :icon="kindOf(row).icon" size="small" aria-hidden="true" /> {{ kindOf(row).name }}
          </td>
          <td class="source">{{ reason(row.source) }}</td>
        </tr>
      </tbody>
    </table>
  </details>
</template>

<style scoped>
.kinds {
  display: flex;
  flex-wrap: wrap;
  gap: 6px 10px;
  margin: 8px 0;
}
.kinds button {
  min-height: 48px;
  padding: 0 14px;
  border: 1px solid rgba(var(--v-theme-on-background), 0.5);
  border-radius: 10px;
  cursor: pointer;
}
.kinds button[aria-pressed='true'] {
  background: rgb(var(--v-theme-primary));
  color: rgb(var(--v-theme-background));
}
.figures {
  width: 100%;
  border-collapse: collapse;
  font-size: 0.95rem;
  margin-top: 14px;
}
summary {
  font-family: var(--display);
  font-size: 1.15rem;
  min-height: 48px;
  padding-top: 12px;
  cursor: pointer;
}
.figures tr {
  border-top: 1px solid rgba(var(--v-theme-on-background), 0.25);
}
.figures th {
  text-align: left;
  font-weight: 400;
  width: 34%;
}
.figures th,
.figures td {
  padding: 5px 12px 5px 0;
  vertical-align: top;
}
.value {
  font-weight: 700;
  width: 18%;
}
.kind {
  white-space: nowrap;
  width: 16%;
}
@media (max-width: 700px) {
  .figures tr {
    display: grid;
    grid-template-columns: 1fr auto;
  }
  .figures th,
  .value,
  .kind {
    width: auto;
  }
  .source {
    grid-column: 1 / -1;
  }
}
</style>
