<script setup lang="ts">
import type { Place } from './places'

/** One place of the rail. */
defineProps<{ place: Place }>()
</script>

<template>
  <router-link :to="{ name: place.name }" class="place">
    <v-icon :icon="place.icon" aria-hidden="true" />
    <span>{{ place.title }}</span>
  </router-link>
</template>
