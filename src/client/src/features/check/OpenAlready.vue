<script setup lang="ts">
import { computed, ref } from 'vue'
import { useRouter } from 'vue-router'
import { useDraft, withPot } from '@/features/counter/useDraft'
import { useKitchen } from '@/features/kitchen/useKitchen'
import { useCooks } from '@/features/pot/useCooks'
import { useCatalogue } from '@/shared/catalogue/useCatalogue'
import { useAttempt } from '@/shared/ui/useAttempt'

/** "It is open and reads 68: what now?", for a cook that nobody followed: what is on the Counter, held for so long. */
const { draft } = useDraft()
const { pots } = useKitchen()
const { birdWords } = useCatalogue()
const { start } = useCooks()
const router = useRouter()
const held = ref(draft.value.request.minutes ?? 15)
const vented = ref(false)
const { refusal, attempt } = useAttempt()
const minutesAgo = ref(3)
const what = computed(() => birdWords(draft.value.request.load) ?? '…')

const begin = () =>
  attempt(async () => {
    const release = { kind: vented.value ? 'vent' : 'natural', restMinutes: 0 } as const
    const request = { ...withPot(draft.value, pots.value), minutes: held.value, release }
    const cook = await start.mutateAsync({ request, openedMinutesAgo: minutesAgo.value })
    await router.push({ name: 'check', params: { id: cook.id } })
  })
</script>

<template>
  <form class="already" @submit.prevent="begin">
    <h1>Is it open already?</h1>
    <p>
      {{ what }}, as on the <router-link to="/">Counter</router-link>. Say how long it was held, then what the
      thermometer reads.
    </p>
    <div class="line">
      <label class="field">
        <span>Minutes under pressure</span>
        <input v-model.number="held" type="number" min="0" max="240" required />
      </label>
      <label class="field">
        <span>Opened, minutes ago</span>
        <input v-model.number="minutesAgo" type="number" min="0" max="60" required />
      </label>
      <label class="tick"><input v-model="vented" type="checkbox" /> vented at once</label>
      <v-btn class="tall" type="submit" variant="flat" color="secondary">Measure it</v-btn>
    </div>
    <p v-if="refusal" role="alert">{{ refusal }}</p>
  </form>
</template>

<style scoped>
.already {
  --target: 72px;
  display: grid;
  gap: 14px;
  font-size: 1.25rem;
  max-width: 900px;
}
h1 {
  font-family: var(--display);
  font-weight: 560;
  line-height: 1.15;
}
p {
  margin: 0;
}
.line {
  display: flex;
  flex-wrap: wrap;
  gap: 20px;
  align-items: end;
}
.field > input {
  text-align: center;
  font-size: 2rem;
}
.tall {
  font-size: 1.2rem;
}
</style>
