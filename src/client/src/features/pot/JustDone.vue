<script setup lang="ts">
import { useTimeoutFn } from '@vueuse/core'
import { computed, ref, watch } from 'vue'
import type { CookView } from '@/api/types'
import type { Units } from '@/shared/units/format'
import { entryWords, isAct } from './words'

/** What was done just now, and undo, in sight for a minute. */
const props = defineProps<{ cook: CookView; units: Units }>()
const emit = defineEmits<{ undo: [id: string] }>()
const shownMs = 60_000
const guardMs = 600 // a second touch of the same finger, which was meant for what stood here before
const seen = new Set<string>()
const newest = ref<string | null>(null)
let appeared = 0
const { start } = useTimeoutFn(() => (newest.value = null), shownMs, { immediate: false })
const acts = computed(() => props.cook.events.filter((e) => e.standing && isAct(e)))
const entry = computed(() => acts.value.find((e) => e.id === newest.value))

watch(
  () => [props.cook.id, acts.value.at(-1)?.id] as const,
  ([cook, last], before) => {
    const isNew = before !== undefined && cook === before[0] && last !== undefined && !seen.has(last)
    if (isNew) {
      newest.value = last
      appeared = Date.now()
      start()
    }
    props.cook.events.forEach((e) => seen.add(e.id))
  },
  { immediate: true },
)
const undo = () => entry.value && Date.now() - appeared > guardMs && emit('undo', entry.value.id)
</script>

<template>
  <p v-if="entry" class="just" role="status" data-testid="just-done">
    <span>Noted: {{ entryWords(cook, entry, units) }}</span>
    <button type="button" @click="undo">Undo it</button>
  </p>
</template>

<style scoped>
.just {
  display: flex;
  align-items: stretch;
  justify-content: space-between;
  gap: 12px;
  margin: 0;
  border-left: 5px solid rgb(var(--v-theme-primary));
  padding-left: 12px;
}
span {
  align-self: center;
  line-height: 1.2;
}
button {
  min-height: 56px;
  min-width: 108px;
  flex: none;
  font-weight: 700;
  text-decoration: underline;
  cursor: pointer;
  touch-action: manipulation;
}
</style>
