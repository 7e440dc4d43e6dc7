<script setup lang="ts">
import { mdiClose } from '@mdi/js'
import { computed, defineAsyncComponent } from 'vue'
import type { UnitSystem } from '@/api/types'
import { limits } from '@/api/limits'
import QuantityField from '@/shared/fields/QuantityField.vue'
import TickField from '@/shared/fields/TickField.vue'
import { text, type Units } from '@/shared/units/format'
import PhraseMenu from './PhraseMenu.vue'

interface Beside {
  id: string | null
  grams: number | null
  inBowl?: boolean | null
}

/** What else is in the pot. */
const props = defineProps<{
  beside: readonly Beside[]
  companions: readonly { id: string; name: string }[]
  units: Units
  unitSystem: UnitSystem
}>()
const emit = defineEmits<{ change: [Beside[]] }>()
const usualGrams = 250
const { grams } = limits.CompanionBody
const massLimit = { least: grams.least / 1000, most: grams.most / 1000 }
const CompanionPicker = defineAsyncComponent(() => import('./CompanionPicker.vue'))
const nameOf = (id: string | null) => props.companions.find((c) => c.id === id)?.name.toLowerCase() ?? ''
const kgOf = (b: Beside) => (b.grams ?? 0) / 1000
const massWords = (kg: number) => text(props.units.mass(kg))
const label = computed(() =>
  props.beside.length === 0
    ? 'nothing else'
    : props.beside.map((b) => `${massWords(kgOf(b))} ${nameOf(b.id)}`).join(', '),
)

const add = (id: string) => emit('change', [...props.beside.filter((b) => b.id !== id), { id, grams: usualGrams }])
const remove = (id: string | null) =>
  emit(
    'change',
    props.beside.filter((b) => b.id !== id),
  )
const bowl = (id: string | null, inBowl: boolean) =>
  emit(
    'change',
    props.beside.map((b) => (b.id === id ? { ...b, inBowl } : b)),
  )
const weigh = (id: string | null, kg: number) =>
  emit(
    'change',
    props.beside.map((b) => (b.id === id ? { ...b, grams: Math.round(kg * 1000) } : b)),
  )
</script>

<template>
  <PhraseMenu name="Beside it" :label="label">
    <div v-for="b in beside" :key="b.id ?? ''" class="beside">
      <QuantityField
        :label="nameOf(b.id)"
        dimension="mass"
        :units="unitSystem"
        :value="kgOf(b)"
        :show="massWords"
        :limit="massLimit"
        :keep="(kg) => weigh(b.id, kg)"
      />
      <TickField
        label="in a bowl on the rack"
        :model-value="b.inBowl ?? false"
        @update:model-value="bowl(b.id, $event)"
      />
      <v-btn :icon="mdiClose" :aria-label="`Take ${nameOf(b.id)} out`" @click="remove(b.id)" />
    </div>
    <CompanionPicker v-if="beside.length < 12" :companions="companions" @add="add" />
  </PhraseMenu>
</template>

<style scoped>
.beside {
  display: flex;
  align-items: end;
  gap: 12px;
  margin-bottom: 8px;
}
</style>
