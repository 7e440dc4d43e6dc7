<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed } from 'vue'
import { api, unwrap } from '@/api/client'
import { clockTime } from '@/shared/units/format'
import { timeZone } from '@/shared/units/timeZone'
import LanePicture from './LanePicture.vue'
import TodoList from './TodoList.vue'

/** What is left of a cook that is on. It moves with the pot: a late pin or a rescue moves the rest of dinner. */
const props = defineProps<{ id: string }>()
const again = 3000
const { data: lineUp } = useQuery({
  queryKey: ['cook-line-up', computed(() => props.id)],
  queryFn: async () =>
    unwrap(
      await api.GET('/api/cooks/{id}/lineup', { params: { path: { id: props.id }, query: { timeZone: timeZone() } } }),
    ),
  refetchInterval: again,
})
const served = computed(() => lineUp.value?.tasks.at(-1)?.end)
</script>

<template>
  <template v-if="lineUp && served">
    <p class="start" data-testid="on-the-table">
      On the table about <b>{{ clockTime(served) }}</b>.
    </p>
    <p v-for="line in lineUp.conflicts" :key="line" role="status" class="moved">{{ line }}</p>
    <LanePicture :tasks="lineUp.tasks" :served-at="new Date(served)" fixed />
    <TodoList :tasks="lineUp.tasks" />
    <div class="ways">
      <v-btn class="tall" variant="flat" color="primary" :to="{ name: 'pot', params: { id } }">To the pot</v-btn>
      <v-btn class="tall" variant="outlined" :href="`/api/cooks/${id}/lineup.ics`" download>To my calendar</v-btn>
    </div>
  </template>
</template>

<style scoped>
.start {
  font-family: var(--display);
  font-size: 1.6rem;
  line-height: 1.2;
  margin: 4px 0 0;
}
.moved {
  border-left: 6px solid rgb(var(--v-theme-secondary));
  padding: 2px 0 2px 14px;
  margin: 0;
  font-weight: 700;
}
.ways {
  display: flex;
  flex-wrap: wrap;
  gap: 12px;
}
</style>
