<script setup lang="ts">
import { mdiDotsHorizontal, mdiKeyboardOutline, mdiThemeLightDark } from '@mdi/js'
import { useLocalStorage, usePreferredDark } from '@vueuse/core'
import { computed, defineAsyncComponent, ref, useTemplateRef, watchEffect } from 'vue'
import { useRoute } from 'vue-router'
import { useTheme } from 'vuetify'
import { useKitchen } from '@/shared/kitchen/useKitchen'
import { useReminding } from '@/shared/store/useReminder'
import WentHere from '@/shared/ask/WentHere.vue'
import UpdateBar from '@/shared/offline/UpdateBar.vue'
import WaitingBar from '@/shared/outbox/WaitingBar.vue'
import { useShortcuts } from '@/shared/ui/useShortcuts'
import HealthBar from './HealthBar.vue'
import PlaceLink from './PlaceLink.vue'
import { atOnce, bare, places } from './places'

const theme = useTheme()
const prefersDark = usePreferredDark()
const chosen = useLocalStorage<'day' | 'night' | null>('ikuzo.light', null)
const night = computed(() => (chosen.value === null ? prefersDark.value : chosen.value === 'night'))
watchEffect(() => void theme.change(night.value ? 'charcoal' : 'paper'))
const turn = () => (chosen.value = night.value ? 'day' : 'night')

const rest = useTemplateRef<HTMLElement>('rest')
const route = useRoute()
const isBare = computed(() => bare.includes(`/${route.path.split('/')[1]}`))
const restIsShown = computed(() => places.slice(atOnce).some((place) => place.name === route.name))

const { unitSystem, switchUnits } = useKitchen()
const ShortcutSheet = defineAsyncComponent(() => import('@/shared/ui/ShortcutSheet.vue'))
const sheetIsOpen = ref(false)
useShortcuts({ d: turn, '?': () => (sheetIsOpen.value = true) })
useReminding()
</script>

<template>
  <v-app>
    <a href="#main" class="skip">Skip to the answer</a>
    <nav v-if="!isBare" class="rail" aria-label="Places">
      <span class="brand">Ikuzo</span>
      <PlaceLink v-for="place in places.slice(0, atOnce)" :key="place.name" :place="place" />
      <button type="button" class="place tool opener" :class="{ here: restIsShown }" popovertarget="rest-of-places">
        <v-icon :icon="mdiDotsHorizontal" aria-hidden="true" />
        <span>More</span>
      </button>
      <div id="rest-of-places" ref="rest" popover class="rest" @click="rest?.hidePopover()">
        <PlaceLink v-for="place in places.slice(atOnce)" :key="place.name" :place="place" />
        <span class="spacer" />
        <button
          type="button"
          class="place tool"
          :aria-label="`Units: ${unitSystem === 'us' ? 'pounds and Fahrenheit' : 'kilograms and Celsius'}. Switch`"
          @click="switchUnits"
        >
          <span class="units">{{ unitSystem === 'us' ? 'lb °F' : 'kg °C' }}</span>
        </button>
        <button
          type="button"
          class="place tool"
          :aria-label="night ? 'Switch to day' : 'Switch to night'"
          @click="turn"
        >
          <v-icon :icon="mdiThemeLightDark" />
        </button>
        <button type="button" class="place tool keys" aria-label="Keys" @click="sheetIsOpen = true">
          <v-icon :icon="mdiKeyboardOutline" />
        </button>
      </div>
    </nav>
    <main id="main" class="main" :class="{ bare: isBare }" tabindex="-1">
      <template v-if="!isBare">
        <HealthBar />
        <UpdateBar />
        <WaitingBar />
      </template>
      <WentHere v-if="!isBare" />
      <router-view />
    </main>
    <ShortcutSheet v-if="sheetIsOpen" v-model="sheetIsOpen" />
  </v-app>
</template>
