<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { api, unwrap } from '@/api/client'
import type { CookView, DeviceReport, UnitSystem } from '@/api/types'
import { flush } from '@/shared/outbox/useOutbox'
import { useAttempt } from '@/shared/ui/useAttempt'
import { useRoute } from 'vue-router'
import { inUnits, text, type Units } from '@/shared/units/format'
import { lowestReading } from './readings'

/** One reading: where, of which piece, and what; typed, dictated into the field, or taken from the probe. */
const props = defineProps<{
  cook: CookView
  told: DeviceReport | null
  units: Units
  unitSystem: UnitSystem
}>()
const spot = defineModel<string | null>({ required: true })
const emit = defineEmits<{ read: [CookView] }>()
// What was asked about on the Counter stands here already, to be taken with one touch.
const route = useRoute()
const typed = ref(asked())
function asked() {
  const celsius = Number(route.query.reads)
  if (!route.query.reads || !Number.isFinite(celsius)) return ''
  const shown = inUnits(route.query.scale === 'fahrenheit' ? 'us' : 'metric').precise(celsius)
  return `${shown.number} ${shown.unit.at(-1)}`
}
const piece = ref<number | null>(null)
const { refusal, attempt } = useAttempt()
const field = ref<HTMLInputElement | null>(null)
const pieces = computed(() => props.cook.spots.find((s) => s.id === spot.value)?.pieces ?? 1)
const live = computed(() => (spot.value ? (props.told?.probe[spot.value] ?? null) : null))
watch(
  () => [props.cook.id, props.cook.state.spotsToRead.join()],
  () => {
    if (!spot.value || !props.cook.state.spotsToRead.includes(spot.value))
      spot.value = props.cook.state.spotsToRead[0] ?? spot.value ?? props.cook.spots[0]?.id ?? null
  },
  { immediate: true },
)

type Scale = 'celsius' | 'fahrenheit'
async function send(celsius: number, scale: Scale) {
  await flush() // a reading comes after what was done before it
  const answer = await api.POST('/api/cooks/{id}/readings', {
    params: { path: { id: props.cook.id } },
    body: { clientId: crypto.randomUUID(), spot: spot.value, celsius, piece: piece.value, at: null, scale },
  })
  emit('read', unwrap(answer).cook)
  typed.value = ''
  field.value?.focus()
}
const readTyped = () =>
  attempt(async () => {
    const body = { text: typed.value, dimension: 'temperature' as const, units: props.unitSystem, isReading: true }
    const said = unwrap(await api.POST('/api/quantities', { body }))
    await send(said.value, said.scale ?? 'celsius')
  })
const fromProbe = () =>
  attempt(async () => {
    const said = unwrap(
      await api.GET('/api/cooks/{id}/probe', {
        params: { path: { id: props.cook.id }, query: { spot: spot.value ?? '' } },
      }),
    )
    if (said.celsius === null) throw new Error('The probe is silent. Look at its plug, or type what another one says.')
    await send(said.celsius, props.unitSystem === 'us' ? 'fahrenheit' : 'celsius')
  })
</script>

<template>
  <form class="reading" @submit.prevent="readTyped">
    <fieldset>
      <legend class="sr-only">Where</legend>
      <label v-for="(s, i) in cook.spots" :key="s.id" :class="{ chosen: spot === s.id }">
        <input v-model="spot" type="radio" name="spot" :value="s.id" class="sr-only" />
        <span class="number">{{ i + 1 }}</span>
        <span>{{ s.where }}</span>
        <b v-if="lowestReading(cook, s.id) !== null">reads {{ text(units.atLeast(lowestReading(cook, s.id)!)) }}</b>
      </label>
    </fieldset>
    <div class="line">
      <label class="what">
        <span>Reading, {{ unitSystem === 'us' ? '°F' : '°C' }}</span>
        <input ref="field" v-model="typed" inputmode="decimal" maxlength="20" autocomplete="off" required />
      </label>
      <label v-if="pieces > 1" class="piece">
        <span>Piece, the thickest first</span>
        <select v-model="piece">
          <option :value="null">any</option>
          <option v-for="n in Math.min(pieces, 20)" :key="n" :value="n">{{ n }}</option>
        </select>
      </label>
      <button type="submit" class="go">It reads that</button>
      <button v-if="cook.simulated" type="button" class="go plain" @click="fromProbe">
        Take it from the probe<template v-if="live !== null">: {{ text(units.atLeast(live)) }}</template>
      </button>
    </div>
    <p v-if="refusal" role="alert" class="stop">{{ refusal }}</p>
  </form>
</template>

<style scoped>
.reading {
  display: grid;
  gap: 12px;
}
fieldset {
  border: 0;
  padding: 0;
  display: grid;
  gap: 8px;
}
fieldset label {
  display: flex;
  align-items: center;
  gap: 14px;
  min-height: 72px;
  padding: 8px 14px;
  font-size: 1.15rem;
  line-height: 1.25;
  border: 1px solid rgba(var(--v-theme-on-background), 0.5);
  border-radius: 12px;
  cursor: pointer;
}
fieldset label.chosen {
  border: 3px solid rgb(var(--v-theme-secondary));
  padding: 6px 12px;
  font-weight: 700;
}
fieldset label:focus-within {
  outline: 3px solid rgb(var(--v-theme-secondary));
  outline-offset: 2px;
}
.number {
  flex: none;
  width: 36px;
  height: 36px;
  display: grid;
  place-content: center;
  border: 2px solid currentColor;
  border-radius: 50%;
  font-weight: 700;
}
label b {
  margin-left: auto;
  white-space: nowrap;
  font-variant-numeric: tabular-nums;
}
.line {
  display: flex;
  flex-wrap: wrap;
  gap: 12px;
  align-items: end;
}
.what span,
.piece span {
  display: block;
  font-size: 0.95rem;
}
.what input {
  width: 4.2em;
  height: 84px;
  font-size: 3rem;
  text-align: center;
  font-variant-numeric: tabular-nums;
  border: 2px solid currentColor;
  border-radius: 12px;
  background: rgb(var(--v-theme-surface));
}
.piece select {
  min-height: 84px;
  padding: 0 14px;
  font: inherit;
  font-size: 1.3rem;
  color: inherit;
  background: rgb(var(--v-theme-surface));
  border: 1px solid currentColor;
  border-radius: 12px;
}
.go {
  min-height: 84px;
  padding: 0 26px;
  border-radius: 12px;
  font-size: 1.3rem;
  font-weight: 700;
  background: rgb(var(--v-theme-secondary));
  color: rgb(var(--v-theme-background));
  cursor: pointer;
}
.plain {
  background: none;
  color: inherit;
  border: 2px solid currentColor;
}
</style>
