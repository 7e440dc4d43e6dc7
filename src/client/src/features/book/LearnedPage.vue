<script setup lang="ts">
import { useQuery, useQueryClient } from '@tanstack/vue-query'
import { computed, ref } from 'vue'
import { api, unwrap } from '@/api/client'
import { useCatalogue } from '@/shared/catalogue/useCatalogue'
import { useKitchen } from '@/shared/kitchen/useKitchen'
import { useAttempt } from '@/shared/ui/useAttempt'
import { text } from '@/shared/units/format'
import ThingRow from './ThingRow.vue'
import { leaveOut } from './useBook'
import { cookedOn } from './words'

/** What Ikuzo has learned in this kitchen: by pot and by cut, in words and numbers, and a way to take it back. */
const againMs = 2000
const client = useQueryClient()
const { safety } = useCatalogue()
const { units } = useKitchen()
const { refusal, attempt } = useAttempt()
const { data: learned } = useQuery({
  queryKey: ['learned'],
  queryFn: async () => unwrap(await api.GET('/api/learned')),
  refetchInterval: ({ state }) => (state.data?.stillToRead ? againMs : false),
})
const sayings = computed(() =>
  [...(learned.value?.pots ?? []), ...(learned.value?.cuts ?? [])]
    .flatMap((of) => of.parameters.map((p) => p.text))
    .concat(learned.value?.taste ?? null)
    .filter((s) => s !== null),
)
const asked = ref<string | null>(null)
const refresh = () => client.invalidateQueries({ queryKey: ['learned'] })
const leave = (cookId: string, out: boolean) =>
  attempt(async () => {
    await leaveOut(cookId, out)
    await refresh()
  })
const forget = (what: { potId?: string; cut?: string }) =>
  attempt(async () => {
    asked.value = null
    const answer = await api.POST('/api/learned/forget', { body: { potId: what.potId ?? null, cut: what.cut ?? null } })
    if (answer.error) unwrap(answer)
    await refresh()
  })
const remember = (id: number) =>
  attempt(async () => {
    const answer = await api.POST('/api/learned/remember', { body: { id } })
    if (answer.error) unwrap(answer)
    await refresh()
  })
</script>

<template>
  <div class="learned">
    <header class="page-head">
      <h1>What Ikuzo has learned</h1>
      <router-link class="back" :to="{ name: 'book' }">Back to the book</router-link>
    </header>
    <p v-if="refusal" role="alert" class="stop">{{ refusal }}</p>
    <p v-if="learned?.stillToRead" role="status">
      {{ learned.stillToRead === 1 ? 'One cook is' : `${learned.stillToRead} cooks are` }} still being read.
    </p>
    <ul v-if="sayings.length" class="sayings">
      <li v-for="saying in sayings" :key="saying">{{ saying }}</li>
    </ul>
    <p v-else-if="learned">Nothing sure yet. Every cook that is timed, measured and tasted teaches a little.</p>
    <p v-if="safety" class="rule">
      It can add minutes at once. It takes minutes away only after three measured cooks agree, and never from the rule:
      {{ text(units.temperature(safety.coreCelsius)) }} for 99 of 100.
    </p>
    <section v-if="learned?.odd.length" aria-labelledby="odd-title">
      <h2 id="odd-title">Unlike the others</h2>
      <ul class="odd">
        <li v-for="odd in learned.odd" :key="`${odd.cookId}-${odd.question}`">
          <p>
            <router-link :to="{ name: 'book', params: { id: odd.cookId } }">{{ odd.name }}</router-link>,
            {{ cookedOn(odd.cookedAt) }}. {{ odd.question }}
          </p>
          <v-btn class="tall" variant="outlined" @click="leave(odd.cookId, !odd.leftOut)">{{
            odd.leftOut ? 'Learn from it again' : 'Leave it out'
          }}</v-btn>
        </li>
      </ul>
    </section>
    <section v-if="learned?.forgotten.length" aria-labelledby="forgotten-title">
      <h2 id="forgotten-title">Forgotten</h2>
      <p v-for="one in learned.forgotten" :key="one.id" class="forgotten">
        {{ one.name }}, {{ cookedOn(one.at) }}
        <v-btn class="tall" variant="text" @click="remember(one.id)">Take it back</v-btn>
      </p>
    </section>
    <section v-for="pot in learned?.pots" :key="pot.potId" :aria-label="pot.name">
      <h2>
        {{ pot.name }} <small>from {{ pot.cooks }} {{ pot.cooks === 1 ? 'cook' : 'cooks' }}</small>
      </h2>
      <ThingRow v-for="thing in pot.parameters" :key="thing.id" :thing="thing" />
      <v-btn v-if="asked !== pot.potId" class="tall" variant="text" @click="asked = pot.potId"
        >Forget {{ pot.name }}</v-btn
      >
      <v-btn v-else class="tall" variant="outlined" @click="forget({ potId: pot.potId })"
        >Forget all that was learned of {{ pot.name }} until now</v-btn
      >
    </section>
    <section v-for="cut in learned?.cuts" :key="cut.cut" :aria-label="cut.name">
      <h2>
        {{ cut.name }} <small>from {{ cut.cooks }} {{ cut.cooks === 1 ? 'cook' : 'cooks' }}</small>
      </h2>
      <ThingRow v-for="thing in cut.parameters" :key="thing.id" :thing="thing" />
      <v-btn v-if="asked !== cut.cut" class="tall" variant="text" @click="asked = cut.cut">Forget it</v-btn>
      <v-btn v-else class="tall" variant="outlined" @click="forget({ cut: cut.cut })"
        >Forget all that was learned of {{ cut.name }} until now</v-btn
      >
    </section>
  </div>
</template>

<style scoped>
.learned {
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
h2 {
  font-size: 1.35rem;
}
h2::first-letter {
  text-transform: uppercase;
}
small {
  font-family: var(--text);
  font-weight: 400;
  font-size: 0.95rem;
}
.back {
  color: inherit;
  min-height: 48px;
  display: inline-flex;
  align-items: center;
}
.sayings {
  margin: 0;
  padding-left: 1.2em;
  font-size: 1.2rem;
}
p {
  margin: 0;
}
.odd {
  list-style: none;
  padding: 0;
  margin: 6px 0 0;
  display: grid;
  gap: 8px;
}
.odd li {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  justify-content: space-between;
  gap: 10px;
  padding: 10px 14px;
  border: 2px dashed rgb(var(--v-theme-secondary));
  border-radius: 12px;
}
.odd a {
  color: inherit;
}
</style>
