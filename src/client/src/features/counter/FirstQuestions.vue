<script setup lang="ts">
import { computed, ref } from 'vue'
import { limits } from '@/api/limits'
import type { Pot } from '@/api/types'
import ChoiceField from '@/shared/fields/ChoiceField.vue'
import NumberField from '@/shared/fields/NumberField.vue'
import { useKitchen } from '@/shared/kitchen/useKitchen'
import { useAttempt } from '@/shared/ui/useAttempt'
import { text } from '@/shared/units/format'

/** Three questions on the first opening, each with a usual answer. The answer below is computed with them already. */
const props = defineProps<{ pot: Pot }>()
const { settings, units, changeSettings, savePot } = useKitchen()
const { refusal, attempt } = useAttempt()
const sizes = [3, 5.7, 8, 10]
const size = ref(String(sizes.includes(props.pot.capacityLitres) ? props.pot.capacityLitres : sizes[1]))
const choices = computed(() =>
  sizes.map((litres) => ({ value: String(litres), title: `${text(units.value.capacity(litres))}s` })),
)
const thermometers = [
  { value: 'yes', title: 'yes' },
  { value: 'no', title: 'no' },
] as const
const height = computed(() => Math.round(units.value.altitudeValue(settings.value?.altitudeMetres ?? 0)))
const range = computed(() => ({
  least: Math.round(units.value.altitudeValue(limits.KitchenSettings.altitudeMetres.least)),
  most: Math.round(units.value.altitudeValue(limits.KitchenSettings.altitudeMetres.most)),
}))

const resize = (litres: string) =>
  attempt(async () => {
    size.value = litres
    // Only the size is said here: it is laid over what the pot is by now.
    for (let pot: Pot | null = props.pot; pot;) {
      const { name, isDefault } = pot
      pot = await savePot.mutateAsync({ pot, body: { name, isDefault, capacityLitres: Number(litres) } })
    }
  })
const rise = (value: number | null) =>
  value !== null && changeSettings({ altitudeMetres: Math.round(units.value.altitudeMetres(value)) })
</script>

<template>
  <section class="first" aria-label="About your kitchen">
    <p><b>Three things about your kitchen.</b> The answer below takes these until you say otherwise.</p>
    <div class="fields">
      <ChoiceField label="Your pot" :model-value="size" :options="choices" @update:model-value="resize" />
      <NumberField
        :label="`Height above the sea, ${units.altitude(0).unit}`"
        :model-value="height"
        :limit="range"
        whole
        @update:model-value="rise"
      />
      <ChoiceField
        label="A probe thermometer"
        model-value="yes"
        :options="thermometers"
        @update:model-value="changeSettings({ hasThermometer: $event === 'yes' })"
      />
      <v-btn class="tall" variant="outlined" @click="changeSettings({ hasThermometer: true })">That is right</v-btn>
    </div>
    <p v-if="refusal" role="alert">{{ refusal }}</p>
  </section>
</template>

<style scoped>
.first {
  display: grid;
  gap: 8px;
  padding: 12px 16px;
  border: 1px solid rgba(var(--v-theme-on-background), 0.5);
  border-radius: 12px;
}
.fields {
  display: flex;
  flex-wrap: wrap;
  gap: 10px 16px;
  align-items: end;
}
p {
  margin: 0;
}
</style>
