<script setup lang="ts">
import { computed } from 'vue'
import { useRouter } from 'vue-router'
import type { AskView, Promise as Promised } from '@/api/types'
import { useCatalogue } from '@/shared/catalogue/useCatalogue'
import { dishOf } from '@/shared/dishes/dishOf'
import { useDishes } from '@/shared/dishes/useDishes'
import { useAttempt } from '@/shared/ui/useAttempt'

/** What was typed and is not in the answer: other meat, and what goes in when the lid is off. As a dish all of it is planned. */
const props = defineProps<{ heard: AskView; promise: Promised | null }>()
const { findCut, companions } = useCatalogue()
const nameOf = (beside: AskView['beside'][number]) =>
  companions.value.find((c) => c.id === beside.id)?.name.toLowerCase() ?? beside.food
const { add } = useDishes()
const { refusal, attempt } = useAttempt()
const router = useRouter()
const meats = computed(() =>
  props.heard.also.map((a) => {
    const cut = findCut(a.cut)
    return `${a.pieces} ${(a.pieces === 1 ? cut?.name : cut?.plural) ?? a.cut}`
  }),
)
const atTheEnd = computed(() =>
  props.heard.beside.filter((b) => b.when === 'after').map((b) => `${b.measure} ${nameOf(b)}`.trim()),
)
const asDish = () =>
  attempt(async () => {
    const dish = await add.mutateAsync(dishOf(props.heard, props.promise))
    await router.push({ name: 'dishes', params: { id: dish.id } })
  })
</script>

<template>
  <div v-if="meats.length > 0 || atTheEnd.length > 0" class="also">
    <p v-if="meats.length > 0">This is the first. With {{ meats.join(' and ') }} it is a dish.</p>
    <p v-if="atTheEnd.length > 0" data-testid="at-the-end">
      Not under the lid: {{ atTheEnd.join(', ') }}. In a dish it has its minutes at the end.
    </p>
    <v-btn class="tall" variant="outlined" data-testid="as-dish" @click="asDish">Plan all of it as a dish</v-btn>
    <p v-if="refusal" role="alert">{{ refusal }}</p>
  </div>
</template>

<style scoped>
.also {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 6px 12px;
}
p {
  margin: 0;
  flex: 1 1 16rem;
}
</style>
