<script setup lang="ts">
/** Another window changed the same thing: says what it is there, and offers both. */
const emit = defineEmits<{ mine: []; theirs: [] }>()
</script>

<template>
  <div role="alert" class="stop two">
    <p><slot /></p>
    <v-btn class="tall" variant="outlined" @click="emit('mine')">Keep what is here</v-btn>
    <v-btn class="tall" variant="outlined" @click="emit('theirs')">Take what is there</v-btn>
  </div>
</template>

<style scoped>
.two {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 12px;
}
.two p {
  flex-basis: 100%;
  margin: 0;
}
</style>
