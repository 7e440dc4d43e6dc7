<script setup lang="ts">
import { ref } from 'vue'

/** Finds something to cook beside by the first letters of its name. */
defineProps<{ companions: readonly { id: string; name: string }[] }>()
const emit = defineEmits<{ add: [string] }>()
const adding = ref<string | null>(null)
function add(id: string | null) {
  if (id) emit('add', id)
  adding.value = null
}
</script>

<template>
  <div class="field">
    <span aria-hidden="true">Add something</span>
    <v-autocomplete
      v-model="adding"
      class="picker"
      :items="companions"
      item-title="name"
      item-value="id"
      aria-label="Add something"
      variant="outlined"
      density="comfortable"
      hide-details
      auto-select-first
      @update:model-value="add"
    />
  </div>
</template>

<style scoped>
.picker :deep(.v-field) {
  border-radius: 8px;
}
</style>
