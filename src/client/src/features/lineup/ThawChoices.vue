<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed } from 'vue'
import { api, unwrap } from '@/api/client'
import { asBody, type Request, type ThawWay } from '@/api/types'
import { sameWhileEqual } from '@/shared/ui/sameWhileEqual'

/** Ways to get frozen meat into the pot, each with what the engine computes and what the rule of thumb says. */
const props = defineProps<{ request: Request }>()
const chosen = defineModel<ThawWay>({ required: true })
const body = sameWhileEqual(() => props.request)
const { data: choices } = useQuery({
  queryKey: ['thaw', computed(() => JSON.stringify(body.value))],
  queryFn: async () => unwrap(await api.POST('/api/lineup/thaw', { body: asBody(body.value) })),
  placeholderData: (before) => before,
})
const titles: Record<NonNullable<ThawWay>, string> = {
  none: 'Cook it frozen',
  fridge: 'Thaw in the fridge',
  'cold-water': 'Thaw in cold water',
}
const time = (hours: number | null) =>
  hours === null ? '…' : hours < 2 ? `${Math.round(hours * 60)} min` : `${Math.round(hours)} h`
</script>

<template>
  <fieldset class="thaw">
    <legend>It is frozen</legend>
    <label v-for="choice in choices" :key="choice.thaw.way ?? 'none'" :class="{ chosen: chosen === choice.thaw.way }">
      <input v-model="chosen" type="radio" name="thaw" :value="choice.thaw.way" />
      <span class="title">{{ titles[choice.thaw.way ?? 'none'] }}</span>
      <span class="takes">
        <template v-if="choice.thaw.way !== 'none'">
          <b>{{ time(choice.thaw.hours) }}</b> before, then
        </template>
        <b>{{ choice.cookMinutes ? `${Math.round(choice.cookMinutes.p50)} min` : 'no safe cook' }}</b> under the lid
      </span>
      <small>
        computed {{ time(choice.thaw.computedHours) }}, rule of thumb {{ time(choice.thaw.ruleHours) }}.
        {{ choice.thaw.how }}
      </small>
    </label>
  </fieldset>
</template>

<style scoped>
.thaw {
  border: 0;
  padding: 0;
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(260px, 1fr));
  gap: 10px;
}
legend {
  font-family: var(--display);
  font-size: 1.1rem;
  padding: 0;
}
label {
  display: grid;
  grid-template-columns: 34px 1fr;
  gap: 2px 4px;
  align-content: start;
  min-height: 72px;
  padding: 10px 12px;
  border: 1px solid rgba(var(--v-theme-on-background), 0.4);
  border-radius: 12px;
  cursor: pointer;
}
label.chosen {
  border: 3px solid rgb(var(--v-theme-primary));
  padding: 8px 10px;
}
input {
  appearance: auto;
  width: 22px;
  height: 22px;
  accent-color: rgb(var(--v-theme-secondary));
}
.title {
  font-weight: 700;
}
.takes,
small {
  grid-column: 2;
}
@media print {
  .thaw {
    display: none;
  }
}
</style>
