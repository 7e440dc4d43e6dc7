<script setup lang="ts">
import { mdiCheck, mdiClose } from '@mdi/js'
import { computed, ref } from 'vue'
import type { DishItemBody, PourQuestion, UnitSystem } from '@/api/types'
import { aimsOf, placements } from '@/shared/words/words'
import { useCatalogue } from '@/shared/catalogue/useCatalogue'
import { limits } from '@/api/limits'
import ChoiceField from '@/shared/fields/ChoiceField.vue'
import NumberField from '@/shared/fields/NumberField.vue'
import QuantityField from '@/shared/fields/QuantityField.vue'
import TextField from '@/shared/fields/TextField.vue'
import TickField from '@/shared/fields/TickField.vue'
import { text, type Units } from '@/shared/units/format'

/** One thing in a dish: the bird, or something beside it. */
const props = defineProps<{
  item: DishItemBody
  units: Units
  unitSystem: UnitSystem
  last: boolean
  /** What is asked of it: of a liquid without an amount, how much. */
  question?: PourQuestion | undefined
  /** Changes this item as it is by then: others may have changed it meanwhile. */
  change: (change: (item: DishItemBody) => DishItemBody) => void
}>()
const emit = defineEmits<{ remove: []; retype: [string]; pour: [number | null] }>()
const { findCut, companions, liquids } = useCatalogue()
const cut = computed(() => findCut(props.item.load?.cut))
const companion = computed(() => companions.value.find((c) => c.id === props.item.id))
const liquid = computed(() => liquids.value.find((l) => l.id === props.item.id))
const name = computed(() => {
  const { kind, text: line } = props.item
  if (kind === 'line') return line ?? '…'
  return (
    (kind === 'liquid' ? liquid.value?.name.toLowerCase() : (cut.value?.name ?? companion.value?.name.toLowerCase())) ??
    '…'
  )
})
const lies = computed(() => (props.item.load?.arrangement === 'lump' ? 'lump' : (props.item.load?.state ?? 'chilled')))
const kg = computed(() => props.item.load?.totalKg ?? (props.item.grams ?? 0) / 1000)
const sizes = [
  { value: null, title: 'as suits the rest' },
  { value: 'usual', title: 'usual size' },
  { value: 'small', title: 'cut small' },
  { value: 'large', title: 'cut large' },
] as const
const moments = [
  { value: 'under', title: 'under the lid' },
  { value: 'after', title: 'at the end' },
  { value: 'aside', title: 'beside it' },
] as const
const states = [
  { value: 'chilled', title: 'from the fridge' },
  { value: 'frozen', title: 'frozen, apart' },
  { value: 'lump', title: 'frozen in one block' },
  { value: 'room', title: 'at room temperature' },
] as const

const lie = (value: string) =>
  load(value === 'lump' ? { state: 'frozen', arrangement: 'lump' } : { state: value, arrangement: 'single' })
const weighed = computed(() => props.item.load && (props.item.load.pieces ?? 1) > 1)
const load = (part: object) => props.change((item) => ({ ...item, load: { ...item.load!, ...part } }))
const set = (part: object) => props.change((item) => ({ ...item, ...part }))
const weigh = (value: number) =>
  props.item.load
    ? load({ totalKg: Number(value.toFixed(3)), heaviestKg: null })
    : set({ grams: Math.round(value * 1000), measure: null })
const titleOf = <T,>(choices: readonly { value: T; title: string }[], value: T) =>
  choices.find((c) => c.value === value)?.title
/** What a closed row says: everything about it that a cook would say, and nothing that goes without saying. */
const said = computed(() => {
  const { item, units } = props
  const mass = text(units.mass(kg.value))
  const parts = item.load
    ? [
        (item.load.pieces ?? 1) > 1 ? `${item.load.pieces} pieces` : null,
        mass,
        titleOf(states, lies.value),
        titleOf(aimsOf(cut.value), item.aim ?? cut.value?.usualAim ?? 'slice'),
        (item.load.placement ?? 'rack') === 'rack' ? null : titleOf(placements, item.load.placement),
        item.load.thicknessMm ? `${text(units.length(item.load.thicknessMm))} thick` : null,
      ]
    : item.kind === 'line'
      ? [titleOf(moments, item.when ?? 'after')]
      : [
          item.measure ?? (item.kind === 'liquid' ? text(units.volume(item.ml ?? 0)) : mass),
          item.size ? titleOf(sizes, item.size) : null,
          item.inBowl ? 'in a bowl' : null,
          liquid.value?.isThick ? 'thick: on top, not all of it makes steam' : null,
        ]
  return parts.filter((part) => part).join(', ')
})
const anew = ref<string | null>('')
const retype = () => {
  if (anew.value?.trim()) emit('retype', anew.value)
  anew.value = ''
}
const { LoadBody, DishItemBody: itemLimit, IngredientBody: lineLimit } = limits
const massLimit = computed(() =>
  props.item.load ? LoadBody.totalKg : { least: itemLimit.grams.least / 1000, most: itemLimit.grams.most / 1000 },
)
</script>

<template>
  <li class="item" :aria-label="name">
    <div class="line">
      <details>
        <summary>
          <h3>{{ name }}</h3>
          <span class="said">{{ said }}</span>
        </summary>
        <div class="fields">
          <QuantityField
            v-if="item.kind === 'liquid'"
            class="mass"
            label="How much"
            dimension="volume"
            :units="unitSystem"
            :value="item.ml"
            :show="(value) => text(units.volume(value))"
            :limit="itemLimit.ml"
            :keep="(ml) => set({ ml, measure: null })"
          />
          <QuantityField
            v-else-if="item.kind !== 'line'"
            class="mass"
            label="Weight"
            dimension="mass"
            :units="unitSystem"
            :value="kg"
            :show="(value) => text(units.mass(value))"
            :limit="massLimit"
            :keep="weigh"
          />
          <NumberField
            v-if="item.load"
            class="pieces"
            label="Pieces"
            :model-value="item.load.pieces"
            :limit="LoadBody.pieces"
            whole
            needed
            @update:model-value="load({ pieces: $event, heaviestKg: null })"
          />
          <template v-if="item.kind === 'companion'">
            <ChoiceField
              v-if="companion?.isCut"
              label="Cut"
              :model-value="item.size ?? null"
              :options="sizes"
              @update:model-value="set({ size: $event })"
            />
            <TickField
              label="in a bowl"
              :model-value="item.inBowl ?? false"
              @update:model-value="set({ inBowl: $event })"
            />
          </template>
          <ChoiceField
            v-if="item.kind === 'line'"
            label="When"
            :model-value="item.when ?? 'after'"
            :options="moments"
            @update:model-value="set({ when: $event })"
          />
          <template v-if="item.load">
            <ChoiceField label="State" :model-value="lies" :options="states" @update:model-value="lie($event)" />
            <ChoiceField
              label="How it ends"
              :model-value="item.aim ?? cut?.usualAim ?? 'slice'"
              :options="aimsOf(cut)"
              @update:model-value="set({ aim: $event })"
            />
            <ChoiceField
              label="Where it lies"
              :model-value="item.load.placement ?? 'rack'"
              :options="placements"
              @update:model-value="load({ placement: $event })"
            />
            <QuantityField
              v-if="weighed"
              label="The heaviest"
              dimension="mass"
              :units="unitSystem"
              :value="item.load.heaviestKg"
              :show="(value) => text(units.mass(value))"
              :limit="LoadBody.heaviestKg"
              :keep="(heaviestKg) => load({ heaviestKg })"
              :clear="() => load({ heaviestKg: null })"
            />
            <QuantityField
              label="Thickest part"
              dimension="length"
              :units="unitSystem"
              :value="item.load.thicknessMm"
              :show="(value) => text(units.length(value))"
              :limit="LoadBody.thicknessMm"
              :keep="(thicknessMm) => load({ thicknessMm })"
              :clear="() => load({ thicknessMm: null })"
            />
          </template>
        </div>
        <form class="anew" @submit.prevent="retype">
          <TextField v-model="anew" label="Or type it anew" :limit="lineLimit.text" :placeholder="said" />
          <v-btn type="submit" :icon="mdiCheck" aria-label="Take what was typed" />
        </form>
      </details>
      <div v-if="question" class="question" role="group" :aria-label="question.text">
        <span>{{ question.text }}</span>
        <v-btn v-for="ml in question.offersMl" :key="ml" variant="outlined" @click="emit('pour', ml)">{{
          text(units.volume(ml))
        }}</v-btn>
        <v-btn variant="outlined" @click="emit('pour', null)">A splash</v-btn>
      </div>
    </div>
    <v-btn class="out" :icon="mdiClose" :disabled="last" :aria-label="`Take ${name} out`" @click="emit('remove')" />
  </li>
</template>

<style scoped>
.item {
  display: flex;
  align-items: start;
  gap: 6px;
  border-top: 1px solid rgba(var(--v-theme-on-background), 0.3);
}
.line {
  flex: 1;
  min-width: 0;
}
.question {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 6px 10px;
  padding: 0 0 10px 1.6em;
}
.question > .v-btn {
  min-height: 48px;
}
summary {
  display: flex;
  flex-wrap: wrap;
  align-items: baseline;
  align-content: center;
  gap: 0 12px;
  min-height: 48px;
  padding: 4px 0;
  cursor: pointer;
}
summary::before {
  content: '▸';
  width: 0.8em;
}
details[open] > summary::before {
  content: '▾';
}
h3 {
  font-size: 1.1rem;
  font-weight: 700;
}
h3::first-letter {
  text-transform: uppercase;
}
.said {
  font-variant-numeric: tabular-nums;
}
.fields,
.anew {
  display: flex;
  flex-wrap: wrap;
  align-items: end;
  gap: 6px 14px;
  padding-bottom: 10px;
}
.anew > :first-child {
  flex: 1;
}
.mass,
.pieces {
  flex: 0 1 112px;
}
.fields > .frame {
  flex: 1 1 auto;
}
.out {
  flex: none;
}
</style>
