<script setup lang="ts">
import { computed, watchEffect } from 'vue'
import { useRoute, useRouter } from 'vue-router'
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
import { numbersOf } from './lanes'
import ThawChoices from './ThawChoices.vue'
import TodoList from './TodoList.vue'
import { dayNames, mealTime } from '@/shared/meal/useMeal'
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
// A time that is still being typed is none yet.
function eatAt(typed: string) {
  if (/^([01]?\d|2[0-3]):[0-5]\d$/.test(typed)) meal.value.eatAt = typed.padStart(5, '0')
}
</script>

<template>
  <div class="line-up">
    <h1>{{ onNow?.name ?? what }}</h1>
    <form class="asks" @submit.prevent>
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
      <ThawChoices v-if="frozen" v-model="meal.thaw" :request="request" />
      <p v-if="error" role="alert" class="stop">{{ error.message }}</p>
      <p v-for="conflict in lineUp?.conflicts" :key="conflict" role="alert" class="stop">
        <b>Look out.</b> {{ conflict }}
      </p>
      <template v-if="lineUp?.startBy">
        <p class="start" data-testid="start-by">
          Wash hands at <b>{{ clockTime(lineUp.startBy) }}</b>, eat at <b>{{ meal.eatAt }}</b>: everything is counted,
          and 19 of 20 such dinners are on time.
        </p>
        <LanePicture :tasks="lineUp.tasks" :numbers="numbersOf(lineUp.tasks)" :served-at="servedAt" @serve="serve" />
        <TodoList :tasks="lineUp.tasks" />
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
.start {
  font-family: var(--display);
  font-size: 1.6rem;
  line-height: 1.2;
  margin: 4px 0 0;
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
