<script setup lang="ts">
import { mdiArrowRight } from '@mdi/js'
import { nextTick, ref, useTemplateRef } from 'vue'
import { api, unwrap } from '@/api/client'
import type { AskView } from '@/api/types'

const emit = defineEmits<{ heard: [AskView] }>()
const typed = ref('')
const heard = ref<AskView | null>(null)
const refusal = ref<string | null>(null)
const busy = ref(false)
const field = useTemplateRef<HTMLInputElement>('field')

async function ask() {
  if (typed.value.trim() === '') return
  busy.value = true
  try {
    const answer = unwrap(await api.POST('/api/ask', { body: { text: typed.value } }))
    heard.value = answer
    refusal.value = answer.problem
    if (answer.cut) emit('heard', answer)
  } catch (error) {
    refusal.value = (error as Error).message
  } finally {
    await nextTick() // by then the new question has been sent
    busy.value = false
  }
}

defineExpose({ focus: () => field.value?.focus() })
</script>

<template>
  <form class="ask" role="search" :aria-busy="busy" @submit.prevent="ask">
    <label class="ask-label" for="ask">What have you got?</label>
    <div class="ask-line">
      <input
        id="ask"
        ref="field"
        v-model="typed"
        class="ask-input"
        type="text"
        maxlength="300"
        autocomplete="off"
        placeholder="6 frozen thighs 1.3 kg"
        aria-describedby="ask-said"
      />
      <v-btn type="submit" class="ask-go" :icon="mdiArrowRight" aria-label="Ask" />
    </div>
    <p id="ask-said" class="ask-said" aria-live="polite">
      <template v-if="refusal">{{ refusal }}</template>
      <template v-else-if="heard">
        <span v-for="word in heard.unknown" :key="word" class="unknown">Not understood: “{{ word }}”.</span>
        <span v-for="guess in heard.assumed" :key="guess">{{ guess }}</span>
      </template>
    </p>
  </form>
</template>

<style scoped>
.ask-label {
  display: block;
  font-size: 0.95rem;
  margin-bottom: 4px;
}
.ask-line {
  display: flex;
  align-items: center;
  border-bottom: 3px solid currentColor;
}
.ask-input {
  flex: 1;
  min-width: 0;
  height: 52px;
  font-size: 1.45rem;
  background: none;
  color: inherit;
  border: 0;
}
.ask-input::placeholder {
  color: currentColor;
  opacity: 0.72;
}
.ask-said {
  margin: 4px 0 0;
  display: flex;
  flex-wrap: wrap;
  gap: 0 1ch;
  font-size: 0.95rem;
}
.unknown {
  color: rgb(var(--v-theme-secondary));
  font-weight: 600;
}
</style>
