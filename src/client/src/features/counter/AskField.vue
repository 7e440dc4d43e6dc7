<script setup lang="ts">
import { mdiArrowRight } from '@mdi/js'
import { computed, nextTick, onMounted, ref, useTemplateRef, watch } from 'vue'
import { useRouter } from 'vue-router'
import { api, unwrap } from '@/api/client'
import type { AskView, Settled } from '@/api/types'
import { asking, typedEarly } from '@/shared/ask/early'
import { goTo } from '@/shared/ask/went'
import TypedText from '@/shared/ask/TypedText.vue'
import { dayWords, mealTime, saidMoment, useMeal } from '@/shared/meal/useMeal'
import { clockTime } from '@/shared/units/format'
import { today } from '@/shared/units/timeZone'
import type { UnitSystem } from '@/api/types'

/** What is typed or dictated becomes the sentence; what could be read otherwise is asked back, one touch each. */
const props = defineProps<{ units: UnitSystem }>()
const emit = defineEmits<{ heard: [AskView] }>()
/** Why what stands below is no answer to what was typed; empty while it is. */
const noAnswer = defineModel<string>('noAnswer', { default: '' })
const notYet = 'Not an answer yet: say above how it is meant.'
const ofBefore = 'No answer to that: below is the one before.'
const early = typedEarly()
const typed = ref(early?.text ?? '')
const heard = ref<AskView | null>(null)
const settled = ref<Settled[]>([])
const refusal = ref<string | null>(null)
const busy = ref(false)
const field = useTemplateRef<HTMLInputElement>('field')
const router = useRouter()
const meal = useMeal()
const eaten = ref<Date | null>(null)
/** All of it was read in one way: on a phone the sentence below says it already. */
const isPlain = computed(() => !noAnswer.value && heard.value?.unknown.length === 0 && heard.value.doubts.length === 0)

// Who takes it back is at the question before.
watch(typed, (text) => {
  if (text !== '' || refusal.value === null) return
  refusal.value = null
  noAnswer.value = ''
})

const asked = ref('')
let latest: object | null = null
async function ask() {
  if (typed.value.trim() === '') return
  if (typed.value !== asked.value) settled.value = []
  asked.value = typed.value
  busy.value = true
  const body = { text: asked.value, units: props.units, settled: settled.value, today: today() }
  latest = body
  try {
    const answer = unwrap(await api.POST('/api/ask', { body }))
    if (latest !== body) return // another was asked meanwhile
    heard.value = answer
    refusal.value = answer.problem
    const isStopped = answer.problem !== null || answer.stops.length > 0
    noAnswer.value = isStopped ? ofBefore : answer.doubts.length > 0 ? notYet : ''
    // What must not be cooked is no plan.
    if (answer.cut && !isStopped) emit('heard', answer)
    eaten.value = isStopped ? null : saidMoment(answer, new Date())
    if (eaten.value) Object.assign(meal.value, mealTime(eaten.value, new Date()), { dishId: null, servings: null })
    if (answer.doubts.length === 0 && answer.stops.length === 0) await goTo(router, body.text, answer)
  } catch (error) {
    if (latest !== body) return
    refusal.value = (error as Error).message
    noAnswer.value = ofBefore
  } finally {
    await nextTick() // by then the new question has been sent
    if (latest === body) busy.value = false
  }
}
function settle(text: string, reading: string) {
  settled.value = [...settled.value, { text, reading }]
  void ask()
}

onMounted(() => {
  if (early?.hadHand) field.value?.focus()
  if (early?.sent) void ask()
})

defineExpose({ focus: () => field.value?.focus() })
</script>

<template>
  <form class="ask" role="search" :aria-busy="busy" @submit.prevent="ask">
    <label class="ask-label" for="ask">{{ asking.label }}</label>
    <div class="ask-line">
      <input
        id="ask"
        ref="field"
        v-model="typed"
        class="ask-input"
        type="text"
        maxlength="300"
        autocomplete="off"
        :placeholder="asking.example"
        aria-describedby="ask-said"
      />
      <v-btn type="submit" class="ask-go" :icon="mdiArrowRight" aria-label="Ask" />
    </div>
    <div id="ask-said" aria-live="polite">
      <TypedText
        v-if="heard && heard.spans.length > 0"
        :class="{ plain: isPlain }"
        :text="asked"
        :spans="heard.spans"
      />
      <p v-for="stop in heard?.stops" :key="stop.code" class="stop refused" data-testid="ask-stop">{{ stop.text }}</p>
      <p v-if="refusal" class="stop refused" data-testid="refused">{{ refusal }}</p>
      <ul v-if="heard && heard.doubts.length > 0" class="doubts" aria-label="How is this meant?">
        <li v-for="doubt in heard.doubts" :key="doubt.text" data-testid="doubt">
          <b>“{{ doubt.text }}”:</b>
          <span v-if="doubt.or.length === 0">{{ doubt.reading }}?</span>
          <v-btn
            v-for="(reading, i) in [doubt.reading, ...doubt.or]"
            :key="reading"
            :class="['tall', { likely: i === 0 }]"
            variant="outlined"
            @click="settle(doubt.text, reading)"
            >{{ reading }}<small v-if="doubt.follows[i]" class="follows">{{ doubt.follows[i] }}</small></v-btn
          >
        </li>
      </ul>
      <p v-if="heard && (heard.unknown.length > 0 || !refusal)" class="ask-said" :class="{ plain: isPlain }">
        <span v-for="word in heard.unknown" :key="word" class="unknown">Not understood: “{{ word }}”.</span>
        <template v-if="!noAnswer">
          <span v-for="guess in heard.assumed" :key="guess">{{ guess }}</span>
        </template>
      </p>
      <p v-if="eaten" class="also" data-testid="eaten">
        <span
          >Eaten {{ dayWords(eaten, new Date()) }} at {{ clockTime(eaten.toISOString()) }}: the clock below counts back
          from it.</span
        >
        <router-link :to="{ name: 'line-up' }">The whole meal on the Line-up</router-link>
      </p>
    </div>
  </form>
</template>

<style scoped>
.refused {
  margin-top: 10px;
  font-size: 1.1rem;
}
.ask-said {
  margin: 4px 0 0;
  font-size: 0.95rem;
}
.ask-said span {
  margin-right: 1ch;
}
@media (max-width: 700px) {
  .plain {
    display: none;
  }
}
.unknown {
  color: rgb(var(--v-theme-secondary));
  font-weight: 600;
}
.doubts {
  list-style: none;
  margin: 10px 0 0;
  padding: 0;
  display: grid;
  gap: 8px;
}
.doubts li,
.also {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 6px 12px;
  margin: 0;
}
.doubts li {
  padding: 6px 14px;
  border: 3px dotted rgb(var(--v-theme-secondary));
  border-radius: 12px;
  font-size: 1.1rem;
}
.also {
  margin-top: 8px;
}
.follows {
  margin-left: 1ch;
  font-weight: 400;
}
.likely {
  font-weight: 700;
  border-width: 2px;
}
</style>
