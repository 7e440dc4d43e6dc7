<script setup lang="ts">
import { computed } from 'vue'

/** Open, closed, open: the beat of venting in bursts. */
const props = defineProps<{ openSeconds: number; closedSeconds: number; sinceMs: number }>()
const beat = computed(() => (props.sinceMs / 1000) % (props.openSeconds + props.closedSeconds))
const isOpen = computed(() => beat.value < props.openSeconds)
const left = computed(() =>
  Math.ceil(isOpen.value ? props.openSeconds - beat.value : props.openSeconds + props.closedSeconds - beat.value),
)
</script>

<template>
  <p class="coach" :class="{ open: isOpen }">
    <b>{{ isOpen ? 'Open' : 'Close' }}</b> <span>{{ left }}</span>
  </p>
</template>

<style scoped>
.coach {
  display: inline-flex;
  gap: 20px;
  align-items: baseline;
  justify-self: start;
  margin: 6px 0;
  padding: 6px 22px;
  border: 3px solid rgb(var(--v-theme-secondary));
  border-radius: 14px;
  font-family: var(--display);
  font-size: 2.6rem;
  line-height: 1.2;
}
.open {
  background: rgb(var(--v-theme-secondary));
  color: rgb(var(--v-theme-background));
}
span {
  font-variant-numeric: tabular-nums;
}
</style>
