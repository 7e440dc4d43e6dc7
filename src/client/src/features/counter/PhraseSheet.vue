<script setup lang="ts">
/** The choices of a phrase, under it. */
defineProps<{ of: HTMLElement; name: string }>()
const open = defineModel<boolean>({ required: true })
</script>

<template>
  <v-menu v-model="open" :activator="of" :open-on-click="false" location="bottom start" max-height="70vh">
    <div class="phrase-sheet" role="group" :aria-label="name" @keydown.esc="open = false">
      <slot />
    </div>
  </v-menu>
</template>

<style scoped>
.phrase-sheet {
  background: rgb(var(--v-theme-surface));
  color: rgb(var(--v-theme-on-surface));
  border: 2px solid currentColor;
  border-radius: 14px;
  padding: 10px;
  min-width: 240px;
  max-width: min(520px, 92vw);
  overflow: auto;
  display: grid;
  gap: 10px;
}
</style>
