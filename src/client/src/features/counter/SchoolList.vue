<script setup lang="ts">
import { mdiAlertOctagonOutline, mdiCheckCircleOutline, mdiTimerAlertOutline } from '@mdi/js'
import type { Plan } from '@/api/types'
import { releaseWords } from '@/shared/words/words'

type School = Plan['schools'][number]

/** What other cooks would set, each judged by the same computation. */
defineProps<{ schools: readonly School[] }>()
const emit = defineEmits<{ follow: [School] }>()
const icons = { short: mdiAlertOctagonOutline, safe: mdiCheckCircleOutline, long: mdiTimerAlertOutline }
</script>

<template>
  <section v-if="schools.length" aria-labelledby="schools-title">
    <h2 id="schools-title" class="title">Other cooks would say</h2>
    <ul class="schools">
      <li v-for="school in schools" :key="school.id" :class="school.verdict">
        <button type="button" class="school" :data-school="school.id" @click="emit('follow', school)">
          <v-icon :icon="icons[school.verdict]" aria-hidden="true" />
          <span>
            <b>{{ school.name }}: {{ school.minutes }} min.</b> {{ releaseWords(school.release) }}.
            <span class="consequence">{{ school.consequence }}</span>
          </span>
        </button>
      </li>
    </ul>
  </section>
</template>

<style scoped>
.title {
  font-family: var(--display);
  font-size: 1.3rem;
  font-weight: 560;
}
.schools {
  list-style: none;
  padding: 0;
  margin: 6px 0 0;
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(min(340px, 100%), 1fr));
  gap: 0 24px;
}
.schools li {
  border-top: 1px solid rgba(var(--v-theme-on-background), 0.35);
}
.school {
  width: 100%;
  min-height: 56px;
  padding: 8px 0;
  display: flex;
  gap: 12px;
  align-items: center;
  text-align: left;
  cursor: pointer;
}
.school:hover b {
  text-decoration: underline;
}
.consequence {
  display: block;
  font-size: 0.95rem;
}
.short .v-icon {
  color: rgb(var(--v-theme-secondary));
}
.safe .v-icon {
  color: rgb(var(--v-theme-success));
}
</style>
