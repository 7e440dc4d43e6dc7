<script setup lang="ts">
import { ref } from 'vue'
import type { CookView, DeviceReport, SimulatedFault } from '@/api/types'
import { text, type Units } from '@/shared/units/format'
import { faultNames } from './words'

/** A rehearsal: how fast its clock runs, what goes wrong, and what the simulated pot says. */
const props = defineProps<{ cook: CookView; told: DeviceReport | null; units: Units }>()
const emit = defineEmits<{ simulate: [{ speed: number; faults: SimulatedFault[] }] }>()
const speeds = [1, 10, 60, 120]
const faults = ref<SimulatedFault[]>([
  ...(props.cook.events.filter((e) => e.kind === 'simulated').at(-1)?.data.faults ?? []),
])
const run = (speed: number) => emit('simulate', { speed, faults: faults.value })
// The space bar belongs to the cook again.
function pick(speed: number, event: Event) {
  run(speed)
  ;(event.currentTarget as HTMLElement).blur()
}
</script>

<template>
  <section class="rehearsal" aria-label="Rehearsal">
    <b>Rehearsal</b>
    <div class="speeds" role="group" aria-label="Speed">
      <button
        v-for="speed in speeds"
        :key="speed"
        type="button"
        :aria-pressed="cook.speed === speed"
        @click="pick(speed, $event)"
      >
        {{ speed }}×
      </button>
    </div>
    <span v-if="told" class="told">
      pot {{ text(units.temperature(told.pot.celsius)) }}, pin {{ told.pot.pinUp ? 'up' : 'down' }}, lid
      {{ told.pot.lidOn ? 'on' : 'off' }}
    </span>
    <details v-if="cook.phase === 'ready'">
      <summary>What goes wrong</summary>
      <label v-for="(name, fault) in faultNames" :key="fault" class="tick">
        <input v-model="faults" type="checkbox" :value="fault" @change="run(cook.speed)" /> {{ name }}
      </label>
    </details>
  </section>
</template>

<style scoped>
.rehearsal {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 6px 16px;
  border: 2px dashed rgba(var(--v-theme-on-background), 0.5);
  border-radius: 12px;
  padding: 4px 14px;
}
.speeds {
  display: flex;
}
.speeds button {
  min-width: 52px;
  height: 48px;
  cursor: pointer;
}
.speeds button[aria-pressed='true'] {
  font-weight: 700;
  box-shadow: inset 0 -4px rgb(var(--v-theme-secondary));
}
.told {
  font-variant-numeric: tabular-nums;
}
summary {
  min-height: 48px;
  padding-top: 11px;
  cursor: pointer;
}
</style>
