<script setup lang="ts">
import {
  mdiBellOutline,
  mdiBellOffOutline,
  mdiMessageBadgeOutline,
  mdiMessageOffOutline,
  mdiVibrate,
  mdiVibrateOff,
  mdiVolumeHigh,
  mdiVolumeOff,
} from '@mdi/js'
import type { CueChoice } from './useCues'

/** How the cook is called: each way can be off. */
defineProps<{ choice: CueChoice }>()
const emit = defineEmits<{ toggle: [keyof CueChoice] }>()
const ways = [
  { key: 'chime', title: 'Chime', on: mdiBellOutline, off: mdiBellOffOutline },
  { key: 'vibrate', title: 'Vibration', on: mdiVibrate, off: mdiVibrateOff },
  { key: 'speak', title: 'Spoken word', on: mdiVolumeHigh, off: mdiVolumeOff },
  { key: 'notify', title: 'Notification', on: mdiMessageBadgeOutline, off: mdiMessageOffOutline },
] as const
</script>

<template>
  <div class="cues" role="group" aria-label="How you are called">
    <button
      v-for="way in ways"
      :key="way.key"
      type="button"
      :aria-pressed="choice[way.key]"
      :aria-label="way.title"
      @click="emit('toggle', way.key)"
    >
      <v-icon :icon="choice[way.key] ? way.on : way.off" aria-hidden="true" />
    </button>
  </div>
</template>

<style scoped>
.cues {
  display: flex;
}
button {
  width: 56px;
  height: 56px;
  border-bottom: 4px solid transparent;
  cursor: pointer;
}
button[aria-pressed='true'] {
  border-bottom-color: rgb(var(--v-theme-secondary));
}
</style>
