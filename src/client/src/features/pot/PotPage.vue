<script setup lang="ts">
import { mdiArrowDown } from '@mdi/js'
import { onKeyStroke, useElementVisibility, useWakeLock } from '@vueuse/core'
import { computed, onMounted, ref, useTemplateRef, watch } from 'vue'
import { useRouter } from 'vue-router'
import type { SimulatedFault } from '@/api/types'
import { useKitchen } from '@/shared/kitchen/useKitchen'
import { limits } from '@/api/limits'
import TextField from '@/shared/fields/TextField.vue'
import { releaseWords } from '@/shared/words/words'
import { clockTime } from '@/shared/units/format'
import AfterPanel from './AfterPanel.vue'
import BurstCoach from './BurstCoach.vue'
import CookStrip from './CookStrip.vue'
import CurvePanel from '@/shared/cooks/CurvePanel.vue'
import CueToggles from './CueToggles.vue'
import IdlePot from './IdlePot.vue'
import JournalList from './JournalList.vue'
import JustDone from './JustDone.vue'
import RehearsalBar from './RehearsalBar.vue'
import { useCook } from '@/shared/cooks/useCook'
import { useCooks, useShownCook } from '@/shared/cooks/useCooks'
import { went } from '@/shared/ask/went'
import { useNarrow } from '@/shared/ui/useNarrow'
import { useCues } from './useCues'
import { countdown, didIt, headline, wentWrong } from './words'

/** The running cook: one step at a time, in huge type. Space, or a touch on the lower half, says "done, next". */
const router = useRouter()
const { id, active, noneIsOn } = useShownCook()
const { simulate } = useCooks()
const { units } = useKitchen()
const { cook, now, told, connected, say, refusal, unsent } = useCook(id)
const { choice, toggle } = useCues(cook, now)
const sharesItsName = (one: { id: string; name: string }) =>
  active.value.some((c) => c.id !== one.id && c.name === one.name)
const note = ref<string | null>(went.value?.place === 'pot' ? went.value.text : '')
const wasTyped = note.value !== '' // on the Counter: one touch writes it down
const sure = ref(false)
const curvesOpen = ref(false)
// On a phone what is not of the step is one line while the cook is on.
const isNarrow = useNarrow()
const about = computed(() =>
  [
    cook.value?.simulated && `Rehearsal, ${cook.value.speed}×`,
    active.value.length > 1 && `${active.value.length} cooks are on`,
    'how you are called',
  ]
    .filter(Boolean)
    .join(' · '),
)
const button = useTemplateRef<HTMLElement>('button')
const isThere = useElementVisibility(button, { initialValue: true })
const lock = useWakeLock()
onMounted(() => lock.isSupported.value && lock.request('screen').catch(() => undefined))

const next = computed(() => cook.value?.next[0])
const due = computed(() => (next.value?.dueAt ? Date.parse(next.value.dueAt) - now.value : null))
const isStep = computed(() => next.value?.kind === 'step-done')
const isTimer = computed(
  () => cook.value?.phase === 'holding' || (cook.value?.state.simmers ?? false) || (next.value?.waits ?? false),
)
// Nothing is asked of the hands before its time.
const isWait = computed(
  () => due.value !== null && due.value > 0 && (isStep.value ? next.value?.waits : cook.value?.phase !== 'finishing'),
)
// The minutes are over: nothing can be set any more.
const isSet = computed(() => ['open', 'rescuing', 'finishing', 'done'].includes(cook.value?.phase ?? ''))
const steps = computed(() => cook.value?.next.filter((n) => n.kind === 'step-done') ?? [])

/** A finger that is a little early is not asked. */
const graceMs = 30_000
const early = computed(() => (due.value !== null && due.value > graceMs ? (next.value?.early ?? null) : null))
const isAsked = ref(false)
watch(next, (now, before) => now?.kind !== before?.kind && (isAsked.value = false))

// Asked once, and then the same touch goes on as before: what is not safe takes a touch of its own.
function proceed() {
  const kind = next.value?.kind
  if (!kind || !cook.value) return
  if (early.value) isAsked.value = !isAsked.value
  else tell(kind)
}
function tell(kind: NonNullable<typeof next.value>['kind']) {
  if (!cook.value) return
  isAsked.value = false
  if (kind === 'reading') void router.push({ name: 'check', params: { id: cook.value.id } })
  else void say(kind, next.value?.step ? { step: next.value.step } : {})
}
onKeyStroke(' ', (event) => {
  if ((event.target as HTMLElement).closest('button, input, textarea, select, summary, a')) return
  event.preventDefault()
  if (!event.repeat) proceed()
})
const run = ({ speed, faults }: { speed: number; faults: SimulatedFault[] }) => {
  const seed = cook.value!.events.filter((e) => e.kind === 'simulated').at(-1)?.data.seed
  simulate.mutate({ id: cook.value!.id, speed, faults, ...(seed ? { seed } : {}) })
}
function write() {
  if (note.value?.trim()) void say('note', { text: note.value.trim() })
  note.value = ''
}
</script>

<template>
  <div v-if="cook" class="pot">
    <header>
      <h1>{{ cook.name }}</h1>
      <span v-if="unsent > 0 || !connected" class="offline" role="status">
        {{ unsent > 0 ? `${unsent} kept here until the server is back` : 'No connection; the clock goes on' }}
      </span>
    </header>
    <details class="about" :open="!isNarrow">
      <summary>{{ about }}</summary>
      <nav v-if="active.length > 1" aria-label="Cooks that are on">
        <router-link v-for="other in active" :key="other.id" :to="{ name: 'pot', params: { id: other.id } }">
          {{ other.name }}<small v-if="sharesItsName(other)">, {{ clockTime(other.createdAt) }}</small>
        </router-link>
      </nav>
      <CueToggles :choice="choice" @toggle="toggle" />
      <RehearsalBar v-if="cook.simulated" :cook="cook" :told="told" :units="units" @simulate="run" />
    </details>
    <CookStrip :parts="cook.state.strip" :now="now" />
    <p v-if="refusal" role="alert" class="stop">{{ refusal }}</p>
    <p v-if="cook.state.late" role="alert" class="stop late">{{ cook.state.late }}</p>
    <section class="step" aria-live="polite">
      <h2 data-testid="step">{{ headline(cook, now) }}</h2>
      <p v-if="due !== null && isTimer" class="clock" data-testid="countdown">{{ countdown(due) }}</p>
      <p v-else-if="due !== null && next?.kind === 'vented' && due <= 0" class="expected tabular">
        waiting for {{ countdown(-due) }}
      </p>
      <p v-else-if="due !== null && !isStep" class="expected" data-testid="expected">
        likely at <b>{{ clockTime(next!.dueAt!) }}</b>,
        <span class="tabular">{{ due < 0 ? `${countdown(-due)} over` : `in ${countdown(due)}` }}</span>
        <small v-if="next!.lateAt"> · by {{ clockTime(next!.lateAt) }} in 19 of 20 cooks</small>
      </p>
      <p v-if="cook.state.simmers && cook.phase === 'rescuing'" class="say">Lid on, not locked, at a simmer.</p>
      <p class="say" data-testid="say">{{ next?.text }}</p>
      <ol v-if="next?.lines?.length" class="layers" aria-label="What goes in">
        <li v-for="line in next.lines" :key="line">{{ line }}</li>
      </ol>
      <BurstCoach
        v-if="cook.state.burst"
        :open-seconds="cook.state.burst.openSeconds"
        :closed-seconds="cook.state.burst.closedSeconds"
        :since-ms="now - Date.parse(cook.since)"
      />
      <p v-if="(cook.phase === 'ready' && !isStep) || cook.phase === 'holding'" class="then">
        Then: {{ releaseWords(cook.plan.release).toLowerCase() }}.
      </p>
      <p v-else-if="cook.next[1] && !isStep" class="then">Or: {{ cook.next[1].text }}</p>
      <p v-if="cook.state.asGoodUntil" class="then" data-testid="as-good">
        Somebody is late? Leave it closed: until {{ clockTime(cook.state.asGoodUntil) }} it is as good.
      </p>
    </section>
    <p v-if="cook.minutesMore > 0" class="stop early" data-testid="early">
      <span>It was up early, so the meat has had less heat than planned.</span>
      <v-btn class="tall" variant="outlined" @click="say('lengthened', { minutes: cook.minutesMore })"
        >Set {{ cook.minutesMore }} min more</v-btn
      >
    </p>
    <p v-if="cook.tooShort" class="stop" data-testid="too-short">
      <b v-if="isSet">It was set to {{ cook.plan.minutes }} min, which was not safe.</b>
      <b v-else>Set to {{ cook.plan.minutes }} min, which is not safe. {{ cook.tooShort.text }}</b>
      {{ cook.tooShort.because }}
    </p>
    <JustDone :cook="cook" :units="units" @undo="say('undone', { of: $event })" />
    <button
      v-if="next && !isThere && !isAsked"
      type="button"
      class="further"
      data-testid="further"
      @click="button?.scrollIntoView({ block: 'end' })"
    >
      <v-icon :icon="mdiArrowDown" aria-hidden="true" /> Read on
    </button>
    <div v-if="next && isAsked && early" class="asked" role="alert" data-testid="early-end">
      <p class="stop">{{ early }}</p>
      <button type="button" class="next calm" data-testid="next" @click="proceed">
        <span>Go on holding</span>
        <small>space, or a touch here</small>
      </button>
      <v-btn class="tall" variant="outlined" @click="tell(next.kind)">End it all the same</v-btn>
    </div>
    <button
      v-else-if="next"
      ref="button"
      type="button"
      :class="['next', { calm: isWait }]"
      data-testid="next"
      @click="proceed"
    >
      <span>{{ next.says ?? didIt[next.kind] }}</span>
      <small>space, or a touch here</small>
    </button>
    <div v-else class="over">
      <p v-if="cook.simulated">{{ wentWrong(cook) }}</p>
      <p v-if="cook.state.everNotMeasured">It was not measured; the record says so.</p>
      <p v-else-if="cook.verdict === 'done'">Measured and done at every spot.</p>
      <v-btn
        v-if="!cook.simulated"
        class="tall"
        variant="flat"
        color="primary"
        :to="{ name: 'book', params: { id: cook.id } }"
        >How it ate</v-btn
      >
    </div>
    <div class="more">
      <v-btn
        v-if="cook.phase === 'resting' && next?.kind === 'pin-down'"
        class="tall"
        variant="outlined"
        @click="say('vented')"
        >Vent it after all</v-btn
      >
      <v-btn
        v-if="cook.phase === 'coming-up' || cook.phase === 'rescuing'"
        class="tall"
        variant="outlined"
        @click="say('opened')"
        >Opened it before there was pressure</v-btn
      >
      <v-btn
        v-if="
          cook.phase === 'open' &&
          cook.next.some((n) => n.kind === 'back-under-pressure') &&
          next?.kind !== 'back-under-pressure'
        "
        class="tall"
        variant="outlined"
        @click="say('back-under-pressure')"
        >The lid is on again, under pressure</v-btn
      >
      <v-btn
        v-if="(cook.phase === 'open' || cook.phase === 'finishing') && next?.kind !== 'reading'"
        class="tall"
        variant="outlined"
        :to="{ name: 'check', params: { id: cook.id } }"
        >To the readings</v-btn
      >
      <template v-if="cook.phase !== 'done'">
        <v-btn v-if="!sure" class="tall" @click="sure = true">Give it up</v-btn>
        <v-btn v-else class="tall" color="secondary" variant="outlined" @click="say('abandoned')"
          >Yes, give this cook up</v-btn
        >
      </template>
      <v-btn v-if="cook.phase !== 'done'" class="tall" :to="{ name: 'line-up', query: { cook: cook.id } }"
        >The rest of dinner</v-btn
      >
      <v-btn class="tall" :href="`/api/cooks/${cook.id}/journal`" download="cook.json">Save as JSON</v-btn>
      <v-btn class="tall" :href="`/api/cooks/${cook.id}/journal.csv`" download>Save as CSV</v-btn>
    </div>
    <ol v-if="steps.length > 1" class="steps" aria-label="Steps after this">
      <li v-for="step in steps.slice(1)" :key="step.text">{{ step.text }}</li>
    </ol>
    <AfterPanel v-if="cook.state.outUntil" :cook="cook" :now="now" :units="units" />
    <details
      v-if="cook.state.round > 0"
      class="record"
      @toggle="curvesOpen = ($event.target as HTMLDetailsElement).open"
    >
      <summary>Temperatures</summary>
      <CurvePanel v-if="curvesOpen" :cook-id="cook.id" :units="units" :live="cook.simulated && cook.phase !== 'done'" />
    </details>
    <details class="record" :open="wasTyped">
      <summary>What happened</summary>
      <form class="note" @submit.prevent="write">
        <TextField v-model="note" label="Note" :limit="limits.EventDataBody.text" />
        <v-btn type="submit" class="tall" variant="outlined">Write it down</v-btn>
      </form>
      <JournalList
        :cook="cook"
        :units="units"
        @undo="say('undone', { of: $event })"
        @move="say('corrected', { of: $event.of }, (now - Date.parse($event.at)) / 60_000)"
      />
    </details>
  </div>
  <IdlePot v-else-if="noneIsOn" />
</template>

<style scoped src="./pot.css"></style>
