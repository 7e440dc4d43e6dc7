<script setup lang="ts">
import { mdiChevronDown, mdiChevronUp } from '@mdi/js'
import { computed, ref } from 'vue'
import { limits } from '@/api/limits'
import type { Cut, Pot, UnitSystem } from '@/api/types'
import QuantityField from '@/shared/fields/QuantityField.vue'
import { useAttempt } from '@/shared/ui/useAttempt'
import { text, type Units } from '@/shared/units/format'
import BesideMenu from './BesideMenu.vue'
import ChoiceList from './ChoiceList.vue'
import CountStepper from './CountStepper.vue'
import CutPicker from './CutPicker.vue'
import PhraseMenu from './PhraseMenu.vue'
import type { DraftActions } from '@/shared/draft/useDraft'
import { aims, aimsOf, brownings, fridgeDays, placements, states, stateWords } from '@/shared/words/words'

const props = defineProps<{
  actions: DraftActions
  cuts: readonly Cut[]
  companions: readonly { id: string; name: string }[]
  pots: readonly Pot[]
  units: Units
  unitSystem: UnitSystem
  potId: string | null
  thicknessMm: number | null
  /** What the answer pours in, where nobody said how much. */
  pouredMl: number | null
}>()

const request = computed(() => props.actions.untried.value)
const load = computed(() => request.value.load)
const cut = computed(() => props.cuts.find((c) => c.id === load.value.cut))
const pot = computed(() => props.pots.find((p) => p.id === props.potId) ?? props.pots[0])
const pieces = computed(() => load.value.pieces ?? 1)
const name = computed(() => (pieces.value === 1 ? cut.value?.name : cut.value?.plural) ?? '…')
const kg = computed(() => load.value.totalKg ?? 0)
const ml = computed(() => request.value.liquidMl ?? props.pouredMl ?? pot.value?.minimumLiquidMl ?? 0)
const ends = computed(() => aimsOf(cut.value))
const aim = computed(() => ends.value.find((a) => a.value === (request.value.aim ?? cut.value?.usualAim)) ?? aims[0])
const placement = computed(() => placements.find((p) => p.value === (load.value.placement ?? 'rack')) ?? placements[0])
const browning = computed(() => brownings.find((b) => b.value === (request.value.browned ?? false)) ?? brownings[0])
const inFridge = computed(() => fridgeDays.find((d) => d.value === (load.value.daysInFridge ?? null)) ?? fridgeDays[0])
const potItems = computed(() =>
  props.pots.map((p) => ({ title: p.name, hint: `${text(props.units.capacity(p.capacityLitres))}s`, id: p.id })),
)
const potWords = computed(() => {
  const typed = request.value.pot?.capacityLitres
  return typed
    ? `a ${text(props.units.capacity(typed))} pot`
    : pot.value
      ? `${pot.value.name}, ${text(props.units.capacity(pot.value.capacityLitres))}s`
      : '…'
})
const thickness = computed(() => {
  const known = load.value.thicknessMm
  if (known) return `${text(props.units.length(known))} thick`
  const heaviest = load.value.heaviestKg
  if (heaviest) return `the heaviest ${text(props.units.mass(heaviest))}`
  return props.thicknessMm
    ? `about ${text(props.units.length(props.thicknessMm))} thick, not measured`
    : 'thickness not measured'
})
const arrangements = [
  { value: 'single', title: 'side by side', hint: 'steam reaches every side' },
  { value: 'overlapping', title: 'overlapping', hint: 'pieces lie on each other' },
] as const
const { LoadBody: limit, PreviewBody: whole } = limits
const massWords = (kg: number) => text(props.units.mass(kg))
const lengthWords = (mm: number) => text(props.units.length(mm))
const volumeWords = (ml: number) => text(props.units.volume(ml))
const { refusal, attempt } = useAttempt()
const lying = computed(() => (load.value.arrangement === 'overlapping' ? 'overlapping' : 'side by side'))
/** On a phone it is one line until it is touched. */
const isOpen = ref(false)
const short = computed(() =>
  [
    `${pieces.value} ${name.value}`,
    massWords(kg.value),
    stateWords(load.value),
    aim.value.title,
    potWords.value,
    ...(request.value.companions ?? []).map((c) => props.companions.find((k) => k.id === c.id)?.name ?? c.id),
  ].join(', '),
)
</script>

<template>
  <button type="button" class="fold" :aria-expanded="isOpen" aria-controls="sentence" @click="isOpen = !isOpen">
    <span>{{ short }}</span>
    <v-icon :icon="isOpen ? mdiChevronUp : mdiChevronDown" aria-hidden="true" />
    <span class="sr-only">Change it</span>
  </button>
  <p id="sentence" class="sentence" :class="{ open: isOpen }">
    <PhraseMenu name="How many" :label="String(pieces)">
      <CountStepper
        :count="pieces"
        :limit="limit.pieces"
        label="piece"
        @change="attempt(() => actions.choosePieces($event))"
      />
    </PhraseMenu>
    {{ ' ' }}
    <PhraseMenu v-slot="{ close }" name="Cut" :label="name">
      <CutPicker
        :cuts="cuts"
        :chosen="cut"
        @choose="(attempt(() => actions.chooseCut($event)), close())"
      /> </PhraseMenu
    >,
    <PhraseMenu v-slot="{ close }" name="State" :label="stateWords(load)">
      <ChoiceList
        :items="states"
        :is-chosen="(s) => s.title === stateWords(load)"
        @choose="
          (actions.changeLoad({ state: $event.value, arrangement: $event.arrangement, startCelsius: null }), close())
        "
      /> </PhraseMenu
    >,
    <PhraseMenu v-if="load.state !== 'frozen'" v-slot="{ close }" name="How long in the fridge" :label="inFridge.title">
      <ChoiceList
        :items="fridgeDays"
        :is-chosen="(d) => d === inFridge"
        @choose="(actions.changeLoad({ daysInFridge: $event.value }), close())"
      />
    </PhraseMenu>
    <template v-if="load.state !== 'frozen'">, </template>
    <PhraseMenu v-slot="{ close }" name="Weight of all" :label="massWords(kg)">
      <QuantityField
        label="Weight of all"
        dimension="mass"
        :units="unitSystem"
        :value="kg"
        autofocus
        :show="massWords"
        :limit="limit.totalKg"
        :keep="(totalKg) => actions.changeLoad({ totalKg })"
        @done="close"
      /> </PhraseMenu
    >,
    <PhraseMenu v-slot="{ close }" name="Thickness" :label="thickness">
      <QuantityField
        label="At the thickest point"
        dimension="length"
        :units="unitSystem"
        :value="load.thicknessMm"
        autofocus
        :show="lengthWords"
        :limit="limit.thicknessMm"
        :keep="(thicknessMm) => actions.changeLoad({ thicknessMm })"
        :clear="() => actions.changeLoad({ thicknessMm: null })"
        @done="close"
      />
      <QuantityField
        v-if="pieces > 1 && !load.thicknessMm"
        label="Or the heaviest piece weighs"
        dimension="mass"
        :units="unitSystem"
        :value="load.heaviestKg"
        :show="massWords"
        :limit="limit.heaviestKg"
        :keep="(heaviestKg) => actions.changeLoad({ heaviestKg })"
        :clear="() => actions.changeLoad({ heaviestKg: null })"
        @done="close"
      />
      <v-btn v-if="load.thicknessMm" block @click="(actions.changeLoad({ thicknessMm: null }), close())"
        >Not measured</v-btn
      > </PhraseMenu
    >,
    <template v-if="pieces > 1 && load.arrangement !== 'lump'">
      <PhraseMenu v-slot="{ close }" name="How they lie" :label="lying">
        <ChoiceList
          :items="arrangements"
          :is-chosen="(a) => a.title === lying"
          @choose="(actions.changeLoad({ arrangement: $event.value }), close())"
        />
      </PhraseMenu>
      {{ ' ' }}
    </template>
    <PhraseMenu v-slot="{ close }" name="Where it lies" :label="placement.title">
      <ChoiceList
        :items="placements"
        :is-chosen="(p) => p === placement"
        @choose="(actions.changeLoad({ placement: $event.value }), close())"
      /> </PhraseMenu
    >,
    <PhraseMenu v-slot="{ close }" name="How it should end" :label="aim.title">
      <ChoiceList
        :items="ends"
        :is-chosen="(a) => a === aim"
        @choose="(actions.change({ aim: $event.value }), close())"
      /> </PhraseMenu
    >,
    <PhraseMenu v-slot="{ close }" name="Browning" :label="browning.title">
      <ChoiceList
        :items="brownings"
        :is-chosen="(b) => b === browning"
        @choose="(actions.change({ browned: $event.value }), close())"
      /> </PhraseMenu
    >, in
    <PhraseMenu v-slot="{ close }" name="Pot" :label="potWords">
      <ChoiceList
        :items="potItems"
        :is-chosen="(p) => p.id === pot?.id && !request.pot"
        @choose="(actions.usePot($event.id), close())"
      />
    </PhraseMenu>
    with
    <PhraseMenu v-slot="{ close }" name="Thin liquid" :label="`${volumeWords(ml)} liquid`">
      <QuantityField
        label="Thin liquid"
        dimension="volume"
        :units="unitSystem"
        :value="ml"
        autofocus
        :show="volumeWords"
        :limit="whole.liquidMl"
        :keep="(liquidMl) => actions.change({ liquidMl })"
        @done="close"
      />
    </PhraseMenu>
    and
    <BesideMenu
      :beside="request.companions ?? []"
      :companions="companions"
      :units="units"
      :unit-system="unitSystem"
      @change="actions.change({ companions: $event })"
    />.
  </p>
  <p v-if="refusal" role="alert">{{ refusal }}</p>
</template>

<style scoped>
.sentence {
  font-family: var(--display);
  font-size: clamp(1.15rem, 0.9rem + 0.75vw, 1.5rem);
  line-height: 1.35;
  margin: 0;
}
.fold {
  display: none;
}
@media (max-width: 700px) {
  .fold {
    display: flex;
    align-items: center;
    gap: 8px;
    width: 100%;
    min-height: 48px;
    font-family: var(--display);
    font-size: 1.1rem;
    text-align: left;
    cursor: pointer;
  }
  .fold > span:first-child {
    flex: 1;
    min-width: 0;
    overflow: hidden;
    text-overflow: ellipsis;
    white-space: nowrap;
  }
  .sentence:not(.open) {
    display: none;
  }
}
</style>
