<script setup lang="ts">
import type { KitchenView, Promise as Promised, UnitSystem } from '@/api/types'
import { computed } from 'vue'
import { limits } from '@/api/limits'
import ChoiceField from '@/shared/fields/ChoiceField.vue'
import QuantityField from '@/shared/fields/QuantityField.vue'
import { text, type Units } from '@/shared/units/format'

/** The thermometer in ice water and in boiling water, against what is true at this height. */
interface Check {
  iceCelsius?: number | null
  boilingCelsius?: number | null
  hasThermometer?: boolean
  usualPromise?: Promised
  mostReturns?: number
}
const props = defineProps<{ view: KitchenView; units: Units; unitSystem: UnitSystem; change: (part: Check) => void }>()
const { KitchenSettings: limit } = limits
const owns = [
  { value: 'yes', title: 'yes' },
  { value: 'no', title: 'no' },
] as const
const promises = [
  { value: 'measured', title: 'for the thermometer' },
  { value: 'sure', title: 'sure unmeasured' },
] as const
const returns = [
  { value: '0.05', title: '1 cook in 20' },
  { value: '0.1', title: '1 in 10' },
  { value: '0.2', title: '1 in 5' },
  { value: '0.33', title: '1 in 3' },
] as const
const has = computed(() => props.view.settings.hasThermometer === true)
const show = (celsius: number) => text(props.units.precise(celsius))
</script>

<template>
  <div>
    <div class="fields">
      <ChoiceField
        label="A probe thermometer"
        :model-value="has ? 'yes' : 'no'"
        :options="owns"
        @update:model-value="change({ hasThermometer: $event === 'yes' })"
      />
      <template v-if="has">
        <ChoiceField
          label="Minutes are to be"
          :model-value="view.settings.usualPromise ?? 'measured'"
          :options="promises"
          @update:model-value="change({ usualPromise: $event as Promised })"
        />
        <ChoiceField
          v-if="view.settings.usualPromise !== 'sure'"
          label="A second reading is fine in"
          :model-value="String(view.settings.mostReturns ?? 0.2)"
          :options="returns"
          @update:model-value="change({ mostReturns: Number($event) })"
        />
      </template>
    </div>
    <p v-if="has">
      Minutes for the thermometer mean fewer minutes and more juice: you measure when you open, and where it is a little
      short it stands covered for some minutes and is read again.
    </p>
    <p v-else>Without one, minutes are those that are sure for 99 of 100 cooks.</p>
    <p>
      Once a month: in a glass of stirred ice and water it should say {{ text(units.temperature(0)) }}, in boiling water
      here {{ text(units.precise(view.boilingCelsius)) }}.
    </p>
    <div class="fields">
      <QuantityField
        label="In ice water"
        dimension="temperature"
        :units="unitSystem"
        :value="view.settings.iceCelsius"
        :show="show"
        :limit="limit.iceCelsius"
        :keep="(iceCelsius) => change({ iceCelsius })"
        :clear="() => change({ iceCelsius: null })"
      />
      <QuantityField
        label="In boiling water"
        dimension="temperature"
        :units="unitSystem"
        :value="view.settings.boilingCelsius"
        :show="show"
        :limit="limit.boilingCelsius"
        :keep="(boilingCelsius) => change({ boilingCelsius })"
        :clear="() => change({ boilingCelsius: null })"
      />
      <v-btn
        v-if="view.thermometer"
        class="tall"
        variant="outlined"
        @click="change({ iceCelsius: null, boilingCelsius: null })"
        >Forget it: a new thermometer</v-btn
      >
    </div>
    <p v-if="view.thermometer" role="status">
      <b v-if="!view.thermometer.isUsable">Do not go by this thermometer; it is off by too much.</b>
      <template v-else-if="view.thermometer.offsetKelvin > 0.2">
        It reads <b>{{ units.span(view.thermometer.offsetKelvin) }}</b> too hot where it matters; every reading is
        lowered by that.
      </template>
      <template v-else-if="view.thermometer.offsetKelvin < -0.2">
        It reads <b>{{ units.span(-view.thermometer.offsetKelvin) }}</b> too cold; readings are taken as they are, which
        errs on the safe side.
      </template>
      <template v-else>It reads right.</template>
    </p>
  </div>
</template>

<style scoped>
h2 {
  font-family: var(--display);
  font-weight: 560;
  line-height: 1.15;
}
.fields {
  display: flex;
  flex-wrap: wrap;
  gap: 14px;
  margin: 12px 0;
}
.fields > * {
  flex: 0 1 220px;
}
</style>
