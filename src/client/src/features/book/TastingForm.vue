<script setup lang="ts">
import { computed, ref } from 'vue'
import type { BookPage } from '@/api/types'
import { limits } from '@/api/limits'
import TextField from '@/shared/fields/TextField.vue'
import QuantityField from '@/shared/fields/QuantityField.vue'
import { useKitchen } from '@/shared/kitchen/useKitchen'
import { useOutbox } from '@/shared/outbox/useOutbox'
import { text } from '@/shared/units/format'
import { juicyWords, tenderWords } from './words'

/** How it ate: one touch each; what to do next time; weights. Goes out through the outbox, so that nothing is lost. */
const props = defineProps<{ page: BookPage }>()
const emit = defineEmits<{ kept: [] }>()
const { send, refusal, unsentOf } = useOutbox()
const { EventDataBody: limit } = limits
const { units, unitSystem } = useKitchen()
const gramsPerKg = 1000
const inKg = (grams: number | null) => (grams === null ? null : grams / gramsPerKg)
const weights = [
  { key: 'rawGrams', label: 'Weight before' },
  { key: 'cookedGrams', label: 'Out of the pot, with bone' },
] as const
const said = ref<{ juicy?: number; tender?: number }>({})
const scales = [
  { name: 'juicy', title: 'Drier to juicier', words: juicyWords },
  { name: 'tender', title: 'Tougher to softer', words: tenderWords },
] as const
const marks = [-2, -1, 0, 1, 2]
const now = computed(() => ({
  juicy: said.value.juicy ?? props.page.tasting.juicy,
  tender: said.value.tender ?? props.page.tasting.tender,
}))
const waiting = computed(() => unsentOf(props.page.item.id).length > 0)

async function taste(data: {
  juicy?: number
  tender?: number
  nextTime?: string
  rawGrams?: number
  cookedGrams?: number
}) {
  said.value = { ...said.value, ...data }
  await send(props.page.item.id, 'tasted', data)
  emit('kept')
}
</script>

<template>
  <section class="tasting" aria-label="How it ate">
    <fieldset v-for="scale in scales" :key="scale.name">
      <legend>{{ scale.title }}</legend>
      <div class="marks">
        <label v-for="mark in marks" :key="mark" :class="{ chosen: now[scale.name] === mark }">
          <input
            type="radio"
            :name="`${scale.name}-${page.item.id}`"
            :value="mark"
            :checked="now[scale.name] === mark"
            @change="taste({ [scale.name]: mark })"
          />
          {{ scale.words[mark + 2] }}
        </label>
      </div>
    </fieldset>
    <TextField
      :model-value="page.tasting.nextTime"
      label="Next time"
      :limit="limit.nextTime"
      :placeholder="page.proposed"
      @update:model-value="$event && taste({ nextTime: $event })"
    />
    <div class="weights">
      <QuantityField
        v-for="{ key, label } in weights"
        :key="key"
        :label="label"
        dimension="mass"
        :units="unitSystem"
        :value="inKg(page.tasting[key])"
        :show="(kg) => text(units.mass(kg))"
        :limit="{ least: inKg(limit[key].least)!, most: inKg(limit[key].most)! }"
        :keep="(kg) => taste({ [key]: Math.round(kg * gramsPerKg) })"
      />
    </div>
    <p v-if="waiting" role="status">Kept here; it goes out when the server is back.</p>
    <p v-if="refusal" role="alert">{{ refusal }}</p>
  </section>
</template>

<style scoped>
.tasting {
  display: grid;
  gap: 12px;
}
fieldset {
  border: 0;
  margin: 0;
  padding: 0;
}
legend {
  font-size: 0.9rem;
  padding: 0;
}
.marks {
  display: grid;
  grid-template-columns: repeat(5, minmax(0, 1fr));
  border: 1px solid rgba(var(--v-theme-on-background), 0.5);
  border-radius: 12px;
  overflow: hidden;
}
.marks label {
  display: grid;
  place-items: center;
  text-align: center;
  min-height: 56px;
  padding: 4px;
  line-height: 1.15;
  cursor: pointer;
  position: relative;
}
.marks label + label {
  border-left: 1px solid rgba(var(--v-theme-on-background), 0.25);
}
.marks input {
  position: absolute;
  inset: 0;
  opacity: 0;
  cursor: pointer;
}
.marks label:has(:focus-visible) {
  outline: 3px solid rgb(var(--v-theme-secondary));
  outline-offset: -3px;
}
.chosen {
  font-weight: 700;
  background: rgba(var(--v-theme-secondary), 0.16);
  box-shadow: inset 0 -5px 0 rgb(var(--v-theme-secondary));
}
.weights {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(160px, 1fr));
  gap: 12px;
}
p {
  margin: 0;
}
</style>
