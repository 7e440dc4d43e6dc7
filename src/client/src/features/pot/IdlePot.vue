<script setup lang="ts">
import { computed } from 'vue'
import BeginRow from '@/shared/cooks/BeginRow.vue'
import { useCatalogue } from '@/shared/catalogue/useCatalogue'
import { useDishes } from '@/shared/dishes/useDishes'
import { useDraft, withPot } from '@/shared/draft/useDraft'
import { useKitchen } from '@/shared/kitchen/useKitchen'

/** Nothing is on: what could be. */
const { draft } = useDraft()
const { pots } = useKitchen()
const { birdWords } = useCatalogue()
const { dishes } = useDishes()
const most = 6
const planned = computed(() => birdWords(draft.value.request.load))
const request = computed(() => ({ ...withPot(draft.value, pots.value), lidOnAt: null }))
</script>

<template>
  <div class="idle">
    <h1>Nothing is on</h1>
    <section v-if="planned" aria-label="On the Counter">
      <h2>{{ planned }}</h2>
      <p>As it stands on the <router-link to="/">Counter</router-link>.</p>
      <BeginRow label="Cook this" :from="{ request }" />
    </section>
    <section v-if="dishes.length > 0" aria-label="Dishes">
      <h2>Or a dish</h2>
      <ul>
        <li v-for="dish in dishes.slice(0, most)" :key="dish.id">
          <router-link :to="{ name: 'dishes', params: { id: dish.id } }">{{ dish.document.name }}</router-link>
        </li>
      </ul>
    </section>
    <p>Is a pot open already? <router-link to="/check">Check it</router-link>.</p>
  </div>
</template>

<style scoped>
.idle {
  --target: 72px;
  display: grid;
  gap: 22px;
  max-width: 900px;
  font-size: 1.2rem;
}
h1,
h2 {
  font-family: var(--display);
  font-weight: 560;
  line-height: 1.15;
}
h2 {
  font-size: 1.5rem;
}
section {
  display: grid;
  gap: 10px;
}
p {
  margin: 0;
}
ul {
  list-style: none;
  margin: 0;
  padding: 0;
}
li a {
  display: block;
  min-height: 56px;
  padding: 14px 0;
  border-top: 1px solid rgba(var(--v-theme-on-background), 0.25);
}
</style>
