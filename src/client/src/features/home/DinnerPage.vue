<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed } from 'vue'
import { api, unwrap } from '@/api/client'
import { clockTime } from '@/shared/units/format'

/** For who eats: when dinner is. */
const againMs = 30_000
const { data } = useQuery({
  queryKey: ['dinner'],
  queryFn: async () => unwrap(await api.GET('/api/dinner')),
  refetchInterval: againMs,
})
const dinners = computed(() => data.value?.dinners ?? [])
</script>

<template>
  <div class="dinner" role="status">
    <h1>{{ data?.kitchen ?? 'Ikuzo' }}</h1>
    <p v-if="data && dinners.length === 0" class="when">Nothing is in the pot.</p>
    <div v-for="dinner in dinners" :key="dinner.name">
      <p class="when">
        <template v-if="dinner.at"
          >Dinner at <b>{{ clockTime(dinner.at) }}</b></template
        ><template v-else>Dinner is on its way</template>
      </p>
      <p>{{ dinner.name }}</p>
    </div>
    <p v-if="dinners.length > 0" class="small">An estimate: it moves as the cook goes on.</p>
  </div>
</template>

<style scoped>
.dinner {
  display: grid;
  gap: 22px;
  max-width: 620px;
  margin: 8vh auto;
  text-align: center;
}
h1 {
  font-family: var(--display);
  font-weight: 560;
}
p {
  margin: 0;
  font-size: 1.3rem;
}
.when {
  font-size: clamp(2rem, 9vw, 4rem);
  font-variant-numeric: tabular-nums;
}
.small {
  font-size: 0.95rem;
}
</style>
