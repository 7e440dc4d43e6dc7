<script setup lang="ts">
import { useQueryClient } from '@tanstack/vue-query'
import { computed, ref } from 'vue'
import { api, unwrap } from '@/api/client'
import type { CodeView } from '@/api/types'
import { useAttempt } from '@/shared/ui/useAttempt'
import { clockTime } from '@/shared/units/format'
import { useHome } from './useHome'

/** Phones of the house: how one is let in, who was, and how each is shown the door. */
const client = useQueryClient()
const code = ref<CodeView | null>(null)
const { data: home } = useHome(code)
const { refusal, attempt } = useAttempt()
const grouped = computed(() => code.value && `${code.value.code.slice(0, 4)} ${code.value.code.slice(4)}`)
const picture = computed(() => code.value && `data:image/svg+xml,${encodeURIComponent(code.value.picture)}`)
const day = (instant: string) => new Date(instant).toLocaleDateString('en-GB', { day: 'numeric', month: 'short' })

const ask = (isGuest: boolean) =>
  attempt(async () => {
    code.value = unwrap(await api.POST('/api/home/codes', { body: { isGuest } }))
  })
const makeKeeper = (id: string, isKeeper: boolean) =>
  attempt(async () => {
    const answer = await api.PUT('/api/home/devices/{id}/keeper', { params: { path: { id } }, body: { isKeeper } })
    if (answer.error) unwrap(answer)
    await client.invalidateQueries({ queryKey: ['home'] })
  })
const remove = (id: string) =>
  attempt(async () => {
    const answer = await api.DELETE('/api/home/devices/{id}', { params: { path: { id } } })
    if (answer.error) unwrap(answer)
    await client.invalidateQueries({ queryKey: ['home'] })
  })
</script>

<template>
  <div v-if="home" class="panel">
    <p v-if="!home.isOpen">
      Only this machine is served. To take Ikuzo to the pot on a phone, start it with <code>./ikuzo serve --home</code>.
    </p>
    <template v-else>
      <p>
        A phone in your network opens <b>{{ home.address }}</b>.
        <router-link v-if="home.hasCertificate" :to="{ name: 'certificate' }"
          >The first time it trusts this household's certificate</router-link
        >.
      </p>
      <p v-if="!home.mayKeep">
        Who comes in is said at the machine that Ikuzo runs on, or on a phone that was made its keeper there.
      </p>
      <p v-else class="acts">
        <v-btn class="tall" variant="outlined" @click="ask(false)">Let a phone in</v-btn>
        <v-btn class="tall" variant="text" @click="ask(true)">A guest, who sees only when dinner is</v-btn>
      </p>
    </template>
    <p v-if="refusal" role="alert" class="stop">{{ refusal }}</p>
    <div v-if="code" class="code" role="group" aria-label="Code for a phone">
      <img :src="picture!" :alt="`Code that opens ${code.address}`" />
      <div>
        <p>Point the camera of the phone at this, or type at {{ home.address }}:</p>
        <p class="digits">{{ grouped }}</p>
        <p>For one phone, until {{ clockTime(code.until) }}.</p>
        <v-btn class="tall" variant="text" @click="code = null">Done</v-btn>
      </div>
    </div>
    <ul v-if="home.devices.length" aria-label="Who may come in">
      <li v-for="device in home.devices" :key="device.id">
        <span
          ><b>{{ device.name }}</b>
          <small>
            {{ device.isGuest ? 'guest' : device.isKeeper ? 'cooks, keeper' : 'cooks'
            }}{{ home.asking === device.id ? ', this one' : '' }} · since {{ day(device.letInAt) }} · last seen
            {{ day(device.seenAt) }}</small
          ></span
        >
        <v-btn
          v-if="home.isHere && !device.isGuest"
          class="tall"
          variant="text"
          @click="makeKeeper(device.id, !device.isKeeper)"
          >{{ device.isKeeper ? 'Keeper no longer' : 'Make it keeper: backups, and who comes in' }}</v-btn
        >
        <v-btn v-if="home.mayKeep || home.asking === device.id" class="tall" variant="text" @click="remove(device.id)"
          >Let in no longer</v-btn
        >
      </li>
    </ul>
  </div>
</template>

<style scoped src="./panel.css"></style>
<style scoped>
.code {
  display: flex;
  flex-wrap: wrap;
  gap: 20px;
  align-items: center;
}
.code img {
  width: 220px;
  padding: 10px;
  background: white;
  border-radius: 12px;
}
.digits {
  font-size: 2.6rem;
  font-weight: 700;
  font-variant-numeric: tabular-nums;
}
</style>
