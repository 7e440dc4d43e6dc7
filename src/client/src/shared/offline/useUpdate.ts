import { createGlobalState } from '@vueuse/core'
import { ref } from 'vue'
import { registerSW } from 'virtual:pwa-register'

/** A new version that waits; it is taken when the cook says so. */
export const useUpdate = createGlobalState(() => {
  const isWaiting = ref(false)
  const take = registerSW({ onNeedRefresh: () => (isWaiting.value = true) })
  return { isWaiting, take }
})
