<script setup lang="ts">
import { ref, watch } from 'vue'
import { useRouter } from 'vue-router'
import { ServerRefusal, type ToConfirm } from '@/api/client'
import { useAttempt } from '@/shared/ui/useAttempt'
import { useOutline, type Start } from './outline'
import { useCooks } from './useCooks'

/** From a plan or a dish to the pot: cook it, or rehearse it on the simulated pot. What must be seen to first is asked here. */
const props = defineProps<{
  from: Start
  label: string
  disabled?: boolean
  /** What is wrong with it all the same, in a few words; said on the button. */
  unsafe?: string | null
  /** What has to be kept before. */
  before?: () => Promise<unknown>
}>()
const { start, simulate } = useCooks()
const router = useRouter()
const { refusal, attempt } = useAttempt()
const rehearsalSpeed = 10
const toConfirm = ref<readonly ToConfirm[]>([])
const seen = ref<string[]>([])
let rehearse = false
let begun: { id: string; asRehearsal: boolean } | null = null // and the way to it failed: it is not begun twice
useOutline(() => (props.disabled ? null : props.from))
watch(
  () => JSON.stringify(props.from),
  () => {
    toConfirm.value = []
    seen.value = []
    begun = null
  },
)

const begin = (asRehearsal: boolean) =>
  attempt(async () => {
    rehearse = asRehearsal
    await props.before?.()
    try {
      if (begun?.asRehearsal !== rehearse) {
        const { id } = await start.mutateAsync({
          ...props.from,
          storeId: rehearse ? null : (props.from.storeId ?? null),
          confirmed: seen.value,
          mayWait: !rehearse,
        })
        if (rehearse) await simulate.mutateAsync({ id, speed: rehearsalSpeed, faults: [] })
        begun = { id, asRehearsal: rehearse }
      }
      await router.push({ name: 'pot', params: { id: begun.id } })
    } catch (error) {
      if (!(error instanceof ServerRefusal && error.toConfirm.length > 0)) throw error
      toConfirm.value = error.toConfirm
    }
  })
function see(code: string) {
  seen.value = [...seen.value, code]
  toConfirm.value = toConfirm.value.filter((c) => c.code !== code)
  if (toConfirm.value.length === 0) void begin(rehearse)
}
</script>

<template>
  <div class="begin">
    <v-btn
      :class="['tall', { unsafe }]"
      variant="flat"
      :color="unsafe ? undefined : 'primary'"
      :disabled="disabled"
      @click="begin(false)"
      >{{ unsafe ? `${label} all the same: ${unsafe}` : label }}</v-btn
    >
    <v-btn class="tall" variant="outlined" :disabled="disabled" @click="begin(true)">Rehearse it</v-btn>
    <p v-if="refusal" role="alert">{{ refusal }}</p>
    <ul v-if="toConfirm.length > 0" class="first" role="alert" aria-label="See to this first">
      <li v-for="item in toConfirm" :key="item.code" :data-code="item.code">
        <p>
          <strong>First. {{ item.text }}</strong> {{ item.because }}
        </p>
        <v-btn class="tall" variant="outlined" @click="see(item.code)">{{ item.confirmWith }}</v-btn>
      </li>
    </ul>
  </div>
</template>

<style scoped>
.begin {
  display: flex;
  flex-wrap: wrap;
  gap: 12px;
}
.tall {
  min-height: 56px;
}
.unsafe {
  height: auto;
  padding-block: 10px;
  border: 2px solid rgb(var(--v-theme-secondary));
  background: repeating-linear-gradient(-45deg, transparent 0 9px, rgba(var(--v-theme-secondary), 0.16) 9px 12px);
}
.unsafe :deep(.v-btn__content) {
  white-space: normal;
}
p {
  margin: 0;
  flex: 1 1 100%;
}
.first {
  flex: 1 1 100%;
  list-style: none;
  margin: 0;
  padding: 0;
  display: grid;
  gap: 8px;
}
.first li {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 12px;
  padding: 10px 14px;
  border: 2px solid rgb(var(--v-theme-secondary));
  border-radius: 12px;
}
.first p {
  flex: 1 1 220px;
}
</style>
