<script setup lang="ts">
import { computed, ref, useTemplateRef } from 'vue'
import type { BackupFile, RestoreLook } from '@/api/types'
import { pickedFile } from '@/shared/ui/pickedFile'
import { useAttempt } from '@/shared/ui/useAttempt'
import { useBackups, type Wanted } from './useBackups'
import { useHome } from './useHome'

/** Backups: what there is, one now, everything as a file, and one brought back with a look first and a way back after. */
const { data: home } = useHome()
const { backups, looked, make, look, restore } = useBackups()
const { refusal, attempt } = useAttempt()
const told = ref<string | null>(null)
const showsAll = ref(false)
const few = 4
const shown = computed(() => (showsAll.value ? backups.value : backups.value.slice(0, few)))
const picker = useTemplateRef<HTMLInputElement>('picker')
const whys: Record<BackupFile['why'], string> = {
  daily: 'by itself',
  'by-hand': 'asked for',
  'before-update': 'before a new version',
  'before-restore': 'before another was brought back',
}
const moment = (instant: string) =>
  new Date(instant).toLocaleString('en-GB', {
    weekday: 'short',
    day: 'numeric',
    month: 'short',
    hour: '2-digit',
    minute: '2-digit',
  })
const version = __VERSION__
const size = (bytes: number) => `${(bytes / 1_048_576).toFixed(1)} MB`
const words = (of: RestoreLook['here']) =>
  of === null
    ? 'it cannot be read'
    : `${of.cooks} cooks, ${of.dishes} dishes, ${of.pots} ${of.pots === 1 ? 'pot' : 'pots'}, ${of.things} things in the cold`

const now = () =>
  attempt(async () => {
    await make()
    told.value = 'Backed up.'
  })
const consider = (wanted: Wanted) => attempt(() => look(wanted))
function picked(event: Event) {
  const file = pickedFile(event)
  if (file) void consider({ file })
}
const bring = () =>
  attempt(async () => {
    const { wayBack } = await restore()
    told.value = `Brought back. What was here before is the backup of ${moment(wayBack.at)}: bring that back to undo it.`
  })
</script>

<template>
  <p v-if="home && !home.mayKeep" class="panel">
    Backups belong to the machine that Ikuzo runs on, and to a phone that was made its keeper there.
  </p>
  <div v-else class="panel">
    <p>Made each day by itself, kept for a week and, one a week, for a month. Keep one on another machine too.</p>
    <p class="acts">
      <v-btn class="tall" variant="outlined" @click="now">Back up now</v-btn>
      <a class="link" href="/api/backup" download>Download everything</a>
      <button type="button" class="link" @click="picker?.click()">Bring one back from a file</button>
      <input
        ref="picker"
        class="sr-only"
        type="file"
        accept=".db,.zip"
        aria-label="Backup to bring back"
        tabindex="-1"
        @change="picked"
      />
    </p>
    <p v-if="refusal" role="alert" class="stop">{{ refusal }}</p>
    <p v-if="told" role="status" class="told">{{ told }}</p>
    <div v-if="looked" class="look" role="group" aria-label="Backup to bring back">
      <p>
        In it: <b>{{ words(looked.look.look) }}</b>.
        <template v-if="looked.look.look.lastCookAt"
          >Its last cook was on {{ moment(looked.look.look.lastCookAt) }}.</template
        >
      </p>
      <p>Here now: {{ words(looked.look.here) }}. It is backed up first, so that you can come back to it.</p>
      <p class="acts">
        <v-btn class="tall" variant="flat" color="primary" @click="bring">Put it in the place of what is here</v-btn>
        <v-btn class="tall" variant="text" @click="looked = null">Leave it</v-btn>
      </p>
    </div>
    <p v-if="backups.length === 0">None yet: the first comes by itself within a minute of the start.</p>
    <ul v-else>
      <li v-for="backup in shown" :key="backup.name">
        <span class="when">
          <b>{{ moment(backup.at) }}</b> <small>{{ whys[backup.why] }} · {{ size(backup.bytes) }}</small>
        </span>
        <a class="link" :href="`/api/backups/${backup.name}`" download>Download</a>
        <v-btn class="tall" variant="text" @click="consider({ backup })">Bring back</v-btn>
      </li>
    </ul>
    <v-btn v-if="backups.length > few && !showsAll" class="tall" variant="text" @click="showsAll = true"
      >All {{ backups.length }}</v-btn
    >
    <p class="version">Ikuzo {{ version }}</p>
  </div>
</template>

<style scoped src="./panel.css"></style>
<style scoped>
.link {
  display: inline-flex;
  align-items: center;
  min-height: 48px;
  color: inherit;
  text-decoration: underline;
  cursor: pointer;
}
.look {
  display: grid;
  gap: 8px;
  padding: 14px;
  border: 2px solid rgb(var(--v-theme-secondary));
  border-radius: 12px;
}
.version {
  margin-top: 18px;
  font-size: 0.9rem;
}
.when {
  flex: 1 1 260px;
  font-variant-numeric: tabular-nums;
}
</style>
