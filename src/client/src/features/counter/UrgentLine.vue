<script setup lang="ts">
import { mdiFridgeAlertOutline } from '@mdi/js'
import { computed } from 'vue'
import type { StoreView } from '@/api/types'
import { useDraft } from '@/shared/draft/useDraft'
import { loadOf, useStore } from '@/shared/store/useStore'

/** What must be used today, in one line; raw meat is planned with one touch. */
const { items } = useStore()
const { draft, open } = useDraft()
const urgent = computed(() =>
  items.value.filter(
    (i) => (i.urgency === 'past' || i.urgency === 'today') && !i.isQuality && i.id !== draft.value.storeId,
  ),
)
const first = computed(() => urgent.value.find((i) => i.urgency === 'today') ?? urgent.value[0])
const more = computed(() => urgent.value.length - 1)
const canPlan = (item: StoreView) => item.kind === 'raw' && item.cut !== null && item.urgency === 'today'
const plan = (item: StoreView) => open({ load: loadOf(item) }, null, item.id)
</script>

<template>
  <p v-if="first" class="urgent" data-testid="urgent">
    <v-icon :icon="mdiFridgeAlertOutline" aria-hidden="true" />
    <span>
      <b>{{ first.toDo }}</b>
      <router-link v-if="more > 0" :to="{ name: 'cold' }">and {{ more }} more</router-link>
    </span>
    <v-btn v-if="canPlan(first)" class="tall" variant="outlined" @click="plan(first)">Plan it</v-btn>
    <router-link v-else-if="more === 0" :to="{ name: 'cold' }">Cold store</router-link>
  </p>
</template>

<style scoped>
.urgent {
  display: flex;
  align-items: center;
  gap: 6px 14px;
  margin: 0;
  padding: 2px 12px;
  border-left: 6px solid rgb(var(--v-theme-secondary));
}
.urgent > span {
  min-width: 0;
}
a {
  display: inline-flex;
  align-items: center;
  min-height: 48px;
}
</style>
