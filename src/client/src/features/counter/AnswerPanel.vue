<script setup lang="ts">
import {
  mdiAlertOctagonOutline,
  mdiBookOpenVariant,
  mdiCheckCircleOutline,
  mdiRuler,
  mdiSwapVertical,
  mdiThermometerCheck,
} from '@mdi/js'
import { computed } from 'vue'
import type { Plan, Promise as Promised, Safety } from '@/api/types'
import { clockTime, type Units } from '@/shared/units/format'
import { releaseWords, safetyWords } from '@/shared/words/words'

const props = defineProps<{
  plan: Plan
  minutes: number | null
  units: Units
  trying: boolean
  safety: Safety
  /** What the household's cooks say of it. */
  learned?: string
}>()
const emit = defineEmits<{ reset: []; promise: [Promised] }>()
const point = computed(() => props.plan.band.find((b) => b.minutes === props.minutes))
const settled = computed(() => props.minutes === props.plan.minutes)
const kept = computed(() => (settled.value || !point.value ? props.plan.keepsPromise : point.value.keeps))
const sure = computed(() => (point.value?.chanceSafe ?? props.plan.chanceSafe ?? 0) >= props.safety.shareSafe)
const look = computed(() => (!kept.value ? 'is-unsafe' : sure.value ? 'is-safe' : 'is-measured'))
const icons = {
  'is-unsafe': mdiAlertOctagonOutline,
  'is-safe': mdiCheckCircleOutline,
  'is-measured': mdiThermometerCheck,
}
// Between two answers the share of the ribbon is said; then the server says it in full.
const promised = computed(() => {
  if (settled.value && props.plan.promiseText) return props.plan.promiseText
  const { chanceSafe, readyAtFirst } = point.value ?? props.plan
  return safetyWords({ promise: props.plan.promise, kept: kept.value, chanceSafe, readyAtFirst }, props.safety)
})
const worth = computed(() => props.plan.worthKnowing.find((w) => w.minutesSaved >= 1))
const coldest = computed(() =>
  props.units.atLeast(point.value?.coldestP01 ?? Math.min(...props.plan.spots.map((s) => s.atOpening.p01))),
)
const loss = computed(() =>
  settled.value ? (props.plan.waterLossPercent?.p50 ?? 0) : (point.value?.waterLossP50 ?? 0),
)
const clock = computed(() =>
  props.plan.clock
    ? [
        { what: 'lid on', at: props.plan.clock.lidOn },
        { what: 'pressure', at: props.plan.clock.pressure },
        { what: props.plan.release?.kind === 'vent' ? 'vent' : 'let go', at: props.plan.clock.holdOver },
        { what: 'open', at: props.plan.clock.open },
        { what: 'eat', at: props.plan.clock.eat },
      ]
    : [],
)
</script>

<template>
  <section class="answer" aria-labelledby="answer-title">
    <h2 id="answer-title" class="sr-only">Answer</h2>
    <template v-if="minutes !== null">
      <div class="what-to-set">
        <p class="minutes" aria-live="polite">
          <span class="figure" data-testid="minutes">{{ minutes }}</span>
          <span class="unit">min at {{ plan.pressure }} pressure</span>
        </p>
        <p class="release" data-testid="release">{{ releaseWords(plan.release) }}</p>
      </div>
      <p class="verdict" :class="look" data-testid="verdict">
        <v-icon :icon="icons[look]" aria-hidden="true" />
        <span>{{ promised }}</span>
      </p>
      <ol class="clock" aria-label="On the clock">
        <li v-for="moment in clock" :key="moment.what">
          <span class="moment">{{ clockTime(moment.at) }}</span> <span class="what">{{ moment.what }}</span>
        </li>
      </ol>
      <slot />
      <button
        v-if="plan.otherPromise"
        type="button"
        class="other"
        data-testid="other-promise"
        @click="emit('promise', plan.otherPromise.promise!)"
      >
        <v-icon :icon="mdiSwapVertical" aria-hidden="true" />
        <span>Or {{ plan.otherPromise.text }}</span>
      </button>
      <p v-if="worth" class="worth" data-testid="worth">
        <v-icon :icon="mdiRuler" aria-hidden="true" /><span>{{ worth.text }}</span>
      </p>
      <p v-if="learned" class="worth" data-testid="learned">
        <v-icon :icon="mdiBookOpenVariant" aria-hidden="true" /><span>{{ learned }}</span>
      </p>
      <dl class="facts">
        <div>
          <dt>coldest, at worst</dt>
          <dd>
            {{ coldest.number }}<small>{{ coldest.unit }}</small>
          </dd>
        </div>
        <div>
          <dt>lean meat loses</dt>
          <dd>{{ loss.toFixed(0) }}<small>%</small></dd>
        </div>
        <div>
          <dt>meat that</dt>
          <dd class="word">{{ plan.tenderness?.label }}</dd>
        </div>
      </dl>
      <v-btn :class="['reset', { idle: !trying }]" :disabled="!trying" @click="emit('reset')"
        >Back to Ikuzo’s {{ plan.recommendedMinutes ?? '…' }} min</v-btn
      >
    </template>
    <template v-else>
      <p class="no-answer" data-testid="minutes">No safe minutes</p>
      <slot />
    </template>
  </section>
</template>

<style scoped>
.answer {
  container-type: inline-size;
}
.what-to-set {
  display: grid;
  grid-template-columns: auto minmax(0, 1fr);
  gap: 4px 20px;
  align-items: center;
  margin-bottom: 10px;
}
.minutes {
  display: grid;
  gap: 4px;
  margin: 0;
  line-height: 0.9;
}
.figure {
  font-family: var(--display);
  font-size: min(clamp(5rem, 3.6rem + 5vw, 8rem), 28cqi, 16vh);
  font-weight: 560;
  letter-spacing: -0.03em;
  font-variant-numeric: lining-nums tabular-nums;
}
.unit {
  line-height: 1.1;
}
.release {
  font-family: var(--display);
  font-size: min(clamp(1.6rem, 1.3rem + 0.9vw, 1.95rem), 7.8cqi);
  line-height: 1.15;
  margin: 0;
}
.verdict {
  display: inline-flex;
  align-items: center;
  gap: 8px;
  padding: 8px 14px;
  border-radius: 10px;
  font-weight: 700;
  margin: 0 0 14px;
}
.is-safe {
  color: rgb(var(--v-theme-surface));
  background: rgb(var(--v-theme-success));
}
.is-measured {
  border: 2px solid rgb(var(--v-theme-success));
}
.other,
.worth {
  display: flex;
  align-items: center;
  gap: 8px;
  margin: 0 0 6px;
  text-align: left;
}
.other {
  min-height: 48px;
  margin-top: 8px;
  cursor: pointer;
  text-decoration: underline;
}
.worth {
  margin: 14px 0;
}
.is-unsafe {
  border: 2px solid rgb(var(--v-theme-secondary));
  background: repeating-linear-gradient(-45deg, transparent 0 9px, rgba(var(--v-theme-secondary), 0.16) 9px 12px);
}
.clock {
  list-style: none;
  display: flex;
  justify-content: space-between;
  max-width: 27rem;
  gap: 6px;
  padding: 0;
  margin: 0 0 14px;
}
.moment {
  font-size: min(1.35rem, 5.6cqi);
  font-weight: 700;
  font-variant-numeric: tabular-nums;
}
.what {
  display: block;
  font-size: min(0.9rem, 4.2cqi);
}
.facts {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 26px;
  margin: 0;
}
.facts dt {
  font-size: 0.9rem;
}
.facts dd {
  margin: 0;
  font-size: 1.35rem;
  font-weight: 700;
  font-variant-numeric: tabular-nums;
}
.facts dd small {
  font-size: 0.9rem;
  font-weight: 400;
  margin-left: 2px;
}
.facts .word {
  font-size: 1.1rem;
  line-height: 2rem;
}
.reset {
  margin-top: 2px;
  text-decoration: underline;
}
.idle {
  visibility: hidden;
}
.no-answer {
  font-family: var(--display);
  font-size: 3rem;
  margin: 0;
}
/* On a phone the number, how it is let go and the button stand on the first screen. */
@media (max-width: 700px) {
  .what-to-set {
    gap: 4px 14px;
  }
  .unit {
    font-size: min(0.9rem, 4.4cqi);
    max-width: 40cqi;
  }
  .verdict,
  .clock {
    margin-bottom: 8px;
  }
  .verdict {
    padding: 4px 10px;
    line-height: 1.25;
  }
  .idle {
    display: none;
  }
}
</style>
