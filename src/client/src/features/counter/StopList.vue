<script setup lang="ts">
import { mdiChevronDown, mdiChevronUp } from '@mdi/js'
import { computed, ref } from 'vue'
import type { Mend, Warning } from '@/api/types'
import WarningList, { words } from './WarningList.vue'

/** What stands above the answer: in full where there is room, and on a phone two lines that open, so that the number stays in sight. */
const props = defineProps<{ warnings: readonly Warning[] }>()
const emit = defineEmits<{ confirm: [string]; mend: [Mend] }>()
const longestButton = 22 // letters that stand beside two lines on a phone
const isOpen = ref(false)
const short = computed(() =>
  props.warnings.map((w, i) => (i > 0 && w.level === 'stop' ? w.text : `${words[w.level]}. ${w.text}`)).join(' '),
)
/** A single one is done with by one touch, without being opened. */
const single = computed(() => {
  const [first, ...others] = props.warnings
  return first?.isToConfirm && others.length === 0 && first.confirmWith!.length <= longestButton ? first : null
})
</script>

<template>
  <div class="stops" :class="{ open: isOpen }">
    <div class="folded" :class="warnings[0]?.level">
      <button type="button" class="opener" :aria-expanded="isOpen" aria-controls="stops" @click="isOpen = !isOpen">
        <span class="short two-lines">
          <b>{{ short }}</b>
        </span>
        <v-icon :icon="isOpen ? mdiChevronUp : mdiChevronDown" aria-hidden="true" />
      </button>
      <v-btn v-if="single && !isOpen" class="done" variant="outlined" @click="emit('confirm', single.code)">{{
        single.confirmWith
      }}</v-btn>
    </div>
    <div id="stops" class="whole">
      <WarningList :warnings="warnings" @confirm="emit('confirm', $event)" @mend="emit('mend', $event)" />
    </div>
  </div>
</template>

<style scoped>
.folded {
  display: none;
}
@media (max-width: 700px) {
  .folded {
    display: flex;
    gap: 8px;
    align-items: center;
    padding: 2px 10px;
    border: 2px dashed currentColor;
    border-radius: 12px;
  }
  .folded.stop {
    border: 2px solid rgb(var(--v-theme-secondary));
    background: repeating-linear-gradient(-45deg, transparent 0 10px, rgba(var(--v-theme-secondary), 0.1) 10px 14px);
  }
  .opener {
    display: flex;
    flex: 1;
    gap: 6px;
    align-items: center;
    min-width: 0;
    min-height: 48px;
    text-align: left;
    cursor: pointer;
  }
  .short {
    flex: 1;
    font-size: 0.95rem;
    line-height: 1.25;
  }
  .done {
    min-height: 48px;
  }
  .open .short {
    -webkit-line-clamp: 1;
    line-clamp: 1;
  }
  .whole {
    margin: 8px 0 0;
  }
  .stops:not(.open) .whole {
    display: none;
  }
}
</style>
