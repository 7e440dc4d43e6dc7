<script setup lang="ts">
import { ref } from 'vue'
import { useRoute } from 'vue-router'
import { api, unwrap } from '@/api/client'
import { limits } from '@/api/limits'
import { useAttempt } from '@/shared/ui/useAttempt'

/** A phone asks to come in: a code from the Kitchen, and what to call it. */
const route = useRoute()
const code = ref(typeof route.query.code === 'string' ? route.query.code : '')
const name = ref('')
const { refusal, attempt } = useAttempt()
const { LetInBody: limit } = limits
const usual = 'Phone'
const come = () =>
  attempt(async () => {
    const device = unwrap(
      await api.POST('/api/let-in', { body: { code: code.value, name: name.value.trim() || usual } }),
    )
    location.replace(device.isGuest ? '/dinner' : '/') // everything is asked for anew
  })
</script>

<template>
  <form class="let-in" @submit.prevent="come">
    <h1>Ikuzo</h1>
    <p>This phone is new here. In the Kitchen of the machine that Ikuzo runs on, touch “Let a phone in”.</p>
    <label>
      The code
      <input
        v-model="code"
        class="digits"
        inputmode="numeric"
        autocomplete="one-time-code"
        :maxlength="limit.code.longest"
        required
        placeholder="1234 5678"
      />
    </label>
    <label>
      What this phone is called
      <input v-model="name" autocomplete="off" :maxlength="limit.name.longest" :placeholder="usual" />
    </label>
    <p v-if="refusal" role="alert" class="stop">{{ refusal }}</p>
    <v-btn type="submit" class="tall" variant="flat" color="primary">Come in</v-btn>
    <p>
      Does the browser warn of the connection?
      <router-link :to="{ name: 'certificate' }">Trust the certificate</router-link> of this household once, then it is
      quiet.
    </p>
  </form>
</template>

<style scoped>
.let-in {
  display: grid;
  gap: 16px;
  max-width: 460px;
  margin: 6vh auto;
  font-size: 1.1rem;
}
h1 {
  font-family: var(--display);
  font-size: 2.6rem;
  font-weight: 560;
}
p {
  margin: 0;
}
input {
  width: 100%;
  min-height: 60px;
  padding: 0 14px;
  font-size: 1.2rem;
  background: rgb(var(--v-theme-surface));
  border: 1px solid rgba(var(--v-theme-on-background), 0.5);
  border-radius: 10px;
}
.digits {
  font-size: 2rem;
  font-variant-numeric: tabular-nums;
}
</style>
