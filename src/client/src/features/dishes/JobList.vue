<script setup lang="ts">
import { mdiClose, mdiPlus } from '@mdi/js'
import { ref } from 'vue'

interface Job {
  text: string | null
  minutes: number | null
}

/** Jobs for free hands while the pot works. */
const props = defineProps<{ jobs: readonly Job[] }>()
const emit = defineEmits<{ change: [Job[]] }>()
const said = ref('')
const minutes = ref(5)

function add() {
  if (said.value.trim() === '') return
  emit('change', [...props.jobs, { text: said.value.trim(), minutes: Math.min(120, Math.max(1, minutes.value || 5)) }])
  said.value = ''
}
const drop = (index: number) =>
  emit(
    'change',
    props.jobs.filter((_, i) => i !== index),
  )
</script>

<template>
  <section class="jobs" aria-label="While the pot works">
    <span class="title">While the pot works</span>
    <ul>
      <li v-for="(job, i) in jobs" :key="i">
        <span>{{ job.text }}, {{ job.minutes }} min</span>
        <v-btn :icon="mdiClose" :aria-label="`Drop ${job.text}`" @click="drop(i)" />
      </li>
    </ul>
    <form @submit.prevent="add">
      <label class="field what">
        <span class="sr-only">Another job</span>
        <input v-model="said" maxlength="200" placeholder="Slice a salad" />
      </label>
      <label class="field minutes">
        <span class="sr-only">Its minutes</span>
        <input v-model.number="minutes" type="number" min="1" max="120" />
      </label>
      <v-btn type="submit" :icon="mdiPlus" aria-label="Add the job" />
    </form>
  </section>
</template>

<style scoped>
.title {
  font-size: 0.95rem;
}
ul {
  list-style: none;
  padding: 0;
  margin: 0;
}
li {
  display: flex;
  align-items: center;
  justify-content: space-between;
}
form {
  display: flex;
  gap: 10px;
}
.what {
  flex: 1;
  min-width: 0;
}
.minutes {
  width: 92px;
}
</style>
