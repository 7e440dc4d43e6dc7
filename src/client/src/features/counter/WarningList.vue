<script lang="ts">
/** How loud a warning is, in a word. */
export const words = { stop: 'Stop', caution: 'Look out', note: 'Good to know' }
</script>

<script setup lang="ts">
import { mdiAlertOctagonOutline, mdiAlertOutline, mdiInformationOutline } from '@mdi/js'
import { computed, ref } from 'vue'
import type { Mend, Warning } from '@/api/types'

const props = defineProps<{ warnings: readonly Warning[] }>()
const emit = defineEmits<{ confirm: [string]; mend: [Mend] }>()
const icons = { stop: mdiAlertOctagonOutline, caution: mdiAlertOutline, note: mdiInformationOutline }
const hard = computed(() => props.warnings.filter((w) => w.level !== 'note'))
/** Those whose reason was asked for: on a phone a warning is its act, so that the answer stays in sight. */
const reasoned = ref<string[]>([])
const notes = computed(() => props.warnings.filter((w) => w.level === 'note'))
</script>

<template>
  <ul v-if="hard.length" class="warnings" aria-label="Before you start">
    <li v-for="w in hard" :key="w.code" :class="['warning', w.level]" :data-code="w.code">
      <v-icon :icon="icons[w.level]" aria-hidden="true" />
      <p>
        <strong>{{ words[w.level] }}. {{ w.text }}</strong>
        <span class="because" :class="{ asked: reasoned.includes(w.code) }">{{ ` ${w.because}` }}</span>
        <button
          v-if="w.because && !reasoned.includes(w.code)"
          type="button"
          class="reason"
          @click="reasoned = [...reasoned, w.code]"
        >
          Why?
        </button>
      </p>
      <v-btn v-if="w.isToConfirm" class="done" variant="outlined" @click="emit('confirm', w.code)">{{
        w.confirmWith
      }}</v-btn>
      <v-btn v-for="m in w.mends" :key="m.text" class="done" variant="outlined" @click="emit('mend', m)">{{
        m.text
      }}</v-btn>
    </li>
  </ul>
  <details v-if="notes.length" class="notes">
    <summary>{{ notes.length }} more to know</summary>
    <ul>
      <li v-for="w in notes" :key="w.code" :data-code="w.code">
        <strong>{{ w.text }}</strong> {{ w.because }}
      </li>
    </ul>
  </details>
</template>

<style scoped>
.warnings {
  list-style: none;
  padding: 0;
  margin: 0 0 8px;
  display: grid;
  gap: 8px;
}
.warning {
  display: flex;
  flex-wrap: wrap;
  gap: 12px;
  align-items: center;
  padding: 10px 14px;
  border-radius: 12px;
  border: 2px solid currentColor;
}
.warning p {
  margin: 0;
  flex: 1 1 14rem;
}
.warning.stop {
  border-color: rgb(var(--v-theme-secondary));
  background: repeating-linear-gradient(-45deg, transparent 0 10px, rgba(var(--v-theme-secondary), 0.1) 10px 14px);
}
.warning.caution {
  border-style: dashed;
}
.done {
  min-height: 48px;
  height: auto;
  max-width: 100%;
  padding-block: 8px;
}
.done :deep(.v-btn__content) {
  white-space: normal;
}
.notes summary {
  min-height: 40px;
  line-height: 40px;
  cursor: pointer;
  text-decoration: underline;
}
.notes li {
  margin-bottom: 6px;
}
.reason {
  display: none;
}
@media (max-width: 700px) {
  .warning {
    gap: 6px 12px;
    padding: 4px 12px;
    font-size: 0.95rem;
    line-height: 1.25;
  }
  .warning > :deep(.v-icon) {
    display: none; /* its first word says the same */
  }
  .warning p {
    flex-basis: 9rem;
  }
  .because:not(.asked) {
    display: none;
  }
  .reason {
    display: inline-block;
    padding: 12px 10px; /* as tall as a finger, in a line as tall as its words */
    margin-block: -12px;
    text-decoration: underline;
    cursor: pointer;
  }
}
</style>
