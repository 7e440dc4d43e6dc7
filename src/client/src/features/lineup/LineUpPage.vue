<script setup lang="ts">
import { useNow } from '@vueuse/core'
import { computed, ref, watchEffect } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { useNarrow } from '@/shared/ui/useNarrow'
import { useDraft, withPot } from '@/shared/draft/useDraft'
import { useDishes } from '@/shared/dishes/useDishes'
import { useKitchen } from '@/shared/kitchen/useKitchen'
import { useCooks } from '@/shared/cooks/useCooks'
import { useCatalogue } from '@/shared/catalogue/useCatalogue'
import { limits } from '@/api/limits'
import ChoiceField from '@/shared/fields/ChoiceField.vue'
import NumberField from '@/shared/fields/NumberField.vue'
import TickField from '@/shared/fields/TickField.vue'
import { download } from '@/shared/ui/download'
import { clockTime } from '@/shared/units/format'
import CookLineUp from './CookLineUp.vue'
import LanePicture from './LanePicture.vue'
import { listed, numbersOf } from './lanes'
import ThawChoices from './ThawChoices.vue'
import TodoList from './TodoList.vue'
import { dayNames, dayWords, mealTime } from '@/shared/meal/useMeal'
import { useLineUp } from './useLineUp'

/** The whole meal back from eating time, for the cook on the Counter or a kept dish. */
const { draft, change } = useDraft()
const { pots } = useKitchen()
const { birdWords, companions } = useCatalogue()
const request = computed(() => withPot(draft.value, pots.value))
const { meal, servedAt, query, calendar } = useLineUp(draft, request)
const { data: lineUp, error } = query
const { dishes } = useDishes()
const route = useRoute()
const router = useRouter()
watchEffect(() => {
  const asked = route.query.dish
  if (typeof asked !== 'string') return
  Object.assign(meal.value, { dishId: asked, servings: null })
  void router.replace({ query: {} })
})
const dish = computed(() => dishes.value.find((d) => d.id === meal.value.dishId))
const counter = computed(() => {
  const beside = (request.value.companions ?? []).map((c) => companions.value.find((b) => b.id === c.id)?.name)
  return [birdWords(request.value.load) ?? '…', ...beside.map((name) => name?.toLowerCase())].join(', ')
})
const what = computed(() => dish.value?.document.name ?? counter.value)
const frozen = computed(() => dish.value === undefined && request.value.load.state === 'frozen')
// A cook that is on stands in the address, so that the pot can point here.
const { active } = useCooks()
const onNow = computed(() => active.value.find((c) => c.id === route.query.cook))
const onNowValue = (id: string) => `on:${id}`
function choose(chosen: string) {
  const cook = active.value.find((c) => onNowValue(c.id) === chosen)
  void router.replace({ query: cook ? { cook: cook.id } : {} })
  if (!cook) Object.assign(meal.value, { dishId: chosen || null, servings: null })
}
const serve = (moment: Date) => Object.assign(meal.value, mealTime(moment, new Date()))
const days = dayNames.map((title, value) => ({ value, title }))
const choices = computed(() => [
  ...active.value.map((c) => ({ value: onNowValue(c.id), title: `On now: ${c.name}` })),
  { value: '', title: counter.value },
  ...dishes.value.map((d) => ({ value: d.id, title: d.document.name ?? '' })),
])
const saveCalendar = async () => download(await calendar(), 'dinner.ics')
const saveJson = () =>
  download(new Blob([JSON.stringify(lineUp.value, null, 2)], { type: 'application/json' }), 'dinner.json')
const print = () => window.print()
// On a phone what was asked is one line, which opens.
const isNarrow = useNarrow()
const isOpen = ref(false)
const now = useNow({ interval: 20_000 })
const upcoming = computed(() =>
  listed(lineUp.value?.tasks ?? []).find((t) => t.handsOn && new Date(t.start) >= now.value),
)
function whenWords(moment: string) {
  const at = new Date(moment)
  const isPast = at.getTime() < new Date(now.value).setHours(0, 0, 0, 0)
  const day = isPast ? `on ${at.toLocaleDateString('en-GB', { weekday: 'long' })}` : dayWords(at, now.value)
  return day === 'today' ? `at ${clockTime(moment)}` : `at ${clockTime(moment)} ${day}`
}
// On a round minute that a hand can still keep.
const soonest = computed(() => {
  const minute = 60_000
  const earliest = lineUp.value?.earliest
  return earliest ? new Date(Math.ceil((Date.parse(earliest) + minute) / (5 * minute)) * 5 * minute) : null
})
// A time that is still being typed is none yet.
function eatAt(typed: string) {
  if (/^([01]?\d|2[0-3]):[0-5]\d$/.test(typed)) meal.value.eatAt = typed.padStart(5, '0')
}
</script>

<template>
  <div class="line-up">
    <h1 v-if="onNow || !isNarrow">{{ onNow?.name ?? what }}</h1>
    <h1 v-else class="folded">
      <button type="button" :aria-expanded="isOpen" @click="isOpen = !isOpen">
        <span>{{ meal.eatAt }} {{ dayNames[meal.inDays] }}: {{ what }}</span>
        <small>{{ isOpen ? 'Close' : 'Change' }}</small>
      </button>
    </h1>
    <form v-if="onNow || !isNarrow || isOpen" class="asks" @submit.prevent>
      <template v-if="!onNow">
        <label class="field">
          <span>Eat at</span>
          <input
            :value="meal.eatAt"
            inputmode="numeric"
            maxlength="5"
            pattern="([01]?\d|2[0-3]):[0-5]\d"
            title="Hours and minutes, as in 19:00"
            required
            @input="eatAt(($event.target as HTMLInputElement).value)"
          />
        </label>
        <ChoiceField v-model="meal.inDays" label="Day" :options="days" />
      </template>
      <ChoiceField
        class="which"
        label="What"
        :model-value="onNow ? onNowValue(onNow.id) : (meal.dishId ?? '')"
        :options="choices"
        @update:model-value="choose"
      />
      <template v-if="onNow" />
      <NumberField
        v-else-if="dish"
        label="Serves"
        :model-value="meal.servings ?? dish.document.servings"
        :limit="limits.LineUpBody.servings"
        whole
        @update:model-value="meal.servings = $event"
      />
      <template v-else>
        <NumberField
          :model-value="draft.marinadeHours ?? 0"
          label="Marinade, hours"
          :limit="limits.MealBody.marinadeHours"
          :step="0.5"
          @update:model-value="draft.marinadeHours = $event"
        />
        <NumberField
          :model-value="draft.crispMinutes ?? 0"
          label="Crisp after, minutes"
          :limit="limits.MealBody.crispMinutes"
          @update:model-value="draft.crispMinutes = $event"
        />
        <TickField
          label="Brown first"
          :model-value="request.browned ?? false"
          @update:model-value="change({ browned: $event })"
        />
      </template>
    </form>
    <CookLineUp v-if="onNow" :id="onNow.id" />
    <template v-else>
      <p v-if="lineUp?.startBy" class="start" data-testid="start-by">
        {{ lineUp.earliest ? 'It should have begun' : 'Begin' }}
        <b>{{ whenWords(lineUp.startBy) }}</b>, eat at <b>{{ meal.eatAt }}</b>.
      </p>
      <p v-if="upcoming" class="next" data-testid="comes-next">
        <b>{{ clockTime(upcoming.start) }}</b> {{ upcoming.text }}
      </p>
      <p v-if="error" role="alert" class="stop">{{ error.message }}</p>
      <div v-for="(conflict, i) in lineUp?.conflicts" :key="conflict" role="alert" class="stop">
        <p><b>Look out.</b> {{ conflict }}</p>
        <v-btn v-if="i === 0 && soonest" class="tall" variant="outlined" @click="serve(soonest)"
          >Eat {{ whenWords(soonest.toISOString()) }}</v-btn
        >
      </div>
      <ThawChoices v-if="frozen" v-model="meal.thaw" :request="request" />
      <template v-if="lineUp?.startBy">
        <LanePicture :tasks="lineUp.tasks" :numbers="numbersOf(lineUp.tasks)" :served-at="servedAt" @serve="serve" />
        <TodoList :tasks="lineUp.tasks" />
        <p class="counted">Everything is counted: 19 of 20 such dinners are on time.</p>
        <div class="ways">
          <v-btn class="tall" variant="outlined" @click="saveCalendar">To my calendar</v-btn>
          <v-btn class="tall" variant="outlined" @click="print">Print</v-btn>
          <v-btn class="tall" variant="outlined" @click="saveJson">Save as JSON</v-btn>
        </div>
      </template>
    </template>
  </div>
</template>

<style scoped>
.line-up {
  max-width: 1120px;
  display: grid;
  gap: 16px;
}
h1 {
  font-family: var(--display);
  font-weight: 560;
  line-height: 1.15;
}
.asks {
  display: flex;
  flex-wrap: wrap;
  gap: 10px 18px;
  align-items: end;
}
.asks :is(.field, .frame) {
  min-width: 120px;
}
.asks .which {
  flex: 1 1 300px;
  min-width: 0;
}
.folded button {
  width: 100%;
  min-height: 56px;
  display: flex;
  align-items: center;
  justify-content: space-between;
  gap: 12px;
  text-align: left;
  font-size: 1.25rem;
  line-height: 1.15;
  cursor: pointer;
  border-bottom: 1px solid rgba(var(--v-theme-on-background), 0.35);
}
.folded small {
  font-family: var(--text);
  font-size: 1rem;
  font-weight: 400;
  text-decoration: underline;
}
.start {
  font-family: var(--display);
  font-size: 1.9rem;
  line-height: 1.15;
  margin: 0;
}
.next {
  font-size: 1.2rem;
  line-height: 1.35;
  margin: 0;
}
.next b {
  font-variant-numeric: tabular-nums;
}
.stop p {
  margin: 0 0 8px;
}
.counted {
  margin: 0;
}
.ways {
  display: flex;
  flex-wrap: wrap;
  gap: 12px;
}
@media print {
  .line-up {
    gap: 6px;
  }
  .start {
    font-size: 1.2rem;
  }
  .asks,
  .ways {
    display: none;
  }
}
</style>
