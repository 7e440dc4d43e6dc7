<script setup lang="ts">
import { mdiPlus } from '@mdi/js'
import { computed, ref } from 'vue'
import type { Pot, PotBody } from '@/api/types'
import QuantityField from '@/shared/fields/QuantityField.vue'
import ChoiceField from '@/shared/fields/ChoiceField.vue'
import FoldedPart from '@/shared/ui/FoldedPart.vue'
import NumberField from '@/shared/fields/NumberField.vue'
import TextField from '@/shared/fields/TextField.vue'
import { limits } from '@/api/limits'
import TwoVersions from '@/shared/ui/TwoVersions.vue'
import UndoBar from '@/shared/ui/UndoBar.vue'
import { useAttempt } from '@/shared/ui/useAttempt'
import { useCatalogue } from '@/shared/catalogue/useCatalogue'
import { text } from '@/shared/units/format'
import BackupPanel from './BackupPanel.vue'
import HomePanel from './HomePanel.vue'
import PotForm from './PotForm.vue'
import ThermometerForm from './ThermometerForm.vue'
import { useKitchen } from '@/shared/kitchen/useKitchen'

const {
  query,
  settings,
  pots,
  units,
  unitSystem,
  changeSettings,
  refusal: unkept,
  addPot,
  savePot,
  removePot,
  restorePot,
  switchUnits,
} = useKitchen()
const { schools } = useCatalogue()
const ways = computed(() => [
  { value: 'none', title: 'What Ikuzo computes' },
  ...schools.value.map((school) => ({ value: school.id, title: school.name })),
])
const adding = ref(false)
const editing = ref<Pot | null>(null) // as it was when it was opened
const elsewhere = ref<{ mine: Partial<PotBody>; theirs: Pot } | null>(null)
const removed = ref<Pot | null>(null)
const { refusal, attempt } = useAttempt()
const boiling = computed(() => query.data.value?.boilingCelsius)

const add = (body: Partial<PotBody>) =>
  attempt(async () => {
    await addPot.mutateAsync(body)
    adding.value = false
  })
const save = (pot: Pot, body: Partial<PotBody>) =>
  attempt(async () => {
    const theirs = await savePot.mutateAsync({ pot, body })
    if (theirs) elsewhere.value = { mine: body, theirs }
    else edit(null)
  })
// One form at a time, and what another window did belongs to the one that it was said of.
function edit(pot: Pot | null) {
  elsewhere.value = null
  adding.value = false
  editing.value = pot
}
function startAdding() {
  edit(null)
  adding.value = true
}
const drop = (pot: Pot) =>
  attempt(async () => {
    await removePot.mutateAsync(pot.id)
    removed.value = pot
  })
function bringBack() {
  if (removed.value) restorePot.mutate(removed.value.id)
  removed.value = null
}
const { KitchenSettings: limit } = limits
const placeSaid = computed(() =>
  settings.value
    ? `${text(units.value.altitude(settings.value.altitudeMetres))} high, ${text(units.value.temperature(settings.value.roomCelsius))} in the room`
    : '',
)
const coldSaid = computed(
  () =>
    `raw ${settings.value?.rawDays ?? limit.rawDays.most} days, cooked ${settings.value?.cookedDays ?? limit.cookedDays.most}`,
)
const thermometerSaid = computed(() => (settings.value?.hasThermometer ? 'there is one' : 'none'))
const altitudeLimit = computed(() => ({
  least: Math.ceil(units.value.altitudeValue(limit.altitudeMetres.least)),
  most: Math.floor(units.value.altitudeValue(limit.altitudeMetres.most)),
}))
</script>

<template>
  <div v-if="settings" class="kitchen">
    <h1>{{ settings.name }}</h1>
    <p v-if="refusal ?? unkept" role="alert" class="stop">{{ refusal ?? unkept }}</p>
    <FoldedPart title="Where you cook" :said="placeSaid" roomy class="place">
      <div class="fields">
        <TextField
          :model-value="settings.name"
          label="Name of the kitchen"
          :limit="limit.name"
          needed
          @update:model-value="changeSettings({ name: $event! })"
        />
        <NumberField
          :model-value="Math.round(units.altitudeValue(settings.altitudeMetres))"
          :label="`Height above the sea, ${units.altitude(0).unit}`"
          :limit="altitudeLimit"
          :step="10"
          needed
          @update:model-value="changeSettings({ altitudeMetres: units.altitudeMetres($event!) })"
        />
        <QuantityField
          label="Usual room temperature"
          dimension="temperature"
          :units="unitSystem"
          :value="settings.roomCelsius"
          :show="(celsius) => text(units.temperature(celsius))"
          :limit="limit.roomCelsius"
          :keep="(roomCelsius) => changeSettings({ roomCelsius })"
        />
        <ChoiceField
          :model-value="settings.defaultSchool ?? 'none'"
          label="Minutes and release, where safe"
          :options="ways"
          @update:model-value="changeSettings({ defaultSchool: $event })"
        />
        <v-btn class="tall" variant="outlined" @click="switchUnits"
          >{{ unitSystem === 'us' ? 'Pounds, cups, °F' : 'Grams, millilitres, °C' }}: switch</v-btn
        >
      </div>
      <p v-if="boiling">
        Water boils at <b>{{ text(units.temperature(boiling)) }}</b> here. Every plan counts that in.
      </p>
    </FoldedPart>
    <FoldedPart title="Pots" :said="pots.map((p) => p.name).join(', ')" roomy>
      <div class="head">
        <v-btn class="tall" :prepend-icon="mdiPlus" @click="startAdding">Add a pot</v-btn>
      </div>
      <PotForm
        v-if="adding"
        :pot="null"
        :units="units"
        :unit-system="unitSystem"
        @save="add"
        @cancel="adding = false"
      />
      <ul class="pots">
        <li v-for="pot in pots" :key="pot.id">
          <template v-if="editing?.id === pot.id">
            <PotForm
              :pot="editing"
              :units="units"
              :unit-system="unitSystem"
              @save="save(elsewhere?.theirs ?? editing, $event)"
              @cancel="edit(null)"
            />
            <TwoVersions
              v-if="elsewhere"
              class="elsewhere"
              @mine="save(elsewhere.theirs, elsewhere.mine)"
              @theirs="edit(null)"
            >
              Another window changed this pot meanwhile. There it is “{{ elsewhere.theirs.name }}” of
              {{ text(units.capacity(elsewhere.theirs.capacityLitres)) }}s and
              {{ Math.round(elsewhere.theirs.heaterWatts) }} W. Nothing is stored until you choose.
            </TwoVersions>
          </template>
          <div v-else class="pot">
            <svg class="drawing" viewBox="0 0 100 100" aria-hidden="true">
              <path :d="`M18 ${96 - 8 * pot.capacityLitres}V96H82V${96 - 8 * pot.capacityLitres}`" />
              <path :d="`M12 ${96 - 8 * pot.capacityLitres}H88`" />
              <path :d="`M20 ${96 - (8 * pot.minimumLiquidMl) / 1000}H80`" class="water" />
            </svg>
            <div class="words">
              <h3>{{ pot.name }} <small v-if="pot.isDefault">used unless you say otherwise</small></h3>
              <p>
                <b>{{ units.capacity(pot.capacityLitres).number }}</b> {{ units.capacity(pot.capacityLitres).unit }}s ·
                <b>{{ Math.round(pot.heaterWatts) }}</b> W · at least
                <b>{{ text(units.volume(pot.minimumLiquidMl)) }}</b> liquid · high
                <b>{{ text(units.pressure(pot.highGaugeKpa)) }}</b>, low
                <b>{{ text(units.pressure(pot.lowGaugeKpa)) }}</b>
              </p>
            </div>
            <v-btn class="tall" @click="edit(pot)">Change</v-btn>
            <v-btn class="tall" :disabled="pots.length === 1" @click="drop(pot)">Remove</v-btn>
          </div>
        </li>
      </ul>
      <p>The manual of your pot wins: minimum liquid, fill marks, frozen food, lids.</p>
    </FoldedPart>
    <FoldedPart title="Thermometer" :said="thermometerSaid" roomy>
      <ThermometerForm
        v-if="query.data.value"
        :view="query.data.value"
        :units="units"
        :unit-system="unitSystem"
        :change="changeSettings"
      />
    </FoldedPart>
    <FoldedPart title="In the cold" :said="coldSaid" roomy>
      <div class="fields">
        <NumberField
          :model-value="settings.rawDays ?? limit.rawDays.most"
          label="Days raw birds stay in the fridge"
          :limit="limit.rawDays"
          :step="0.5"
          needed
          @update:model-value="changeSettings({ rawDays: $event })"
        />
        <NumberField
          :model-value="settings.cookedDays ?? limit.cookedDays.most"
          label="Days cooked food stays"
          :limit="limit.cookedDays"
          :step="0.5"
          needed
          @update:model-value="changeSettings({ cookedDays: $event })"
        />
      </div>
      <p>You may be stricter than the rules, not laxer.</p>
    </FoldedPart>
    <FoldedPart title="Phones of the house" said="" roomy><HomePanel /></FoldedPart>
    <FoldedPart title="Backups" said="" roomy><BackupPanel /></FoldedPart>
    <UndoBar :text="removed ? `Removed ${removed.name}.` : null" @undo="bringBack" @gone="removed = null" />
  </div>
</template>

<style scoped>
.kitchen {
  max-width: 980px;
  display: grid;
  gap: 0;
}
h1 {
  margin-bottom: 12px;
  font-family: var(--display);
  font-weight: 560;
  line-height: 1.15;
}
.fields {
  display: grid;
  align-items: end;
  grid-template-columns: repeat(auto-fit, minmax(220px, 1fr));
  gap: 14px;
  margin: 12px 0;
}
.head {
  display: flex;
}
.pots {
  list-style: none;
  padding: 0;
  margin: 8px 0;
}
.pots li {
  border-top: 1px solid rgba(var(--v-theme-on-background), 0.35);
}
.pot {
  display: flex;
  align-items: center;
  flex-wrap: wrap;
  gap: 10px 18px;
  padding: 12px 0;
}
.elsewhere {
  margin-bottom: 14px;
}
.words {
  flex: 1 1 300px;
}
.words h3 {
  font-size: 1.2rem;
}
.words small {
  font-weight: 400;
  font-size: 0.9rem;
}
.words p {
  margin: 0;
}
.drawing {
  width: 76px;
  fill: none;
  stroke: currentColor;
  stroke-width: 3.5;
  stroke-linecap: round;
}
.water {
  stroke: rgb(var(--v-theme-secondary));
  stroke-dasharray: 1 6;
}
</style>
