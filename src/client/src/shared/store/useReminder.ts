import { createGlobalState, useLocalStorage } from '@vueuse/core'
import { watch } from 'vue'
import { mayNotify, notify } from '@/shared/ui/notify'
import { useStore } from './useStore'

/** Says once a day what must be used today, where somebody asked for it. */
export const useReminder = createGlobalState(() => {
  const isOn = useLocalStorage('ikuzo.reminder', false)
  const said = useLocalStorage('ikuzo.reminded', '')

  async function toggle() {
    isOn.value = !isOn.value && (await mayNotify())
  }
  return { isOn, said, toggle }
})

/** Watches the cold for {@link useReminder}. */
export function useReminding() {
  const { isOn, said } = useReminder()
  const { items } = useStore()
  watch([isOn, items], ([on, all]) => {
    const today = new Date().toDateString()
    const urgent = all.filter((item) => item.urgency === 'today' && !item.isQuality)
    if (!on || urgent.length === 0 || said.value === today) return
    said.value = today
    void notify('To be used today', urgent.map((item) => item.name).join(', '), 'cold')
  })
}
