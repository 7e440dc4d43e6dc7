<script setup lang="ts">
import { useRoute } from 'vue-router'
import { went } from './went'

/** Why the Counter led here. */
const route = useRoute()
</script>

<template>
  <p v-if="went && went.place === route.name" class="went" role="status" data-testid="went">
    <span
      ><b>“{{ went.text }}”</b> {{ went.why }}</span
    >
    <v-btn class="tall" variant="outlined" @click="went = null">Seen</v-btn>
  </p>
</template>

<style scoped>
.went {
  margin: 0 0 14px;
  padding: 8px 14px;
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 6px 14px;
  max-width: 1240px;
  border-left: 6px solid rgb(var(--v-theme-secondary));
  font-size: 1.15rem;
}
.went span {
  flex: 1 1 20ch;
}
</style>
