<script setup lang="ts">
import { defineAsyncComponent, ref, useTemplateRef } from 'vue'

/** One underlined phrase of the sentence; its choices open in place, and are there from the first time that they are asked for. */
defineProps<{ label: string; name: string }>()
const PhraseSheet = defineAsyncComponent(() => import('./PhraseSheet.vue'))
const phrase = useTemplateRef('phrase')
const used = ref(false)
const open = ref(false)
const close = () => (open.value = false)
function turn() {
  used.value = true
  open.value = !open.value
}
</script>

<template>
  <button
    ref="phrase"
    type="button"
    class="phrase"
    aria-haspopup="menu"
    :aria-expanded="open"
    :aria-label="`${name}: ${label}. Change`"
    @click="turn"
  >
    {{ label }}
  </button>
  <PhraseSheet v-if="used && phrase" v-model="open" :of="phrase" :name="name">
    <slot :close="close" />
  </PhraseSheet>
</template>

<style scoped>
.phrase {
  font: inherit;
  color: inherit;
  background: none;
  border: 0;
  border-bottom: 2px dotted rgb(var(--v-theme-secondary));
  min-height: 48px;
  padding: 6px 2px 2px;
  cursor: pointer;
  text-align: left;
}
.phrase:hover {
  border-bottom-style: solid;
}
</style>
