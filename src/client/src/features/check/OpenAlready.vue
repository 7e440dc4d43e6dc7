<script setup lang="ts">
import { computed, ref } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { useDraft, withPot } from '@/shared/draft/useDraft'
import { useKitchen } from '@/shared/kitchen/useKitchen'
import { useCooks } from '@/shared/cooks/useCooks'
import { useCatalogue } from '@/shared/catalogue/useCatalogue'
import { limits } from '@/api/limits'
import { showWrong } from '@/shared/fields/limits'
import NumberField from '@/shared/fields/NumberField.vue'
import TickField from '@/shared/fields/TickField.vue'
import { useAttempt } from '@/shared/ui/useAttempt'

/** "It is open and reads 68: what now?", for a cook that nobody followed: what is on the Counter, held for so long. */
const { draft } = useDraft()
const { pots } = useKitchen()
const { birdWords } = useCatalogue()
const { start } = useCooks()
const emit = defineEmits<{ begun: [] }>()
const router = useRouter()
const route = useRoute()
const held = ref<number | null>(Number(route.query.held) || draft.value.request.minutes || 15)
const vented = ref(false)
const { refusal, attempt } = useAttempt()
const minutesAgo = ref<number | null>(3)
const what = computed(() => birdWords(draft.value.request.load) ?? '…')

const begin = () =>
  attempt(async () => {
    const release = { kind: vented.value ? 'vent' : 'natural', restMinutes: 0 } as const
    const request = { ...withPot(draft.value, pots.value), minutes: held.value, release }
    const cook = await start.mutateAsync({ request, openedMinutesAgo: minutesAgo.value! })
    await router.push({ name: 'check', params: { id: cook.id }, query: route.query })
    emit('begun')
  })
</script>

<template>
  <form class="already" @submit.prevent="showWrong($event.currentTarget) || begin()">
    <h1>Is it open already?</h1>
    <p>
      {{ what }}, as on the <router-link to="/">Counter</router-link>. Say how long it was held, then what the
      thermometer reads.
    </p>
    <div class="line">
      <NumberField v-model="held" label="Minutes under pressure" :limit="limits.PreviewBody.minutes" needed />
      <NumberField v-model="minutesAgo" label="Opened, minutes ago" :limit="limits.StartBody.openedMinutesAgo" needed />
      <TickField v-model="vented" label="vented at once" />
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
:deep(.field > input) {
  text-align: center;
  font-size: 2rem;
}
.tall {
  font-size: 1.2rem;
}
</style>
