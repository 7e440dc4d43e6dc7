<script setup lang="ts">
import { useRouter } from 'vue-router'
import type { Request } from '@/api/types'
import { useCooks } from '@/shared/cooks/useCooks'
import { useAttempt } from '@/shared/ui/useAttempt'

/** From the plan to the pot: cook it, or rehearse it on the simulated pot. */
const props = defineProps<{ request: Request; disabled: boolean }>()
const { start, simulate } = useCooks()
const router = useRouter()
const { refusal, attempt } = useAttempt()
const rehearsalSpeed = 10

const begin = (rehearse: boolean) =>
  attempt(async () => {
    const cook = await start.mutateAsync({ request: { ...props.request, lidOnAt: null } })
    if (rehearse) await simulate.mutateAsync({ id: cook.id, speed: rehearsalSpeed, faults: [] })
    await router.push({ name: 'pot', params: { id: cook.id } })
  })
</script>

<template>
  <div class="start">
    <v-btn class="tall" variant="flat" color="primary" :disabled="disabled" @click="begin(false)">Cook this</v-btn>
    <v-btn class="tall" variant="outlined" :disabled="disabled" @click="begin(true)">Rehearse it</v-btn>
    <p v-if="refusal" role="alert">{{ refusal }}</p>
  </div>
</template>

<style scoped>
.start {
  display: flex;
  flex-wrap: wrap;
  gap: 12px;
  margin: 4px 0 22px;
}
.tall {
  min-height: 56px;
}
p {
  margin: 0;
  flex: 1 1 100%;
}
</style>
