<script setup lang="ts">
import { computed, ref } from 'vue'
import { useRouter } from 'vue-router'
import { useKitchen } from '@/shared/kitchen/useKitchen'
import { useCook } from '@/shared/cooks/useCook'
import { useShownCook } from '@/shared/cooks/useCooks'
import CutDrawing from './CutDrawing.vue'
import OpenAlready from './OpenAlready.vue'
import ReadingForm from './ReadingForm.vue'
import { lowestReading } from './readings'
import VerdictPanel from './VerdictPanel.vue'

/** The thermometer: where it goes, what it says, what that means, and what to do when it is short. */
const router = useRouter()
const { id, noneIsOn } = useShownCook()
const { units, unitSystem } = useKitchen()
const { cook, told, say, take, refusal } = useCook(id)
const spot = ref<string | null>(null)
const other = ref(false)
const canRead = computed(() => cook.value?.phase === 'open' || cook.value?.phase === 'finishing')
const toPot = () => void router.push({ name: 'pot', params: { id: id.value! } })

async function back() {
  await say('back-under-pressure')
  toPot()
}
async function cover() {
  await say('covered')
  toPot()
}
async function unmeasured() {
  await say('not-measured')
  toPot()
}
</script>

<template>
  <div v-if="cook && !other" class="check">
    <header>
      <h1>{{ cook.name }}</h1>
      <v-btn class="tall" variant="outlined" @click="toPot">Back to the pot</v-btn>
      <v-btn class="tall" @click="other = !other">{{ other ? 'This cook' : 'Another pot is open' }}</v-btn>
    </header>
    <p v-if="refusal" role="alert">{{ refusal }}</p>
    <div class="sides">
      <CutDrawing :spots="cook.spots" :chosen="spot" :units="units" :lowest="(id) => lowestReading(cook!, id)" />
      <div class="right">
        <template v-if="canRead">
          <ReadingForm v-model="spot" :cook="cook" :told="told" :units="units" :unit-system="unitSystem" @read="take" />
          <VerdictPanel
            :cook="cook"
            :units="units"
            @back="back"
            @cover="cover"
            @thick="say('thickened')"
            @unmeasured="unmeasured"
          />
        </template>
        <p v-else class="wait">
          {{
            cook.phase === 'done'
              ? 'This cook is over.'
              : 'There is something to measure once the pot is open. Never open it with the pin up.'
          }}
        </p>
      </div>
    </div>
  </div>
  <OpenAlready v-else-if="noneIsOn || other" @begun="other = false" />
</template>

<style scoped>
.check {
  --target: 72px;
  max-width: 1240px;
  display: grid;
  gap: 14px;
}
header {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 10px;
}
h1 {
  flex: 1 1 auto;
  font-family: var(--display);
  font-weight: 560;
  line-height: 1.15;
}
.sides {
  display: grid;
  grid-template-columns: minmax(280px, 5fr) minmax(0, 7fr);
  gap: 20px 36px;
  align-items: start;
}
.right {
  display: grid;
  gap: 18px;
}
.wait {
  font-size: 1.4rem;
}
@media (max-width: 900px) {
  .sides {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
