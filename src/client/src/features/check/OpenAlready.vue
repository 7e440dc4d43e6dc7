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
import CutDrawing from './CutDrawing.vue'

/** "It is open and reads 68: what now?", for a cook that nobody followed: what is on the Counter, held for so long. */
const { draft } = useDraft()
const { pots, units } = useKitchen()
const { birdWords, findCut } = useCatalogue()
const { start } = useCooks()
const emit = defineEmits<{ begun: [] }>()
const router = useRouter()
const route = useRoute()
const held = ref<number | null>(Number(route.query.held) || draft.value.request.minutes || 15)
const vented = ref(false)
const { refusal, attempt } = useAttempt()
const minutesAgo = ref<number | null>(3)
const what = computed(() => birdWords(draft.value.request.load) ?? '…')
// Where the probe will go.
const spots = computed(() => {
  const { load } = draft.value.request
  const [cut, pieces] = [load.cut ?? '', load.pieces ?? 1]
  return (findCut(cut)?.spots ?? []).map(({ id, where }) => ({ id, where, meat: '', cut, spotOfCut: id, pieces }))
})

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
    <div v-if="spots.length" class="where">
      <CutDrawing :spots="spots" :chosen="null" :units="units" />
      <ol aria-label="Where to measure">
        <li v-for="spot in spots" :key="spot.id">{{ spot.where }}</li>
      </ol>
    </div>
  </form>
</template>

<style scoped>
.where {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(min(100%, 280px), 1fr));
  gap: 12px 32px;
  align-items: center;
  margin-top: 12px;
}
.where ol {
  margin: 0;
  padding-left: 1.4em;
}
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
