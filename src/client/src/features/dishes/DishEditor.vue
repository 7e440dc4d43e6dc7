<script setup lang="ts">
import { mdiPlus, mdiSwapVertical } from '@mdi/js'
import { useEventListener, watchDebounced } from '@vueuse/core'
import { computed, onBeforeUnmount, ref, shallowRef, watch } from 'vue'
import { api, unwrap } from '@/api/client'
import type { DishDocument, DishItemBody, KeptDish, PourQuestion, ReadItem } from '@/api/types'
import QuantityField from '@/shared/fields/QuantityField.vue'
import { useKitchen } from '@/shared/kitchen/useKitchen'
import { text } from '@/shared/units/format'
import BeginRow from '@/shared/cooks/BeginRow.vue'
import { says } from '@/shared/cooks/says'
import { useHearing } from '@/shared/outbox/useHearing'
import { useOutbox } from '@/shared/outbox/useOutbox'
import { here } from '@/shared/outbox/waiting'
import { limits } from '@/api/limits'
import ChoiceField from '@/shared/fields/ChoiceField.vue'
import LinesField from '@/shared/fields/LinesField.vue'
import NumberField from '@/shared/fields/NumberField.vue'
import TextField from '@/shared/fields/TextField.vue'
import TickField from '@/shared/fields/TickField.vue'
import TwoVersions from '@/shared/ui/TwoVersions.vue'
import UndoBar from '@/shared/ui/UndoBar.vue'
import { useAttempt } from '@/shared/ui/useAttempt'
import DishItemRow from './DishItemRow.vue'
import FoldedPart from '@/shared/ui/FoldedPart.vue'
import JobList from './JobList.vue'
import StageList from './StageList.vue'
import { useSolved } from './useSolved'

/** One dish. What is changed is kept at once; a refusal stays beside it until it is mended. */
const props = defineProps<{
  kept: KeptDish
  save: (id: string, dish: DishDocument, version: string | null) => Promise<unknown>
  leave: (id: string, dish: DishDocument, version: string | null) => Promise<unknown>
}>()
const emit = defineEmits<{ remove: [] }>()
const { units, unitSystem, pots, settings } = useKitchen()
const dish = shallowRef<DishDocument>(props.kept.document) // replaced as a whole, never changed in place
const { conflicts, settle, dishListeners, flush, unsentDishes } = useOutbox()
const conflict = computed(() => conflicts.value.find((c) => c.dishId === props.kept.id))
let version: string | null = props.kept.version // that this was changed from
const own = (saved: KeptDish, by?: string) => {
  if (saved.id === props.kept.id && by === here) version = saved.version
}
useHearing(dishListeners, own)
// What the browser kept, or another window changed, is no longer shown once it is known better; what was changed here stays.
watch(
  () => props.kept,
  (now, before) => {
    if (now.id !== before.id || says(dish.value) !== says(before.document)) return
    if (says(now.document) !== says(dish.value)) dish.value = now.document
    version = now.version
  },
)

function settleWith(document: DishDocument) {
  version = conflict.value!.theirs.version
  settle(props.kept.id)
  dish.value = document
  return attempt(() => props.save(props.kept.id, document, version))
}
// What stands in each part, in a line, so that it need not be opened to be read.
const listed = (...said: (string | null | undefined | false)[]) => said.filter(Boolean).join('; ')
const said = computed(() => {
  const { pot, seasoning, brown, deglazeWith, sauce, marinadeHours, crispMinutes, brothMl } = dish.value
  return {
    before: listed(
      pot && 'in a pot of its own',
      seasoning,
      brown && (deglazeWith ? `browned, loosened with ${deglazeWith}` : 'browned in batches'),
      sauce,
      !!marinadeHours && `marinade ${marinadeHours} h`,
      !!crispMinutes && `crisp ${crispMinutes} min`,
      !!brothMl && `broth ${text(units.value.volume(brothMl))}`,
      ...(dish.value.aromatics ?? []),
    ),
    aside: listed(...(dish.value.meanwhile ?? []).map((job) => job.text)),
    after: listed(...(dish.value.finish ?? []), ...(dish.value.later ?? []), ...(dish.value.notes ?? [])),
  }
})
const { data: solved, error } = useSolved(computed(() => dish.value))
const adding = ref<string | null>('')
const { refusal, attempt } = useAttempt()
const scaled = ref<string | null>(null)
const items = computed(() => dish.value.items ?? [])
const arranged = computed(() => items.value.filter((i) => i.kind === 'meat' || i.kind === 'companion'))
// With meat under the lid more than once, each time is followed on its own.
const withMeat = computed(() =>
  (solved.value?.stages ?? []).flatMap((s, i) =>
    s.items.some((key) => items.value.find((item) => item.key === key)?.load) ? [i + 1] : [],
  ),
)
const turns = ['first', 'second', 'third']

let gone = false // what was still to be saved then was saved on the way out
const isKept = () => gone || JSON.stringify(dish.value) === JSON.stringify(props.kept.document)
const saveNow = async () => {
  if (!isKept() && !conflict.value) await props.save(props.kept.id, dish.value, version)
}
/** Saved, and with the server: what was on its way already is waited for as well. */
const sentNow = async () => {
  await saveNow()
  for (let i = 0; i < 2 && unsentDishes.value.has(props.kept.id); i++) await flush()
}
useEventListener(window, 'pagehide', () => {
  if (!isKept()) void props.leave(props.kept.id, dish.value, version)
})
watchDebounced(dish, () => attempt(saveNow), { debounce: 400, maxWait: 2000 })
onBeforeUnmount(() => {
  void attempt(saveNow)
  gone = true
})

/** What is read from a field after the page has gone is saved all the same. */
function change(part: Partial<DishDocument>) {
  dish.value = { ...dish.value, ...part }
  if (gone) void props.save(props.kept.id, dish.value, version)
}
const usualPot = ''
const otherPot = 'another'
const potOfDish = computed(() => {
  const { pot } = dish.value
  if (!pot) return usualPot
  return pots.value.find((p) => (pot.id ? p.id === pot.id : p.name === pot.name))?.id ?? otherPot
})
const potChoices = computed(() => {
  const named = pots.value.map((p) => ({ value: p.id, title: p.name }))
  const other = { value: otherPot, title: dish.value.pot?.name ?? 'a pot of its own' }
  return [{ value: usualPot, title: 'the usual pot' }, ...(potOfDish.value === otherPot ? [other] : []), ...named]
})
const choosePot = (id: string) => {
  if (id !== otherPot) change({ pot: pots.value.find((p) => p.id === id) ?? null })
}
const figures = [
  { label: 'Marinade, hours', key: 'marinadeHours', usual: 0, step: 0.5 },
  { label: 'Rest, minutes', key: 'restMinutes', usual: 5, step: 1 },
  { label: 'Crisp after, minutes', key: 'crispMinutes', usual: 0, step: 1 },
] as const
const { DishDocument: limit, IngredientBody: lineLimit } = limits
const lines = { most: 30, longest: limit.seasoning.longest }
const changeItem = (key: string | null, to: (item: DishItemBody) => DishItemBody) =>
  change({ items: items.value.map((i) => (i.key === key ? to(i) : i)) })
const taken = shallowRef<{ item: DishItemBody; at: number } | null>(null)
function takeOut(key: string | null) {
  const at = items.value.findIndex((i) => i.key === key)
  taken.value = { item: items.value[at]!, at }
  change({ items: items.value.filter((i) => i.key !== key) })
}
function putBack() {
  const { item, at } = taken.value!
  taken.value = null
  change({ items: [...items.value.slice(0, at), item, ...items.value.slice(at)] })
}

const act = (work: () => Promise<void>) => {
  scaled.value = null
  return attempt(work)
}
const freeKey = () => {
  let n = items.value.length + 1
  while (items.value.some((i) => i.key === `item-${n}`)) n++
  return `item-${n}`
}
const add = () =>
  act(async () => {
    const text = adding.value ?? ''
    const item = unwrap(await api.POST('/api/dishes/item', { body: { text, key: freeKey() } }))
    const key = freeKey()
    ask(key, item.pours)
    change({ items: [...items.value, { ...bare(item), key }] })
    if (adding.value === text) adding.value = '' // what is being typed meanwhile stays
  })
const retype = (key: string | null, text: string) =>
  act(async () => {
    const item = unwrap(await api.POST('/api/dishes/item', { body: { text, key: key ?? freeKey() } }))
    ask(key, item.pours)
    changeItem(key, () => ({ ...bare(item), key }))
  })

/** What is poured in without an amount is asked about once. */
const asked = ref<Record<string, PourQuestion>>({})
function bare(read: ReadItem): DishItemBody {
  const item: DishItemBody & Partial<ReadItem> = { ...read }
  delete item.pours
  return item
}
function ask(key: string | null, question?: PourQuestion | null) {
  if (key && question) asked.value[key] = question
}
function pour(key: string | null, ml: number | null) {
  const question = asked.value[key ?? '']
  delete asked.value[key ?? '']
  if (question && ml !== null) changeItem(key, () => ({ key, kind: 'liquid', id: question.id, ml }))
}
const otherPromise = computed(() =>
  (dish.value.promise ?? settings.value?.usualPromise ?? 'measured') === 'sure' ? 'measured' : 'sure',
)
const begins = computed(() =>
  withMeat.value.length < 2
    ? [{ label: 'Cook it now', from: { dishId: props.kept.id, version: props.kept.version } }]
    : withMeat.value.map((stage) => ({
        label: `Cook the ${turns[stage - 1]} one now`,
        from: { dishId: props.kept.id, version: props.kept.version, stage },
      })),
)
// Only the newest number counts, and only what goes into the pot is taken over: the rest may have been changed meanwhile.
const servings = ref(dish.value.servings)
const scaleMs = 600
watchDebounced(
  servings,
  (wanted) => {
    if (wanted === null || wanted === dish.value.servings) return
    void act(async () => {
      await sentNow()
      const params = { path: { id: props.kept.id }, query: { servings: wanted } }
      const answer = unwrap(await api.POST('/api/dishes/{id}/scale', { params }))
      if (wanted !== servings.value) return
      scaled.value = answer.why
      const { items, brothMl } = answer.document
      if (answer.batches === 1) change({ servings: wanted, items, brothMl: brothMl ?? null })
    })
  },
  { debounce: scaleMs },
)
</script>

<template>
  <article class="editor">
    <div class="head">
      <TextField
        class="name"
        :model-value="dish.name"
        label="Name of the dish"
        hide-label
        needed
        :limit="limit.name"
        @update:model-value="change({ name: $event })"
      />
      <NumberField v-model="servings" class="number" label="Serves" :limit="limit.servings" whole needed />
    </div>
    <aside class="answer" aria-live="polite">
      <p v-if="error" role="alert" class="stop">{{ error.message }}</p>
      <StageList
        v-if="solved"
        :solved="solved"
        :items="items"
        :units="units"
        @arrange="change({ stages: $event })"
        @lid-tried="change({ lidTried: $event })"
        @way="change({ way: $event, stages: null })"
      >
        <div class="ways">
          <BeginRow v-for="b in begins" :key="b.label" :label="b.label" :from="b.from" :before="sentNow" />
          <v-btn class="tall" variant="outlined" :to="{ name: 'line-up', query: { dish: kept.id } }">
            When must I start?
          </v-btn>
          <v-btn
            v-if="settings?.hasThermometer && withMeat.length > 0"
            class="tall"
            :prepend-icon="mdiSwapVertical"
            @click="change({ promise: otherPromise })"
            >{{ otherPromise === 'sure' ? 'Be sure without measuring' : 'Measure, and cook it shorter' }}</v-btn
          >
        </div>
      </StageList>
    </aside>
    <div class="asked">
      <TwoVersions v-if="conflict" @mine="settleWith(conflict.mine)" @theirs="settleWith(conflict.theirs.document)">
        Another window changed this dish meanwhile. There it is “{{ conflict.theirs.document.name }}” with
        {{ conflict.theirs.document.items?.length ?? 0 }} things, here “{{ conflict.mine.name }}” with
        {{ conflict.mine.items?.length ?? 0 }}. Nothing of either is lost until you choose.
      </TwoVersions>
      <p v-if="refusal" role="alert" class="stop">{{ refusal }}</p>
      <p v-if="scaled" role="status">{{ scaled }}</p>
      <h2>What goes in</h2>
      <ul class="items">
        <DishItemRow
          v-for="item in items"
          :key="item.key ?? ''"
          :item="item"
          :units="units"
          :unit-system="unitSystem"
          :last="arranged.length === 1 && arranged.includes(item)"
          :change="(to) => changeItem(item.key, to)"
          :question="asked[item.key ?? '']"
          @remove="takeOut(item.key)"
          @retype="retype(item.key, $event)"
          @pour="pour(item.key, $event)"
        />
      </ul>
      <UndoBar :text="taken ? 'Taken out.' : null" @undo="putBack" @gone="taken = null" />
      <form class="add" @submit.prevent="add">
        <TextField v-model="adding" label="Add" :limit="lineLimit.text" placeholder="1 cup rice" />
        <v-btn type="submit" :icon="mdiPlus" aria-label="Add to the dish" />
      </form>
      <FoldedPart title="Before" :said="said.before">
        <div class="fields">
          <ChoiceField
            v-if="pots.length > 1"
            label="Cooked in"
            :model-value="potOfDish"
            :options="potChoices"
            @update:model-value="choosePot"
          />
          <TextField
            class="wide"
            label="Seasoned with"
            :model-value="dish.seasoning ?? null"
            :limit="limit.seasoning"
            @update:model-value="change({ seasoning: $event })"
          />
          <TickField
            label="Brown in batches"
            :model-value="dish.brown ?? false"
            @update:model-value="change({ brown: $event })"
          />
          <TextField
            v-if="dish.brown"
            class="wide"
            label="Loosen the bits with"
            :model-value="dish.deglazeWith ?? null"
            :limit="limit.deglazeWith"
            @update:model-value="change({ deglazeWith: $event })"
          />
          <TextField
            class="wide"
            label="Sauce or glaze, half of it kept clean"
            :model-value="dish.sauce ?? null"
            :limit="limit.sauce"
            @update:model-value="change({ sauce: $event })"
          />
          <NumberField
            v-for="{ label, key, usual, step } in figures"
            :key="key"
            class="figure"
            :label="label"
            :model-value="dish[key] ?? null"
            :placeholder="String(usual)"
            :limit="limit[key]"
            :step="step"
            @update:model-value="change({ [key]: $event })"
          />
          <QuantityField
            class="figure"
            label="Broth wanted"
            dimension="volume"
            placeholder="none"
            :units="unitSystem"
            :value="dish.brothMl"
            :show="(ml) => text(units.volume(ml))"
            :limit="limit.brothMl"
            :keep="(brothMl) => change({ brothMl })"
            :clear="() => change({ brothMl: null })"
          />
        </div>
        <LinesField
          label="Herbs and spices that go in whole"
          hint="2 bay leaves"
          v-bind="lines"
          :model-value="dish.aromatics ?? []"
          @update:model-value="change({ aromatics: [...$event] })"
        />
      </FoldedPart>
      <FoldedPart title="Aside, while the pot works" :said="said.aside">
        <JobList :jobs="dish.meanwhile ?? []" @change="change({ meanwhile: $event })" />
      </FoldedPart>
      <FoldedPart title="After" :said="said.after">
        <LinesField
          label="At the end, in order"
          hint="Skim the fat."
          v-bind="lines"
          :model-value="dish.finish ?? []"
          @update:model-value="change({ finish: [...$event] })"
        />
        <LinesField
          label="For later"
          hint="Freeze half in a flat box."
          v-bind="lines"
          :model-value="dish.later ?? []"
          @update:model-value="change({ later: [...$event] })"
        />
        <LinesField
          label="To remember"
          hint="Needed more salt."
          v-bind="lines"
          :model-value="dish.notes ?? []"
          @update:model-value="change({ notes: [...$event] })"
        />
      </FoldedPart>
      <div class="ways">
        <v-btn class="tall" variant="outlined" :href="`/api/dishes/${kept.id}/file`" download>Save as a file</v-btn>
        <v-btn class="tall" variant="outlined" :href="`/api/dishes/${kept.id}/recipe`" download="recipe.jsonld">
          Save as a recipe
        </v-btn>
        <v-btn class="tall" @click="emit('remove')">Remove</v-btn>
      </div>
    </div>
  </article>
</template>

<style scoped src="./editor.css"></style>
