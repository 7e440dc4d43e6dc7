<script setup lang="ts">
import { mdiClose, mdiPlus } from '@mdi/js'
import { ref } from 'vue'
import { limits } from '@/api/limits'
import { showWrong } from '@/shared/fields/limits'
import NumberField from '@/shared/fields/NumberField.vue'
import TextField from '@/shared/fields/TextField.vue'

interface Job {
  text: string | null
  minutes: number | null
}

/** Jobs for free hands while the pot works. */
const props = defineProps<{ jobs: readonly Job[] }>()
const emit = defineEmits<{ change: [Job[]] }>()
const usualMinutes = 5
const said = ref<string | null>('')
const minutes = ref<number | null>(usualMinutes)
const { JobBody: limit } = limits

function add() {
  if (!said.value?.trim()) return
  emit('change', [...props.jobs, { text: said.value.trim(), minutes: minutes.value ?? usualMinutes }])
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
    <form @submit.prevent="showWrong($event.currentTarget) || add()">
      <TextField
        v-model="said"
        class="what"
        label="Another job"
        hide-label
        :limit="limit.text"
        placeholder="Slice a salad"
      />
      <NumberField v-model="minutes" class="minutes" label="Its minutes" hide-label :limit="limit.minutes" whole />
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
