<script setup lang="ts">
import { mdiPlus } from '@mdi/js'
import { useEventListener, watchDebounced } from '@vueuse/core'
import { computed, onBeforeUnmount, ref, shallowRef } from 'vue'
import { useRouter } from 'vue-router'
import { api, unwrap } from '@/api/client'
import type { DishDocument, DishItemBody, KeptDish } from '@/api/types'
import { useKitchen } from '@/features/kitchen/useKitchen'
import { useCooks } from '@/features/pot/useCooks'
import { useAttempt } from '@/shared/ui/useAttempt'
import DishItemRow from './DishItemRow.vue'
import JobList from './JobList.vue'
import LinesField from './LinesField.vue'
import StageList from './StageList.vue'
import { useSolved } from './useSolved'

/** One dish. What is changed is kept at once; a refusal stays beside it until it is mended. */
const props = defineProps<{
  kept: KeptDish
  save: (id: string, dish: DishDocument) => Promise<unknown>
  leave: (id: string, dish: DishDocument) => Promise<unknown>
}>()
const emit = defineEmits<{ remove: [] }>()
const { units, unitSystem, pots } = useKitchen()
const { start } = useCooks()
const router = useRouter()
const dish = shallowRef<DishDocument>(props.kept.document) // replaced as a whole, never changed in place
const { data: solved, error } = useSolved(computed(() => dish.value))
const adding = ref('')
const { refusal, attempt } = useAttempt()
const scaled = ref<string | null>(null)
const items = computed(() => dish.value.items ?? [])
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
  if (!isKept()) await props.save(props.kept.id, dish.value)
}
useEventListener(window, 'pagehide', () => {
  if (!isKept()) void props.leave(props.kept.id, dish.value)
})
watchDebounced(dish, () => attempt(saveNow), { debounce: 400, maxWait: 2000 })
onBeforeUnmount(() => {
  void attempt(saveNow)
  gone = true
})

const change = (part: Partial<DishDocument>) => (dish.value = { ...dish.value, ...part })
const choosePot = (name: string) =>
  change({ pot: (pots.value.find((p) => p.name === name) ?? null) as DishDocument['pot'] })
const figures = [
  { label: 'Marinade, hours', key: 'marinadeHours', usual: 0, max: 48, step: 0.5 },
  { label: 'Rest, minutes', key: 'restMinutes', usual: 5, max: 60, step: 1 },
  { label: 'Crisp after, minutes', key: 'crispMinutes', usual: 0, max: 60, step: 1 },
  { label: 'Broth wanted, ml', key: 'brothMl', usual: 0, max: 10_000, step: 50 },
] as const
function number(event: Event) {
  const value = (event.target as HTMLInputElement).valueAsNumber
  return Number.isNaN(value) ? null : value
}
const changeItem = (key: string | null, to: DishItemBody) =>
  change({ items: items.value.map((i) => (i.key === key ? to : i)) })
const takeOut = (key: string | null) => change({ items: items.value.filter((i) => i.key !== key) })

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
    const text = adding.value
    const item = unwrap(await api.POST('/api/dishes/item', { body: { text, key: freeKey() } }))
    change({ items: [...items.value, { ...item, key: freeKey() }] })
    if (adding.value === text) adding.value = '' // what is being typed meanwhile stays
  })
const cook = (stage?: number) =>
  act(async () => {
    await saveNow()
    const started = await start.mutateAsync({ dishId: props.kept.id, ...(stage ? { stage } : {}) })
    await router.push({ name: 'pot', params: { id: started.id } })
  })
const scale = (servings: number | null) =>
  act(async () => {
    const answer = unwrap(
      await api.POST('/api/dishes/{id}/scale', {
        params: { path: { id: props.kept.id }, query: { servings: servings ?? 0 } },
      }),
    )
    scaled.value = answer.why
    if (answer.batches === 1) dish.value = answer.document
  })
</script>

<template>
  <article class="editor">
    <div class="asked">
      <div class="head">
        <label class="name">
          <span class="sr-only">Name of the dish</span>
          <input
            class="title"
            :value="dish.name"
            maxlength="80"
            @input="change({ name: ($event.target as HTMLInputElement).value.trim() || dish.name })"
          />
        </label>
        <label class="field number">
          <span>Serves</span>
          <input type="number" min="1" max="40" :value="dish.servings" @change="scale(number($event))" />
        </label>
      </div>
      <p v-if="refusal" role="alert" class="stop">{{ refusal }}</p>
      <p v-if="scaled" role="status">{{ scaled }}</p>
      <h2>In the pot</h2>
      <ul class="items">
        <DishItemRow
          v-for="item in items"
          :key="item.key ?? ''"
          :item="item"
          :units="units"
          :unit-system="unitSystem"
          :last="items.length === 1"
          @change="changeItem(item.key, $event)"
          @remove="takeOut(item.key)"
        />
      </ul>
      <form class="add" @submit.prevent="add">
        <label class="field">
          <span>Add</span>
          <input v-model="adding" maxlength="300" placeholder="250 g pearl barley" />
        </label>
        <v-btn type="submit" :icon="mdiPlus" aria-label="Add to the dish" :disabled="items.length >= 8" />
      </form>
      <h2>Around it</h2>
      <div class="fields">
        <label v-if="pots.length > 1" class="field">
          <span>Cooked in</span>
          <select :value="dish.pot?.name ?? ''" @change="choosePot(($event.target as HTMLSelectElement).value)">
            <option value="">the usual pot</option>
            <option v-if="dish.pot && !pots.some((p) => p.name === dish.pot?.name)" :value="dish.pot.name ?? ''">
              {{ dish.pot.name ?? 'a pot of its own' }}
            </option>
            <option v-for="pot in pots" :key="pot.id" :value="pot.name">{{ pot.name }}</option>
          </select>
        </label>
        <label class="field wide">
          <span>Seasoned with</span>
          <input
            :value="dish.seasoning"
            maxlength="200"
            @change="change({ seasoning: ($event.target as HTMLInputElement).value || null })"
          />
        </label>
        <label class="tick">
          <input
            type="checkbox"
            :checked="dish.brown ?? false"
            @change="change({ brown: ($event.target as HTMLInputElement).checked })"
          />
          <span>Brown in batches</span>
        </label>
        <label v-if="dish.brown" class="field wide">
          <span>Loosen the bits with</span>
          <input
            :value="dish.deglazeWith"
            maxlength="200"
            @change="change({ deglazeWith: ($event.target as HTMLInputElement).value || null })"
          />
        </label>
        <label v-for="{ label, key, usual, max, step } in figures" :key="key" class="field figure">
          <span>{{ label }}</span>
          <input
            type="number"
            min="0"
            :max="max"
            :step="step"
            :value="dish[key] ?? usual"
            @change="change({ [key]: number($event) })"
          />
        </label>
      </div>
      <LinesField
        label="Herbs and spices that go in whole"
        hint="2 bay leaves"
        :lines="dish.aromatics"
        @change="change({ aromatics: $event })"
      />
      <JobList :jobs="dish.meanwhile ?? []" @change="change({ meanwhile: $event })" />
      <LinesField
        label="At the end, in order"
        hint="Skim the fat."
        :lines="dish.finish"
        @change="change({ finish: $event })"
      />
      <LinesField
        label="To remember"
        hint="Needed more salt."
        :lines="dish.notes"
        @change="change({ notes: $event })"
      />
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
      />
      <div class="ways">
        <v-btn class="tall" variant="flat" color="primary" :to="{ name: 'line-up', query: { dish: kept.id } }">
          When must I start?
        </v-btn>
        <v-btn v-if="withMeat.length < 2" class="tall" variant="outlined" @click="cook()">Cook it now</v-btn>
        <v-btn v-for="n in withMeat" v-else :key="n" class="tall" variant="outlined" @click="cook(n)">
          Cook the {{ turns[n - 1] }} one now
        </v-btn>
        <v-btn class="tall" variant="outlined" :href="`/api/dishes/${kept.id}/file`" download>Save as a file</v-btn>
        <v-btn class="tall" variant="outlined" :href="`/api/dishes/${kept.id}/recipe`" download="recipe.jsonld">
          Save as a recipe
        </v-btn>
        <v-btn class="tall" @click="emit('remove')">Remove</v-btn>
      </div>
    </aside>
  </article>
</template>

<style scoped src="./editor.css"></style>
