<script setup lang="ts">
import { useId } from 'vue'

/** A field: its name above what is typed, and under it what is wrong. */
defineProps<{ label: string; error?: string | null | undefined; hideLabel?: boolean }>()
const why = useId()
</script>

<template>
  <div class="frame">
    <label class="field">
      <span :class="{ 'sr-only': hideLabel }">{{ label }}</span>
      <slot :aria="{ 'aria-invalid': error ? true : undefined, 'aria-describedby': error ? why : undefined }" />
    </label>
    <p v-if="error" :id="why" role="alert" class="why">{{ error }}</p>
  </div>
</template>

<style scoped>
.frame {
  min-width: 0;
}
.why {
  margin: 2px 0 0;
  font-size: 0.95rem;
  font-weight: 700;
  color: rgb(var(--v-theme-error));
}
</style>
