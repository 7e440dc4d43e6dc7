<script setup lang="ts">
/** A line across the picture that a finger, a pointer or the arrow keys move. Says where it is dragged to in pixels of the picture. */
defineProps<{
  x: number
  top: number
  bottom: number
  gripY: number
  text: string
  label: string
  now: number
  most: number
  words: string
}>()
const emit = defineEmits<{ drag: [number]; nudge: [number]; home: []; end: [] }>()
const reach = 48
const grip = { width: 44, height: 44 }

function dragTo(event: PointerEvent) {
  if (event.buttons === 0) return
  const svg = (event.currentTarget as Element).closest('svg')!
  emit('drag', event.clientX - svg.getBoundingClientRect().left)
}
function grab(event: PointerEvent) {
  const handle = event.currentTarget as Element
  handle.setPointerCapture(event.pointerId)
  dragTo(event)
}
const keys: Record<string, number> = {
  ArrowLeft: -1,
  ArrowDown: -1,
  ArrowRight: 1,
  ArrowUp: 1,
  PageDown: -5,
  PageUp: 5,
}
function key(event: KeyboardEvent) {
  const step = keys[event.key]
  if (step !== undefined) emit('nudge', step)
  else if (event.key === 'Home') emit('home')
  else if (event.key === 'End') emit('end')
  else return
  event.preventDefault()
}
</script>

<template>
  <g
    class="handle"
    role="slider"
    tabindex="0"
    :aria-label="label"
    :aria-valuenow="now"
    aria-valuemin="0"
    :aria-valuemax="most"
    :aria-valuetext="words"
    @pointerdown="grab"
    @pointermove="dragTo"
    @keydown="key"
  >
    <rect :x="x - reach / 2" :y="gripY - 2" :width="reach" :height="grip.height + 4" class="handle-reach" />
    <line :x1="x" :x2="x" :y1="top - 4" :y2="bottom" />
    <rect :x="x - grip.width / 2" :y="gripY" :width="grip.width" :height="grip.height" rx="10" class="handle-grip" />
    <text :x="x" :y="gripY + 28">{{ text }}</text>
  </g>
</template>

<style scoped>
.handle {
  cursor: ew-resize;
  touch-action: none;
  outline: none;
}
.handle-reach {
  fill: transparent;
}
.handle line {
  stroke: rgb(var(--v-theme-primary));
  stroke-width: 3;
}
.handle-grip {
  fill: rgb(var(--v-theme-primary));
  stroke: rgb(var(--v-theme-background));
  stroke-width: 2;
}
.handle text {
  fill: rgb(var(--v-theme-background));
  text-anchor: middle;
  font-size: 16px;
  font-weight: 700;
  pointer-events: none;
}
.handle:focus-visible .handle-grip {
  stroke: rgb(var(--v-theme-secondary));
  stroke-width: 4;
}
</style>
