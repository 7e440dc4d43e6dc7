<script setup lang="ts">
import { mdiClose } from '@mdi/js'
import { computed } from 'vue'
import type { DishItemBody, UnitSystem } from '@/api/types'
import { aims, placements } from '@/features/counter/words'
import { useCatalogue } from '@/shared/catalogue/useCatalogue'
import QuantityField from '@/shared/ui/QuantityField.vue'
import { text, type Units } from '@/shared/units/format'

/** One thing in a dish: the bird, or something beside it. */
const props = defineProps<{ item: DishItemBody; units: Units; unitSystem: UnitSystem; last: boolean }>()
const emit = defineEmits<{ change: [DishItemBody]; remove: [] }>()
const { findCut, companions } = useCatalogue()
const cut = computed(() => findCut(props.item.load?.cut))
const companion = computed(() => companions.value.find((c) => c.id === props.item.id))
const name = computed(() => cut.value?.name ?? companion.value?.name.toLowerCase() ?? '…')
const kg = computed(() => props.item.load?.totalKg ?? (props.item.grams ?? 0) / 1000)
const sizes = [
  ['usual', 'usual size'],
  ['small', 'cut small'],
  ['large', 'cut large'],
] as const
const states = [
  ['chilled', 'from the fridge'],
  ['frozen', 'frozen'],
  ['room', 'at room temperature'],
] as const

const load = (part: object) => emit('change', { ...props.item, load: { ...props.item.load!, ...part } } as DishItemBody)
const set = (part: object) => emit('change', { ...props.item, ...part })
const weigh = (value: number) =>
  props.item.load ? load({ totalKg: Number(value.toFixed(3)) }) : set({ grams: Math.round(value * 1000) })
const valueOf = (event: Event) => (event.target as HTMLSelectElement).value
</script>

<template>
  <li class="item" :aria-label="name">
    <h3>{{ name }}</h3>
    <QuantityField
      class="mass"
      label="Weight"
      dimension="mass"
      :units="unitSystem"
      :shown="text(units.mass(kg))"
      @read="weigh"
    />
    <label v-if="item.load" class="field pieces">
      <span>Pieces</span>
      <input
        type="number"
        min="1"
        max="40"
        :value="item.load.pieces"
        @change="load({ pieces: Math.max(1, Number(valueOf($event)) || 1) })"
      />
    </label>
    <template v-if="!item.load">
      <label v-if="companion?.isCut" class="field">
        <span>Cut</span>
        <select :value="item.size ?? 'usual'" @change="set({ size: valueOf($event) })">
          <option v-for="[value, title] in sizes" :key="value" :value="value">{{ title }}</option>
        </select>
      </label>
      <label class="tick">
        <input
          type="checkbox"
          :checked="item.inBowl ?? false"
          @change="set({ inBowl: ($event.target as HTMLInputElement).checked })"
        />
        <span>in a bowl</span>
      </label>
    </template>
    <v-btn class="out" :icon="mdiClose" :disabled="last" :aria-label="`Take ${name} out`" @click="emit('remove')" />
    <div v-if="item.load" class="more">
      <label class="field">
        <span>State</span>
        <select :value="item.load.state ?? 'chilled'" @change="load({ state: valueOf($event) })">
          <option v-for="[value, title] in states" :key="value" :value="value">{{ title }}</option>
        </select>
      </label>
      <label class="field">
        <span>How it ends</span>
        <select :value="item.aim ?? 'slice'" @change="set({ aim: valueOf($event) })">
          <option v-for="aim in aims" :key="aim.value" :value="aim.value">{{ aim.title }}</option>
        </select>
      </label>
      <label class="field">
        <span>Where it lies</span>
        <select :value="item.load.placement ?? 'rack'" @change="load({ placement: valueOf($event) })">
          <option v-for="place in placements" :key="place.value" :value="place.value">{{ place.title }}</option>
        </select>
      </label>
    </div>
  </li>
</template>

<style scoped>
.item {
  display: flex;
  flex-wrap: wrap;
  align-items: end;
  gap: 6px 14px;
  padding: 10px 0;
  border-top: 1px solid rgba(var(--v-theme-on-background), 0.3);
}
h3 {
  flex: 1 1 130px;
  padding: 10px 0;
  font-size: 1.1rem;
  font-weight: 700;
}
h3::first-letter {
  text-transform: uppercase;
}
.mass,
.pieces {
  flex: 0 1 112px;
}
.more {
  flex: 1 1 100%;
  display: flex;
  flex-wrap: wrap;
  gap: 6px 14px;
}
.more > .field {
  flex: 1 1 auto;
}
@media (max-width: 600px) {
  h3 {
    flex-basis: calc(100% - 62px);
  }
  .item > :not(h3, .out) {
    order: 1;
  }
}
</style>
