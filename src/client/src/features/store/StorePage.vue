<script setup lang="ts">
import { mdiBellOffOutline, mdiBellOutline, mdiCalendarOutline, mdiLabelOutline } from '@mdi/js'
import { computed, ref, useTemplateRef } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import type { StorePlace, StoreView } from '@/api/types'
import { useDraft } from '@/shared/draft/useDraft'
import { useKitchen } from '@/shared/kitchen/useKitchen'
import { useReminder } from '@/shared/store/useReminder'
import { loadOf, useStore } from '@/shared/store/useStore'
import UndoBar from '@/shared/ui/UndoBar.vue'
import { useAttempt } from '@/shared/ui/useAttempt'
import { useShortcuts } from '@/shared/ui/useShortcuts'
import StoreRow from './StoreRow.vue'
import { moveNames, urgencyNames } from './words'

/** Raw, cooked, frozen, thawing, and until when: what must be used first comes first. */
const { items, add, move, refusal: unsent } = useStore()
const { units, unitSystem } = useKitchen()
const { open } = useDraft()
const { refusal, attempt } = useAttempt()
const reminder = useReminder()
const router = useRouter()
const route = useRoute()
const line = useTemplateRef<HTMLInputElement>('line')
const typed = ref('')
const read = ref<string | null>(null)
const moved = ref<{ item: StoreView; words: string } | null>(null)
const chosen = ref<string[]>([])
const groups = computed(() =>
  (Object.keys(urgencyNames) as (keyof typeof urgencyNames)[])
    .map((urgency) => ({
      urgency,
      title: urgencyNames[urgency],
      items: items.value.filter((i) => i.urgency === urgency),
    }))
    .filter((group) => group.items.length > 0),
)
const asked = computed(() => (typeof route.query.item === 'string' ? route.query.item : null))

const keep = () =>
  attempt(async () => {
    if (typed.value.trim() === '') return
    read.value = null
    const { item, understood, unknown } = await add({ text: typed.value })
    typed.value = ''
    read.value = `${item.name}: ${understood.join(', ')}${unknown.length > 0 ? `. Not understood: ${unknown.join(', ')}` : ''}.`
  })
const go = (item: StoreView, to: StorePlace, portions: number | null = null) =>
  attempt(async () => {
    await move(item, to, portions)
    const words = portions === null ? moveNames[to].toLowerCase() : 'one box eaten'
    moved.value = { item, words: `${item.name}: ${words}.` }
  })
function undo() {
  if (moved.value) void move(moved.value.item, 'undo')
  moved.value = null
}
function cook(item: StoreView) {
  open({ load: loadOf(item) }, null, item.id)
  void router.push({ name: 'counter' })
}
const toggle = (id: string) =>
  (chosen.value = chosen.value.includes(id) ? chosen.value.filter((c) => c !== id) : [...chosen.value, id])
useShortcuts({ '/': () => line.value?.focus() })
</script>

<template>
  <div class="cold">
    <header class="page-head">
      <h1>Cold store</h1>
      <p class="tools">
        <router-link class="tool" :to="{ name: 'labels', query: chosen.length > 0 ? { ids: chosen.join(',') } : {} }">
          <v-icon :icon="mdiLabelOutline" aria-hidden="true" />
          {{ chosen.length > 0 ? `Labels for ${chosen.length}` : 'Labels' }}
        </router-link>
        <a class="tool" href="/api/store/calendar.ics"
          ><v-icon :icon="mdiCalendarOutline" aria-hidden="true" /> Use-by days</a
        >
        <button type="button" class="tool" :aria-pressed="reminder.isOn.value" @click="reminder.toggle">
          <v-icon :icon="reminder.isOn.value ? mdiBellOutline : mdiBellOffOutline" aria-hidden="true" />
          {{ reminder.isOn.value ? 'Reminds this device' : 'Remind this device' }}
        </button>
      </p>
    </header>
    <form class="ask" @submit.prevent="keep">
      <label for="into-the-cold">What goes into the cold?</label>
      <div>
        <input
          id="into-the-cold"
          ref="line"
          v-model="typed"
          maxlength="200"
          autocomplete="off"
          :placeholder="`8 thighs ${unitSystem === 'us' ? '3 lb' : '1.4 kg'} fridge bought today`"
        />
        <v-btn class="tall" type="submit" variant="outlined">Keep it</v-btn>
      </div>
    </form>
    <p v-if="read" role="status" class="read">{{ read }}</p>
    <p v-if="refusal ?? unsent" role="alert" class="stop">{{ refusal ?? unsent }}</p>
    <p v-if="groups.length === 0">
      Nothing is in the cold that Ikuzo knows of. Type it in as you would say it: “stock 1.2 l”, “2 boxes shredded,
      freezer”.
    </p>
    <section v-for="group in groups" :key="group.urgency" :aria-labelledby="`cold-${group.urgency}`">
      <h2 :id="`cold-${group.urgency}`">{{ group.title }}</h2>
      <ul>
        <StoreRow
          v-for="item in group.items"
          :key="item.id"
          :item="item"
          :units="units"
          :chosen="chosen.includes(item.id)"
          :asked="asked === item.id"
          @choose="toggle(item.id)"
          @move="(to, portions) => go(item, to, portions)"
          @cook="cook(item)"
        />
      </ul>
    </section>
    <p class="defer">
      Days after USDA FSIS and FoodSafety.gov; your local food authority wins. What smells or looks wrong goes, whatever
      its date says.
    </p>
    <UndoBar :text="moved?.words ?? null" @undo="undo" @gone="moved = null" />
  </div>
</template>

<style scoped>
.cold {
  max-width: 980px;
  display: grid;
  gap: 18px;
}
h1,
h2 {
  font-family: var(--display);
  font-weight: 560;
  line-height: 1.15;
}
.tools {
  display: flex;
  flex-wrap: wrap;
  gap: 6px 20px;
  margin: 0;
}
.tool {
  display: inline-flex;
  align-items: center;
  gap: 6px;
  min-height: 48px;
  color: inherit;
  text-decoration: underline;
  cursor: pointer;
}
.ask label {
  font-size: 0.9rem;
}
.ask div {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
}
.ask input {
  flex: 1 1 280px;
  min-height: 56px;
  padding: 0 16px;
  font-size: 1.2rem;
  background: rgb(var(--v-theme-surface));
  border: 1px solid rgba(var(--v-theme-on-background), 0.5);
  border-radius: 12px;
}
.ask .tall {
  min-height: 56px;
}
.read {
  margin: 0;
}
ul {
  list-style: none;
  margin: 6px 0 0;
  padding: 0;
}
.defer {
  font-size: 0.9rem;
  margin: 0;
}
</style>
