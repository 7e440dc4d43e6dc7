<script setup lang="ts">
/** Ground tints of stages for those who see no colour: hatched while it comes up, dotted while it lets go. */
defineProps<{ hatch: string; dots: string }>()
</script>

<template>
  <defs>
    <pattern :id="hatch" width="8" height="8" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
      <line y2="8" class="ink" />
    </pattern>
    <pattern :id="dots" width="8" height="8" patternUnits="userSpaceOnUse">
      <circle cx="4" cy="4" r="1.6" class="dot" />
    </pattern>
  </defs>
</template>

<style scoped>
.ink {
  stroke: rgb(var(--v-theme-primary));
  stroke-width: 2;
}
.dot {
  fill: rgb(var(--v-theme-primary));
}
</style>
