<script setup lang="ts">
import { mdiAlertOctagonOutline, mdiCheckCircleOutline, mdiThermometerProbe } from '@mdi/js'
import { computed, ref } from 'vue'
import type { CookView } from '@/api/types'
import { text, type Units } from '@/shared/units/format'

/** What the readings lead to: solid when done, hatched when short, outlined when not known. */
const props = defineProps<{ cook: CookView; units: Units }>()
const emit = defineEmits<{ back: []; cover: []; thick: []; unmeasured: [] }>()
const sure = ref(false)
const kind = computed(() => {
  if (props.cook.verdict === 'done') return 'done'
  return props.cook.verdict === 'short' ? 'short' : 'open'
})
const advice = computed(() => props.cook.state.advice)
const covered = computed(() => props.cook.phase === 'open' && props.cook.state.coveredUntil !== null)
const openTitle = computed(() => {
  if (props.cook.verdict === 'not-measured') return 'Not measured'
  if (props.cook.verdict !== 'measure-more') return 'Not measured yet'
  return advice.value?.method === 'read-again' ? 'Not sure yet: read it again' : 'Good so far: one spot more'
})
const titles = computed(() => ({
  done: advice.value?.restMinutes ? `Done. Leave it covered for ${advice.value.restMinutes} min` : 'Done at every spot',
  short: covered.value
    ? 'It stands covered'
    : advice.value?.method === 'leave-covered'
      ? 'Nearly: leave it covered'
      : 'Not done yet',
  open: openTitle.value,
}))
const icons = { done: mdiCheckCircleOutline, short: mdiAlertOctagonOutline, open: mdiThermometerProbe }
// Minutes for a thermometer that nobody has: what is missing to be sure.
const missing = computed(() =>
  props.cook.state.readings.length === 0 ? props.cook.next.find((n) => n.kind === 'back-under-pressure') : undefined,
)
const isCover = computed(() => advice.value?.method === 'leave-covered' && !covered.value)
const backWords = computed(() => {
  const minutes = advice.value?.minutes
  if (!minutes || advice.value?.method === 'leave-covered') return null
  switch (advice.value?.method) {
    case 'simmer-covered':
      return `Simmer ${minutes} min, lid on`
    case 'separate-and-repeat':
      return `Pull apart, ${minutes} min under pressure`
    default:
      return `Back under pressure, ${minutes} min`
  }
})
</script>

<template>
  <section :class="['verdict', kind]" aria-live="polite" data-testid="check-verdict">
    <h2><v-icon :icon="icons[kind]" aria-hidden="true" /> {{ titles[kind] }}</h2>
    <p v-for="line in advice?.why" :key="line">{{ line }}</p>
    <p v-if="kind === 'short' && advice && backWords && advice.spots.length > 0">
      After that, and a short covered rest, at least
      {{ text(units.atLeast(Math.min(...advice.spots.map((s) => s.peak.p01)))) }} in 99 of 100.
    </p>
    <template v-if="kind === 'short'">
      <button v-if="isCover" type="button" class="act" data-testid="cover" @click="emit('cover')">
        Lid laid on: {{ advice?.minutes }} min
      </button>
      <v-btn v-if="isCover || covered" class="tall" variant="outlined" @click="emit('back')"
        >Cook on at once instead</v-btn
      >
      <button v-if="backWords" type="button" class="act" data-testid="rescue" @click="emit('back')">
        {{ backWords }}
      </button>
      <v-btn v-if="!cook.state.thick" class="tall" variant="outlined" @click="emit('thick')"
        >Dairy or starch is in already</v-btn
      >
    </template>
    <template v-else-if="kind === 'open' && cook.phase === 'open'">
      <v-btn v-if="!sure" class="tall" @click="sure = true">I have no thermometer</v-btn>
      <template v-else>
        <p>
          Nobody can see or feel whether poultry is safe, and pink says nothing either way. If you go on, the record
          will always say that it was not measured.
        </p>
        <template v-if="missing">
          <p>{{ missing.text }}</p>
          <button type="button" class="act" data-testid="missing" @click="emit('back')">The lid is on again</button>
        </template>
        <v-btn class="tall" variant="outlined" @click="emit('unmeasured')">Go on without measuring</v-btn>
      </template>
    </template>
  </section>
</template>

<style scoped>
.verdict {
  border: 3px solid rgb(var(--v-theme-primary));
  border-radius: 16px;
  padding: 14px 18px;
  display: grid;
  gap: 8px;
}
.done {
  background: rgb(var(--v-theme-success));
  border-color: rgb(var(--v-theme-success));
  color: rgb(var(--v-theme-background));
}
.short {
  border-color: rgb(var(--v-theme-secondary));
  background: repeating-linear-gradient(45deg, transparent 0 10px, rgba(var(--v-theme-secondary), 0.13) 10px 13px);
}
h2 {
  font-family: var(--display);
  font-weight: 560;
  font-size: 2.4rem;
  line-height: 1.1;
}
p {
  margin: 0;
  font-size: 1.15rem;
}
.act {
  min-height: 84px;
  border-radius: 14px;
  font-family: var(--display);
  font-size: 1.9rem;
  font-weight: 560;
  background: rgb(var(--v-theme-secondary));
  color: rgb(var(--v-theme-background));
  cursor: pointer;
}
</style>
