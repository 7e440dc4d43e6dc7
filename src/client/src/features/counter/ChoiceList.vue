<script setup lang="ts" generic="T extends { title: string; hint?: string }">
/** Choices as large buttons, the present one marked by a bar and for screen readers. */
defineProps<{ items: readonly T[]; isChosen: (item: T) => boolean }>()
const emit = defineEmits<{ choose: [T] }>()
</script>

<template>
  <ul class="choices">
    <li v-for="item in items" :key="item.title">
      <button type="button" class="choice" :aria-pressed="isChosen(item)" @click="emit('choose', item)">
        {{ item.title }} <small v-if="item.hint">{{ item.hint }}</small>
      </button>
    </li>
  </ul>
</template>

<style scoped>
.choices {
  list-style: none;
  padding: 0;
  margin: 0;
}
.choice {
  width: 100%;
  min-height: 48px;
  padding: 8px 12px;
  text-align: left;
  border-left: 4px solid transparent;
  border-radius: 0 8px 8px 0;
  cursor: pointer;
}
.choice[aria-pressed='true'] {
  border-left-color: rgb(var(--v-theme-secondary));
  font-weight: 700;
}
.choice:hover {
  background: rgb(var(--v-theme-background));
}
.choice small {
  display: block;
  font-weight: 400;
  opacity: 0.85;
}
</style>
