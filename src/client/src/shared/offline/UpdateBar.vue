<script setup lang="ts">
import { computed } from 'vue'
import { useCooks } from '@/shared/cooks/useCooks'
import { useUpdate } from './useUpdate'

/** Offers a new version, never in the middle of a cook. */
const { isWaiting, take } = useUpdate()
const { active } = useCooks()
const isOffered = computed(() => isWaiting.value && active.value.length === 0)
</script>

<template>
  <p v-if="isOffered" class="update" role="status">
    A new version of Ikuzo is here.
    <v-btn class="tall" variant="text" @click="take(true)">Take it now</v-btn>
  </p>
</template>

<style scoped>
.update {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 4px 12px;
  margin: 0 0 12px;
  padding-left: 14px;
  border: 1px solid rgba(var(--v-theme-on-background), 0.5);
  border-radius: 10px;
}
</style>
