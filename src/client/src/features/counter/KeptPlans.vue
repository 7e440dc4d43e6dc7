<script setup lang="ts">
import { mdiBookmarkOutline, mdiClose } from '@mdi/js'
import { defineAsyncComponent, ref } from 'vue'
import type { Request, SavedPlan } from '@/api/types'
import TextField from '@/shared/fields/TextField.vue'
import { useKeptPlans } from './useKeptPlans'
import { releaseWords } from '@/shared/words/words'

const props = defineProps<{ request: Request; suggestion: string }>()
const emit = defineEmits<{ open: [SavedPlan] }>()
const { plans, unsentPlans, keep, remove, restore } = useKeptPlans()
const naming = ref(false)
const name = ref('')
const UndoBar = defineAsyncComponent(() => import('@/shared/ui/UndoBar.vue'))
const removed = ref<SavedPlan | null>(null)

function startNaming() {
  name.value = props.suggestion
  naming.value = true
}
async function keepIt() {
  await keep.mutateAsync({ name: name.value, request: props.request })
  naming.value = false
}
function drop(plan: SavedPlan) {
  removed.value = plan
  remove.mutate(plan.id)
}
function bringBack() {
  if (removed.value) restore.mutate(removed.value.id)
  removed.value = null
}
defineExpose({ startNaming })
</script>

<template>
  <section class="kept" aria-labelledby="kept-title">
    <div class="kept-head">
      <h2 id="kept-title">Kept plans</h2>
      <form v-if="naming" class="naming" @submit.prevent="keepIt">
        <TextField
          v-model="name"
          class="called"
          label="Name of the plan"
          :maxlength="80"
          autofocus
          :error="keep.error.value?.message"
          @keydown.esc="naming = false"
        />
        <v-btn type="submit" variant="flat" color="primary" class="tall" :disabled="!name.trim()">Keep</v-btn>
      </form>
      <v-btn v-else :prepend-icon="mdiBookmarkOutline" class="tall" @click="startNaming">Keep this plan</v-btn>
    </div>
    <ul class="cards">
      <li v-for="plan in unsentPlans" :key="plan.planId" class="card waits">
        <span class="name">{{ plan.called }}</span>
        <span class="what">kept here until the server is back</span>
      </li>
      <li v-for="plan in plans" :key="plan.id" class="card">
        <button type="button" class="open" @click="emit('open', plan)">
          <span class="name">{{ plan.name }}</span>
          <span v-if="plan.minutes !== null" class="what"
            ><b>{{ plan.minutes }}</b> min · {{ releaseWords(plan.release) }}</span
          >
          <span v-else class="what">stopped: look again</span>
        </button>
        <v-btn :icon="mdiClose" size="small" :aria-label="`Remove ${plan.name}`" @click="drop(plan)" />
      </li>
    </ul>
    <UndoBar v-if="removed" :text="`Removed “${removed.name}”.`" @undo="bringBack" @gone="removed = null" />
  </section>
</template>

<style scoped>
.kept-head {
  display: flex;
  align-items: center;
  justify-content: space-between;
  gap: 12px;
  flex-wrap: wrap;
}
.kept-head h2 {
  font-family: var(--display);
  font-size: 1.3rem;
  font-weight: 560;
  margin: 0;
}
.naming {
  display: flex;
  gap: 8px;
  align-items: end;
  flex: 1;
  max-width: 520px;
}
.called {
  flex: 1;
}
.cards {
  list-style: none;
  padding: 0;
  margin: 4px 0 0;
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(min(280px, 100%), 1fr));
  gap: 0 24px;
}
.card {
  display: flex;
  align-items: center;
  border-top: 1px solid rgba(var(--v-theme-on-background), 0.35);
}
.waits {
  flex-direction: column;
  align-items: start;
  justify-content: center;
  min-height: 60px;
}
.open {
  flex: 1;
  min-height: 60px;
  text-align: left;
  cursor: pointer;
}
.open:hover .name {
  text-decoration: underline;
}
.name {
  display: block;
  font-weight: 700;
}
.what {
  font-size: 0.95rem;
}
</style>
