<script setup lang="ts">
/** Says what was removed and offers to bring it back. */
defineProps<{ text: string | null }>()
const emit = defineEmits<{ undo: []; gone: [] }>()
</script>

<template>
  <v-snackbar
    :model-value="text !== null"
    :timeout="8000"
    color="primary"
    @update:model-value="(open: boolean) => !open && emit('gone')"
  >
    {{ text }}
    <template #actions>
      <v-btn class="undo" @click="emit('undo')">Undo</v-btn>
    </template>
  </v-snackbar>
</template>

<style scoped>
.undo {
  min-height: 48px;
  font-weight: 700;
}
</style>
