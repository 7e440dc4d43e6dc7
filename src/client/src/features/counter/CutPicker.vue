<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Cut } from '@/api/types'
import ChoiceList from './ChoiceList.vue'

const props = defineProps<{ cuts: readonly Cut[]; chosen: Cut | undefined }>()
const emit = defineEmits<{ choose: [Cut] }>()
const species = ref(props.chosen?.species ?? 'chicken')
const birds = ['chicken', 'turkey', 'duck'] as const
const items = computed(() =>
  props.cuts
    .filter((c) => c.species === species.value)
    .map((cut) => ({ title: cut.name.replace(/^(chicken|turkey|duck) /, ''), cut })),
)
</script>

<template>
  <div class="birds">
    <v-btn v-for="bird in birds" :key="bird" class="bird" :aria-pressed="species === bird" @click="species = bird">{{
      bird
    }}</v-btn>
  </div>
  <ChoiceList :items="items" :is-chosen="(i) => i.cut.id === chosen?.id" @choose="emit('choose', $event.cut)" />
</template>

<style scoped>
.birds {
  display: flex;
  gap: 4px;
  margin-bottom: 6px;
}
.bird {
  flex: 1;
  min-height: 48px;
  border-bottom: 3px solid transparent;
}
.bird[aria-pressed='true'] {
  border-bottom-color: rgb(var(--v-theme-secondary));
  font-weight: 700;
}
</style>
