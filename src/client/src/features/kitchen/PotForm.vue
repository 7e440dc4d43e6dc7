<script setup lang="ts">
import { reactive } from 'vue'
import type { Pot, PotBody, UnitSystem } from '@/api/types'
import QuantityField from '@/shared/ui/QuantityField.vue'
import TextField from '@/shared/ui/TextField.vue'
import { text, type Units } from '@/shared/units/format'

const props = defineProps<{ pot: Pot | null; units: Units; unitSystem: UnitSystem }>()
const emit = defineEmits<{ save: [Partial<PotBody>]; cancel: [] }>()
const form = reactive({
  name: props.pot?.name ?? '',
  capacityLitres: props.pot?.capacityLitres ?? 5.7,
  heaterWatts: props.pot?.heaterWatts ?? null,
  minimumLiquidMl: props.pot?.minimumLiquidMl ?? null,
  highGaugeKpa: props.pot?.highGaugeKpa ?? null,
  lowGaugeKpa: props.pot?.lowGaugeKpa ?? null,
  innerDiameterMm: props.pot?.innerDiameterMm ?? null,
  usableHeightMm: props.pot?.usableHeightMm ?? null,
  rackMm: props.pot?.rackMm ?? null,
  fillMarkLitres: props.pot?.fillMarkLitres ?? null,
  halfMarkLitres: props.pot?.halfMarkLitres ?? null,
  isDefault: props.pot?.isDefault ?? false,
})
const numbers = [
  { key: 'capacityLitres', label: 'Capacity, litres', step: 0.1 },
  { key: 'heaterWatts', label: 'Power, W', step: 10 },
  { key: 'highGaugeKpa', label: 'High pressure, kPa', step: 1 },
  { key: 'lowGaugeKpa', label: 'Low pressure, kPa', step: 1 },
  { key: 'fillMarkLitres', label: 'Highest mark, litres', step: 0.1 },
  { key: 'halfMarkLitres', label: 'Mark for what foams, litres', step: 0.1 },
] as const
const usual = 'usual for its size'
const lengths = [
  { key: 'innerDiameterMm', label: 'Across, inside' },
  { key: 'usableHeightMm', label: 'Floor to lid' },
  { key: 'rackMm', label: 'Height of the rack' },
] as const
const set = (key: (typeof numbers)[number]['key'], value: string) => {
  const number = value === '' ? null : Number(value)
  if (key === 'capacityLitres') form.capacityLitres = number ?? 0
  else form[key] = number
}
</script>

<template>
  <form class="form" @submit.prevent="emit('save', { ...form })">
    <TextField v-model="form.name" label="What you call it" :maxlength="60" autofocus />
    <TextField
      v-for="field in numbers"
      :key="field.key"
      :model-value="form[field.key]"
      :label="field.label"
      :step="field.step"
      type="number"
      :placeholder="usual"
      @update:model-value="set(field.key, String($event ?? ''))"
    />
    <QuantityField
      label="Least liquid, by its manual"
      dimension="volume"
      :placeholder="usual"
      :units="unitSystem"
      :shown="form.minimumLiquidMl === null ? '' : text(units.volume(form.minimumLiquidMl))"
      @read="form.minimumLiquidMl = $event"
    />
    <QuantityField
      v-for="field in lengths"
      :key="field.key"
      :label="field.label"
      dimension="length"
      :placeholder="usual"
      :units="unitSystem"
      :shown="form[field.key] === null ? '' : text(units.length(form[field.key]!))"
      @read="form[field.key] = $event"
    />
    <label class="tick"><input v-model="form.isDefault" type="checkbox" /> Use it unless I say otherwise</label>
    <div class="buttons">
      <v-btn type="submit" variant="flat" color="primary" class="tall" :disabled="!form.name.trim()">Save</v-btn>
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
