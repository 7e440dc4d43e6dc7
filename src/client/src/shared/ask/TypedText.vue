<script setup lang="ts">
import { computed } from 'vue'
import type { AskView } from '@/api/types'

/** What was typed, each stretch over what it was taken for; plain words stay quiet, and what is not understood is said. */
const props = defineProps<{ text: string; spans: AskView['spans'] }>()
const longest = 24 // characters that a phone shows in one line
const plain = ['ordinary', 'describing']
const stretches = computed(() => {
  const all: { text: string; as: string; kind: string }[] = []
  let at = 0
  for (const span of props.spans) {
    if (span.from > at) all.push({ text: props.text.slice(at, span.from), as: '', kind: 'ordinary' })
    const as = span.kind === 'unknown' ? 'not understood' : plain.includes(span.kind) ? '' : span.as
    all.push({ text: props.text.slice(span.from, span.to), as, kind: span.kind })
    at = span.to
  }
  return [...all, { text: props.text.slice(at), as: '', kind: 'ordinary' }]
})
</script>

<template>
  <p class="typed" aria-label="As it was read" data-testid="typed">
    <template v-for="(stretch, i) in stretches" :key="i">
      <ruby v-if="stretch.as" :class="['as', stretch.kind, { whole: stretch.text.length <= longest }]"
        >{{ stretch.text }}<rt>{{ stretch.as }}</rt></ruby
      >
      <span v-else>{{ stretch.text }}</span>
    </template>
  </p>
</template>

<style scoped>
.typed {
  margin: 8px 0 0;
  line-height: 2.3;
  white-space: pre-wrap;
  overflow-wrap: break-word;
}
.as {
  ruby-position: under;
  ruby-align: center;
  border-bottom: 1px solid rgba(var(--v-theme-on-background), 0.5);
}
.whole {
  white-space: nowrap;
}
rt {
  font-size: 0.78rem;
  padding: 0 3px;
}
.unknown {
  border-bottom: 3px dotted rgb(var(--v-theme-secondary));
  font-weight: 700;
}
</style>
