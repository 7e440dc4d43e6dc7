<script setup lang="ts">
import { useDocumentVisibility, useIntervalFn } from '@vueuse/core'
import { computed, ref, shallowRef, useTemplateRef, watch } from 'vue'
import type { AskView, LiquidBudget, MeatYield, Release, Request, SavedPlan, Warning } from '@/api/types'
import { useKitchen } from '@/shared/kitchen/useKitchen'
import { useCatalogue } from '@/shared/catalogue/useCatalogue'
import BeginRow from '@/shared/cooks/BeginRow.vue'
import { sameWhileEqual } from '@/shared/ui/sameWhileEqual'
import { useShortcuts } from '@/shared/ui/useShortcuts'
import AlsoLine from './AlsoLine.vue'
import AnswerPanel from './AnswerPanel.vue'
import AskField from './AskField.vue'
import FirstQuestions from './FirstQuestions.vue'
import HeatPicture from './HeatPicture.vue'
import KeptPlans from './KeptPlans.vue'
import LatePanel from './LatePanel.vue'
import LiquidPanel from './LiquidPanel.vue'
import PotPicture from './PotPicture.vue'
import ReleaseList from './ReleaseList.vue'
import SchoolList from './SchoolList.vue'
import SentenceLine from './SentenceLine.vue'
import StopList from './StopList.vue'
import UrgentLine from './UrgentLine.vue'
import { useDraft } from '@/shared/draft/useDraft'
import { useLearned } from './useLearned'
import { usePreview } from './usePreview'
import WarningList from './WarningList.vue'

const minuteMs = 60_000
const actions = useDraft()
const { draft, change, mend } = actions
// What is below is no answer while a reading is in doubt or was refused, until the hand says what the load is.
const noAnswer = ref('')
let taken = ''
const loadNow = () => JSON.stringify(draft.value.request.load)
const typed = shallowRef<AskView | null>(null)
function take(heard: AskView) {
  actions.take(heard)
  typed.value = heard
  taken = loadNow()
}
watch(loadNow, (load) => load !== taken && (noAnswer.value = ''))
const { cuts, companions, birdWords, safety } = useCatalogue()
const { pots, units, unitSystem, settings, switchUnits } = useKitchen()
const askField = useTemplateRef('askField')
const kept = useTemplateRef('kept')

// The clock of the answer starts at the present minute.
const wholeMinute = () => new Date(Math.floor(Date.now() / minuteMs) * minuteMs).toISOString()
const lidOnAt = ref(wholeMinute())
const visible = useDocumentVisibility()
useIntervalFn(() => visible.value === 'visible' && (lidOnAt.value = wholeMinute()), minuteMs)

const pot = computed(() => pots.value.find((p) => p.id === draft.value.potId) ?? pots.value[0])
const question = computed<Request>(() => ({ ...draft.value.request, pot: draft.value.request.pot ?? pot.value }))
const asked = computed<Request | null>(() =>
  settings.value && pot.value
    ? { ...question.value, lidOnAt: lidOnAt.value, eatAt: draft.value.eatAt ?? null, units: unitSystem.value }
    : null,
)
const { plan, refusal, busy, stale } = usePreview(asked)
const learned = useLearned(asked, plan, busy)
const minutes = computed(() => draft.value.request.minutes ?? plan.value?.minutes ?? null)
const release = computed<Release | null>(() => {
  const tried = draft.value.request.release
  return tried?.kind ? { kind: tried.kind, restMinutes: tried.restMinutes ?? 0 } : (plan.value?.release ?? null)
})
// What rarely changes while minutes are tried is not drawn again.
// What is cooked in turns is no longer in the answer: that stands above it, as a stop does.
const isAbove = (w: Warning) => w.level === 'stop' || w.code === 'in-turns'
const stops = sameWhileEqual(() => plan.value?.warnings.filter(isAbove) ?? [])
const others = sameWhileEqual(() => plan.value?.warnings.filter((w) => !isAbove(w)) ?? [])
const schools = sameWhileEqual(() => plan.value?.schools ?? [])
const releases = sameWhileEqual(() => plan.value?.releases ?? [])
const plannedRelease = sameWhileEqual(() => plan.value?.release ?? null)
// Said of the minutes that the answer is about, not of those that the hand is at by now.
const unsafe = computed(() =>
  plan.value?.warnings.some((w) => w.code === 'too-short') ? `${plan.value.minutes} min is too short` : null,
)
const suggestion = computed(() => birdWords(draft.value.request.load) ?? 'Plan')

const tryMinutes = (value: number) => change({ minutes: value })
const tryRelease = (release: Release) => change({ release, minutes: draft.value.request.minutes })
const reset = () => change({ minutes: null, release: null })
const nudge = (by: number) => minutes.value !== null && tryMinutes(Math.max(0, minutes.value + by))
const confirm = (code: string) => change({ confirmed: [...(draft.value.request.confirmed ?? []), code] })
function openPlan(saved: SavedPlan) {
  const known = pots.value.find((p) => p.capacityLitres === saved.request.pot?.capacityLitres)
  actions.open(
    { ...saved.request, load: saved.request.load ?? {}, pot: known ? null : saved.request.pot },
    known?.id ?? null,
  )
}

useShortcuts({
  '/': () => askField.value?.focus(),
  '+': () => nudge(1),
  '-': () => nudge(-1),
  r: reset,
  k: () => kept.value?.startNaming(),
  u: switchUnits,
})
</script>

<template>
  <div class="counter">
    <h1 class="sr-only">Counter</h1>
    <AskField ref="askField" v-model:no-answer="noAnswer" :units="unitSystem" @heard="take" />
    <SentenceLine
      :actions="actions"
      :cuts="cuts"
      :companions="companions"
      :pots="pots"
      :units="units"
      :unit-system="unitSystem"
      :pot-id="draft.potId"
      :thickness-mm="plan?.thicknessMm ?? null"
      :poured-ml="plan?.liquid?.putInMl ?? null"
    />
    <p v-if="refusal" class="stop" role="alert">{{ refusal }}</p>
    <p v-if="stale" class="working" role="status">Working it out…</p>
    <p v-if="noAnswer && plan" class="not-yet">{{ noAnswer }}</p>
    <div class="bench" :aria-busy="busy">
      <StopList
        v-if="stops.length"
        class="first"
        :class="{ stale }"
        :warnings="stops"
        @confirm="confirm"
        @mend="mend"
      />
      <div class="left">
        <AnswerPanel
          v-if="plan && safety"
          :class="{ stale, doubted: noAnswer }"
          :plan="plan"
          :minutes="plan.minutes === null ? null : minutes"
          :units="units"
          :safety="safety"
          :learned="learned"
          :trying="draft.request.minutes != null || draft.request.release != null"
          @reset="reset"
          @promise="change({ promise: $event, minutes: null })"
        >
          <BeginRow
            label="Cook this"
            :from="{ request: { ...question, lidOnAt: null }, storeId: draft.storeId ?? null }"
            :disabled="plan.minutes === null || noAnswer !== ''"
            :unsafe="unsafe"
          />
        </AnswerPanel>
      </div>
      <div v-if="plan && safety" class="right" :class="{ stale, doubted: noAnswer }">
        <HeatPicture
          v-if="plan.curve && minutes !== null && release"
          :plan="plan"
          :minutes="minutes"
          :release="release"
          :units="units"
          :safety="safety"
          @release="tryRelease"
          @drag="tryMinutes"
          @nudge="nudge"
        />
        <div v-if="plan.picture" class="pot-side">
          <PotPicture :picture="plan.picture" :fit="plan.fit" :units="units" />
          <LiquidPanel
            v-if="plan.liquid && minutes !== null"
            :liquid="plan.liquid as LiquidBudget"
            :eaten="plan.yield as MeatYield"
            :minutes="minutes"
            :units="units"
            :stock-keeps="safety.stockKeeps"
          />
        </div>
      </div>
      <div class="rest">
        <AlsoLine v-if="typed && !noAnswer" :heard="typed" :promise="draft.request.promise ?? null" />
        <FirstQuestions v-if="settings && pots[0] && settings.hasThermometer === null" :pot="pots[0]" />
        <UrgentLine />
        <template v-if="plan">
          <WarningList :class="{ stale }" :warnings="others" @confirm="confirm" @mend="mend" />
          <ReleaseList
            :class="{ stale, doubted: noAnswer }"
            :options="releases"
            :chosen="plannedRelease"
            @choose="change({ release: $event })"
          />
        </template>
      </div>
    </div>
    <div v-if="plan" class="below" :class="{ stale }">
      <ul class="why" aria-label="Why">
        <li v-for="reason in plan.why" :key="reason">{{ reason }}</li>
      </ul>
      <LatePanel v-if="plan.minutes !== null" :request="question" :units="units" />
    </div>
    <SchoolList
      v-if="plan"
      :class="{ stale }"
      :schools="schools"
      @follow="change({ minutes: $event.minutes, release: $event.release })"
    />
    <KeptPlans ref="kept" :request="question" :suggestion="suggestion" @open="openPlan" />
    <p class="defer">
      Advice from a model. A thermometer overrules it, always towards more cooking; your pot’s manual and your local
      food authority win.
    </p>
  </div>
</template>

<style scoped>
.counter {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 10px;
  max-width: 1240px;
}
.bench {
  display: grid;
  grid-template-columns: minmax(300px, 5fr) minmax(0, 8fr);
  grid-template-rows: auto auto 1fr;
  gap: 18px 28px;
  align-items: start;
  border-top: 1px solid rgba(var(--v-theme-on-background), 0.35);
  padding-top: 10px;
}
.not-yet {
  margin: 0;
  font-size: 1.2rem;
  font-weight: 700;
}
.doubted {
  outline: 3px dotted rgb(var(--v-theme-secondary));
  outline-offset: 8px;
  border-radius: 4px;
}
.doubted :deep(.figure) {
  color: transparent;
  -webkit-text-stroke: 2px rgba(var(--v-theme-on-background), 0.7);
}
.pot-side {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(min(100%, 260px), 1fr));
  gap: 28px;
  align-items: start;
  margin-top: 22px;
}
.rest {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 18px;
}
.bench > * {
  min-width: 0;
}
/* Where there is room, what stands in the way is beside the answer and not above it. */
@media (min-width: 901px) {
  .first,
  .right {
    grid-column: 2;
  }
  .left,
  .rest {
    grid-column: 1;
  }
  .left {
    grid-row: 1 / 3;
  }
  .rest {
    grid-row: 3;
  }
  .right {
    grid-row: 1 / 4;
  }
  .first {
    grid-row: 1;
  }
  .first + .left + .right {
    grid-row: 2 / 4;
  }
}
@media (max-width: 900px) {
  .bench {
    grid-template-columns: minmax(0, 1fr);
    grid-template-rows: none;
  }
}
@media (max-width: 700px) {
  .counter {
    gap: 8px;
  }
  .bench {
    gap: 10px;
    padding-top: 8px;
  }
  .right,
  .rest {
    margin-top: 8px;
  }
}
.working {
  position: absolute;
  margin: 0;
  font-weight: 700;
}
.stale {
  visibility: hidden;
}
.why {
  margin: 0;
  padding-left: 1.2em;
}
.defer {
  font-size: 0.9rem;
  margin: 0;
}
</style>
