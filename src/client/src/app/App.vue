<script setup lang="ts">
import { mdiKeyboardOutline, mdiThemeLightDark } from '@mdi/js'
import { useLocalStorage, usePreferredDark } from '@vueuse/core'
import { computed, useTemplateRef, watch, watchEffect } from 'vue'
import { useRoute } from 'vue-router'
import { useTheme } from 'vuetify'
import { useKitchen } from '@/shared/kitchen/useKitchen'
import ShortcutSheet from '@/shared/ui/ShortcutSheet.vue'
import { useShortcuts } from '@/shared/ui/useShortcuts'
import { places } from './places'

const theme = useTheme()
const prefersDark = usePreferredDark()
const chosen = useLocalStorage<'day' | 'night' | null>('ikuzo.light', null)
const night = computed(() => (chosen.value === null ? prefersDark.value : chosen.value === 'night'))
watchEffect(() => void theme.change(night.value ? 'charcoal' : 'paper'))
const turn = () => (chosen.value = night.value ? 'day' : 'night')

const rail = useTemplateRef<HTMLElement>('rail')
const route = useRoute()
const showPlace = () => rail.value?.querySelector('.router-link-active')?.scrollIntoView({ inline: 'nearest' })
watch(() => route.name, showPlace, { flush: 'post' })

const { unitSystem, switchUnits } = useKitchen()
const sheet = useTemplateRef('sheet')
useShortcuts({ d: turn })
</script>

<template>
  <v-app>
    <a href="#main" class="skip">Skip to the answer</a>
    <nav ref="rail" class="rail" aria-label="Places">
      <span class="brand">Ikuzo</span>
      <router-link v-for="place in places" :key="place.name" :to="{ name: place.name }" class="place">
        <v-icon :icon="place.icon" aria-hidden="true" />
        <span>{{ place.title }}</span>
      </router-link>
      <span class="spacer" />
      <button
        type="button"
        class="place tool"
        :aria-label="`Units: ${unitSystem === 'us' ? 'pounds and Fahrenheit' : 'kilograms and Celsius'}. Switch`"
        @click="switchUnits"
      >
        <span class="units">{{ unitSystem === 'us' ? 'lb °F' : 'kg °C' }}</span>
      </button>
      <button type="button" class="place tool" :aria-label="night ? 'Switch to day' : 'Switch to night'" @click="turn">
        <v-icon :icon="mdiThemeLightDark" />
      </button>
      <button type="button" class="place tool keys" aria-label="Keys" @click="sheet?.show()">
        <v-icon :icon="mdiKeyboardOutline" />
      </button>
    </nav>
    <main id="main" class="main" tabindex="-1">
      <router-view />
    </main>
    <ShortcutSheet ref="sheet" />
  </v-app>
</template>

<style scoped src="./rail.css"></style>
