<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed } from 'vue'
import { api } from '@/api/client'

/** What is wrong with the machine that Ikuzo runs on, and what to do: read by who cooks, since nobody else looks. */
const everyMs = 30_000
const { data: health } = useQuery({
  queryKey: ['health'],
  queryFn: async () => {
    const answer = await api.GET('/api/health')
    return answer.data ?? answer.error ?? null // what fails says so in the same words
  },
  refetchInterval: everyMs,
  retry: false,
})
const fails = computed(() => health.value?.status === 'failing')
</script>

<template>
  <div v-if="health && fails" class="health fails" role="alert">
    <b>Stop: nothing is safely kept now.</b>
    <p v-for="problem in health.problems" :key="problem">{{ problem }}</p>
  </div>
  <details v-else-if="health?.problems.length" class="health">
    <summary>Look at the machine that Ikuzo runs on</summary>
    <p v-for="problem in health.problems" :key="problem">{{ problem }}</p>
  </details>
</template>

<style scoped>
.health {
  margin: 0 0 12px;
  padding: 10px 14px;
  border: 1px solid rgba(var(--v-theme-on-background), 0.5);
  border-radius: 10px;
}
.fails {
  border: 3px solid rgb(var(--v-theme-error));
}
summary {
  min-height: 48px;
  display: flex;
  align-items: center;
  cursor: pointer;
}
details.health {
  padding-block: 0;
}
.health p {
  margin: 2px 0 0;
  overflow-wrap: anywhere;
}
</style>
