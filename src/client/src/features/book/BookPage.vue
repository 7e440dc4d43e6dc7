<script setup lang="ts">
import { mdiDownloadOutline, mdiSchoolOutline, mdiUploadOutline } from '@mdi/js'
import { refDebounced, useMediaQuery } from '@vueuse/core'
import { computed, ref, useTemplateRef, watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import type { BookItem, TableLook } from '@/api/types'
import { useKitchen } from '@/shared/kitchen/useKitchen'
import { text } from '@/shared/units/format'
import UndoBar from '@/shared/ui/UndoBar.vue'
import { pickedFile } from '@/shared/ui/pickedFile'
import { useAttempt } from '@/shared/ui/useAttempt'
import { useShortcuts } from '@/shared/ui/useShortcuts'
import CookPage from './CookPage.vue'
import TableMapping from './TableMapping.vue'
import { isTable, useBook, type Mapping } from './useBook'
import { cookedOn, eaten, left, measured } from './words'

/** Every cook that ended: searched as it is typed; one opens its page. */
const route = useRoute()
const router = useRouter()
const { units } = useKitchen()
const { refusal, attempt } = useAttempt()
const typed = ref('')
const query = refDebounced(typed, 120)
const cut = ref<string | null>(null)
const pages = ref(1)
watch([query, cut], () => (pages.value = 1))
const { items, total, writeIn, remove, restore, take, look } = useBook(query, cut, pages)
const open = computed(() => (typeof route.params.id === 'string' && route.params.id !== '' ? route.params.id : null))
// Beside the list there is room for a page: the newest of those found, until another is opened. It stays while it is found.
const isWide = useMediaQuery('(min-width: 901px)')
const newest = ref<string | null>(null)
watch(
  items,
  (found) => {
    if (!found.some((i) => i.id === newest.value)) newest.value = found[0]?.id ?? null
  },
  { immediate: true },
)
const shown = computed(() => open.value ?? (isWide.value ? newest.value : null))
const beside = computed(() => (typeof route.query.beside === 'string' ? route.query.beside : null))
const line = ref('')
const removed = ref<BookItem | null>(null)
const told = ref<string | null>(null)
const table = ref<{ file: File; as: Mapping; look: TableLook } | null>(null)
const search = useTemplateRef<HTMLInputElement>('search')
const picker = useTemplateRef<HTMLInputElement>('picker')

const write = () =>
  attempt(async () => {
    if (line.value.trim() === '') return
    const page = await writeIn(line.value)
    line.value = ''
    await router.push({ name: 'book', params: { id: page.item.id } })
  })
const drop = (item: BookItem) =>
  attempt(async () => {
    await remove(item.id)
    removed.value = item
    if (open.value === item.id) await router.push({ name: 'book' })
  })
function bringBack() {
  if (removed.value) void restore(removed.value.id)
  removed.value = null
}
function bring(event: Event) {
  const file = pickedFile(event)
  if (file) void attempt(() => consider(file, {}))
}
// A table is looked at first; one whose columns are all known goes straight in.
let asked: Mapping = {}
async function consider(file: File, as: Mapping) {
  asked = as
  const seen = isTable(file) ? await look(file, as) : null
  if (as !== asked) return // asked again since
  const isClear = seen === null || (seen.rows > 0 && seen.columns.every((c) => c.readAs !== null))
  if (isClear && Object.keys(as).length === 0) takeIn(file, as)
  else table.value = { file, as, look: seen! }
}
function takeIn(file: File, as: Mapping) {
  table.value = null
  void attempt(async () => {
    const { taken, known, refused } = await take(file, as)
    told.value = [
      `${taken} taken in${known > 0 ? `, ${known} were here already` : ''}.`,
      ...(refused.length > 0 ? ['Not taken:', ...refused.slice(0, 10)] : []),
    ].join(' ')
  })
}
useShortcuts({ '/': () => search.value?.focus() })
</script>

<template>
  <div class="book" :class="{ open: open !== null }">
    <header class="page-head">
      <h1>Book</h1>
      <p class="tools">
        <router-link class="tool" :to="{ name: 'learned' }"
          ><v-icon :icon="mdiSchoolOutline" aria-hidden="true" /> What Ikuzo has learned</router-link
        >
        <a class="tool" href="/api/book/export?format=csv" download
          ><v-icon :icon="mdiDownloadOutline" aria-hidden="true" /> Table</a
        >
        <a class="tool" href="/api/book/export" download="book.json"
          ><v-icon :icon="mdiDownloadOutline" aria-hidden="true" /> Whole book</a
        >
        <button type="button" class="tool" @click="picker?.click()">
          <v-icon :icon="mdiUploadOutline" aria-hidden="true" /> Bring in a file
        </button>
        <input
          ref="picker"
          class="sr-only"
          type="file"
          accept=".csv,.json"
          aria-label="File to bring in"
          tabindex="-1"
          @change="bring"
        />
      </p>
    </header>
    <div class="two">
      <section class="list" aria-label="Cooks">
        <label class="search">
          Find a cook
          <input
            ref="search"
            v-model="typed"
            type="search"
            maxlength="100"
            autocomplete="off"
            placeholder="thighs March juicy"
          />
        </label>
        <p class="count" role="status">{{ total }} {{ total === 1 ? 'cook' : 'cooks' }}</p>
        <p v-if="refusal" role="alert" class="stop">{{ refusal }}</p>
        <p v-if="told" role="status" class="stop">{{ told }}</p>
        <TableMapping
          v-if="table"
          :name="table.file.name"
          :look="table.look"
          @read="(as) => attempt(() => consider(table!.file, as))"
          @take="takeIn(table.file, table.as)"
          @leave="table = null"
        />
        <p v-if="total === 0 && typed === ''">Nothing is written yet. A cook that is served comes here by itself.</p>
        <ul>
          <li v-for="item in items" :key="item.id">
            <router-link
              :to="{ name: 'book', params: { id: item.id } }"
              class="row"
              :class="{ here: shown === item.id }"
            >
              <span class="name">{{ item.name }}</span>
              <span class="date">{{ cookedOn(item.cookedAt) }}</span>
              <span class="facts">
                {{ left(item) }} ·
                <b :class="{ never: item.lowestCelsius === null }">{{ measured(item, units) }}</b>
                <template v-if="eaten(item)"> · {{ eaten(item) }}</template>
                <template v-if="item.leftOut"> · nothing is learned from it</template>
              </span>
              <span class="next">Next time: {{ item.nextTime }}</span>
            </router-link>
          </li>
        </ul>
        <v-btn v-if="items.length < total" class="tall" variant="outlined" @click="pages += 1">Earlier ones</v-btn>
        <form class="write" @submit.prevent="write">
          <label for="write-in">One that is not here</label>
          <div>
            <input
              id="write-in"
              v-model="line"
              maxlength="300"
              autocomplete="off"
              :placeholder="`yesterday, 8 drumsticks, 12 min, vented, ${text(units.temperature(85))}`"
            />
            <v-btn class="tall" type="submit" variant="outlined">Write it in</v-btn>
          </div>
        </form>
      </section>
      <div v-if="shown" class="pages">
        <CookPage :id="shown" :key="shown" :others="items" @remove="drop" />
        <CookPage v-if="beside" :id="beside" :key="`beside-${beside}`" :others="[]" quiet />
      </div>
      <p v-else class="hint">Open a cook to see what was planned beside what happened, and to say how it ate.</p>
    </div>
    <UndoBar :text="removed ? `Removed ${removed.name}.` : null" @undo="bringBack" @gone="removed = null" />
  </div>
</template>

<style scoped>
.book {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 14px;
  max-width: 1240px;
}
h1 {
  font-family: var(--display);
  font-weight: 560;
}
.tools {
  display: flex;
  flex-wrap: wrap;
  gap: 0 20px;
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
.two {
  display: grid;
  grid-template-columns: minmax(300px, 5fr) minmax(0, 8fr);
  gap: 32px;
  align-items: start;
}
.two > * {
  min-width: 0;
}
.list {
  display: grid;
  gap: 10px;
}
.search,
.write label {
  font-size: 0.9rem;
}
.search input,
.write input {
  width: 100%;
  min-height: 48px;
  padding: 0 14px;
  font-size: 1.05rem;
  background: rgb(var(--v-theme-surface));
  border: 1px solid rgba(var(--v-theme-on-background), 0.5);
  border-radius: 10px;
}
.write div {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
}
.write input {
  flex: 1 1 220px;
}
.count {
  margin: 0;
  font-size: 0.9rem;
}
ul {
  list-style: none;
  margin: 0;
  padding: 0;
}
.row {
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto;
  gap: 0 12px;
  padding: 10px 10px 10px 12px;
  border-top: 1px solid rgba(var(--v-theme-on-background), 0.35);
  border-left: 5px solid transparent;
  color: inherit;
  text-decoration: none;
}
.row:hover {
  background: rgba(var(--v-theme-on-background), 0.05);
}
.here {
  border-left-color: rgb(var(--v-theme-secondary));
}
.name {
  font-family: var(--display);
  font-weight: 560;
  font-size: 1.1rem;
}
.date {
  font-size: 0.9rem;
  white-space: nowrap;
}
.facts,
.next {
  grid-column: 1 / -1;
  font-size: 0.95rem;
  font-variant-numeric: tabular-nums;
}
.next {
  font-style: italic;
}
.never {
  font-weight: 400;
  text-decoration: underline dotted;
}
.pages {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(min(100%, 340px), 1fr));
  gap: 32px;
}
@media (max-width: 900px) {
  .two {
    grid-template-columns: minmax(0, 1fr);
  }
  .open .list {
    display: none;
  }
  .hint {
    display: none;
  }
}
</style>
