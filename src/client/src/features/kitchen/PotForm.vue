<script setup lang="ts">
import { reactive } from 'vue'
import { limits } from '@/api/limits'
import type { Pot, PotBody, UnitSystem } from '@/api/types'
import QuantityField from '@/shared/fields/QuantityField.vue'
import { showWrong } from '@/shared/fields/limits'
import { useReads } from '@/shared/fields/useReads'
import NumberField from '@/shared/fields/NumberField.vue'
import TextField from '@/shared/fields/TextField.vue'
import TickField from '@/shared/fields/TickField.vue'
import { text, type Units } from '@/shared/units/format'

const props = defineProps<{ pot: Pot | null; units: Units; unitSystem: UnitSystem }>()
const emit = defineEmits<{ save: [Partial<PotBody>]; cancel: [] }>()
const form = reactive({
  name: props.pot?.name ?? '',
  capacityLitres: props.pot?.capacityLitres ?? 5.7,
  heaterWatts: props.pot ? Math.round(props.pot.heaterWatts) : null,
  minimumLiquidMl: props.pot?.minimumLiquidMl ?? null,
  highGaugeKpa: props.pot?.highGaugeKpa ?? null,
  lowGaugeKpa: props.pot?.lowGaugeKpa ?? null,
  innerDiameterMm: props.pot?.innerDiameterMm ?? null,
  usableHeightMm: props.pot?.usableHeightMm ?? null,
  rackMm: props.pot?.rackMm ?? null,
  fillMarkLitres: props.pot?.fillMarkLitres ?? null,
  halfMarkLitres: props.pot?.halfMarkLitres ?? null,
  keepsWarm: props.pot?.keepsWarm ?? null,
  keepWarmCelsius: props.pot?.keepWarmCelsius ?? null,
  isDefault: props.pot?.isDefault ?? false,
})
const capacities = [
  { key: 'capacityLitres', label: 'Capacity' },
  { key: 'fillMarkLitres', label: 'Highest mark' },
  { key: 'halfMarkLitres', label: 'Mark for what foams' },
] as const
const pressures = [
  { key: 'highGaugeKpa', label: 'High pressure' },
  { key: 'lowGaugeKpa', label: 'Low pressure' },
] as const
const usual = 'usual for its size'
const lengths = [
  { key: 'innerDiameterMm', label: 'Across, inside' },
  { key: 'usableHeightMm', label: 'Floor to lid' },
  { key: 'rackMm', label: 'Height of the rack' },
] as const
const { PotBody: limit } = limits
const lengthWords = (mm: number) => text(props.units.length(mm))
const tenth = (value: number) => Math.round(value * 10) / 10
const shownCapacity = (litres: number | null) => (litres === null ? null : tenth(props.units.capacityValue(litres)))
const capacityLimit = (range: { least: number; most: number }) => ({
  least: tenth(props.units.capacityValue(range.least)),
  most: tenth(props.units.capacityValue(range.most)),
})
const whenRead = useReads()
async function save(element: EventTarget | null) {
  await whenRead()
  if (!showWrong(element)) emit('save', { ...form })
}
const volumeWords = (ml: number) => text(props.units.volume(ml))
</script>

<template>
  <form class="form" @submit.prevent="save($event.currentTarget)">
    <TextField v-model="form.name" label="What you call it" :limit="limit.name" needed autofocus />
    <NumberField
      v-for="field in capacities"
      :key="field.key"
      :model-value="shownCapacity(form[field.key])"
      :label="`${field.label}, ${units.capacity(1).unit}s`"
      :step="0.1"
      :limit="capacityLimit(limit[field.key])"
      :needed="field.key === 'capacityLitres'"
      :placeholder="usual"
      @update:model-value="form[field.key as 'fillMarkLitres'] = $event === null ? null : units.capacityLitres($event)"
    />
    <NumberField
      v-model="form.heaterWatts"
      label="Power, W"
      :step="10"
      :limit="limit.heaterWatts"
      :placeholder="usual"
    />
    <NumberField
      v-for="field in pressures"
      :key="field.key"
      v-model="form[field.key]"
      :label="`${field.label}, kPa${form[field.key] === null ? '' : ` (${text(units.pressure(form[field.key]!))})`}`"
      :step="1"
      :limit="limit[field.key]"
      :placeholder="usual"
    />
    <QuantityField
      label="Least liquid, by its manual"
      dimension="volume"
      :placeholder="usual"
      :units="unitSystem"
      :value="form.minimumLiquidMl"
      :show="volumeWords"
      :limit="limit.minimumLiquidMl"
      :keep="(ml) => (form.minimumLiquidMl = ml)"
      :clear="() => (form.minimumLiquidMl = null)"
    />
    <QuantityField
      v-for="field in lengths"
      :key="field.key"
      :label="field.label"
      dimension="length"
      :placeholder="usual"
      :units="unitSystem"
      :value="form[field.key]"
      :show="lengthWords"
      :limit="limit[field.key]"
      :keep="(mm) => (form[field.key] = mm)"
      :clear="() => (form[field.key] = null)"
    />
    <TickField
      :model-value="form.keepsWarm ?? true"
      label="Keeps warm by itself"
      @update:model-value="form.keepsWarm = $event"
    />
    <QuantityField
      v-if="form.keepsWarm !== false"
      label="Keeps warm at"
      dimension="temperature"
      placeholder="usual"
      :units="unitSystem"
      :value="form.keepWarmCelsius"
      :show="(celsius) => text(units.temperature(celsius))"
      :limit="limit.keepWarmCelsius"
      :keep="(celsius) => (form.keepWarmCelsius = celsius)"
      :clear="() => (form.keepWarmCelsius = null)"
    />
    <TickField v-model="form.isDefault" label="Use it unless I say otherwise" />
    <div class="buttons">
      <v-btn
        type="submit"
        variant="flat"
        color="primary"
        class="tall"
        :disabled="!form.name?.trim() || form.capacityLitres === null"
        >Save</v-btn
      >
      <v-btn class="tall" @click="emit('cancel')">Leave it</v-btn>
    </div>
  </form>
</template>

<style scoped>
.form {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(220px, 1fr));
  align-items: end;
  gap: 14px;
  padding: 16px 0;
}
</style>
