import { useDocumentVisibility, useLocalStorage } from '@vueuse/core'
import { watch, type Ref } from 'vue'
import type { CookView } from '@/api/types'
import { mayNotify, notify } from '@/shared/ui/notify'
import { headline } from './words'

/** Which cues the cook wants. */
export interface CueChoice {
  chime: boolean
  vibrate: boolean
  speak: boolean
  notify: boolean
}

const usual: CueChoice = { chime: true, vibrate: true, speak: false, notify: false }

function chime() {
  const context = new AudioContext()
  for (const [at, pitch] of [
    [0, 660],
    [0.25, 880],
  ] as const) {
    const tone = context.createOscillator()
    const loudness = context.createGain()
    tone.frequency.value = pitch
    loudness.gain.setValueAtTime(0.25, context.currentTime + at)
    loudness.gain.exponentialRampToValueAtTime(0.001, context.currentTime + at + 0.5)
    tone.connect(loudness).connect(context.destination)
    tone.start(context.currentTime + at)
    tone.stop(context.currentTime + at + 0.5)
  }
  setTimeout(() => void context.close(), 1500)
}

/** Chime, vibration, spoken word and notification when a hand is wanted. Each can be off. */
export function useCues(cook: Ref<CookView | undefined>, now: Ref<number>) {
  const choice = useLocalStorage<CueChoice>('ikuzo.cues', usual, { mergeDefaults: true })
  const visible = useDocumentVisibility()

  function cue(words: string) {
    if (choice.value.chime) chime()
    if (choice.value.vibrate) navigator.vibrate?.([300, 150, 300])
    if (choice.value.speak && 'speechSynthesis' in window) speechSynthesis.speak(new SpeechSynthesisUtterance(words))
    if (choice.value.notify && visible.value === 'hidden') void notify(words, cook.value?.name, cook.value?.id ?? '')
  }
  watch(
    () => (cook.value ? `${cook.value.id} ${headline(cook.value, now.value)} ${cook.value.state.late ?? ''}` : null),
    (is, before) => {
      if (!cook.value || !before || !is?.startsWith(cook.value.id) || !before.startsWith(cook.value.id)) return
      cue(cook.value.state.late ?? headline(cook.value, now.value))
    },
  )

  async function toggle(which: keyof CueChoice) {
    if (which === 'notify' && !choice.value.notify && !(await mayNotify())) return
    choice.value = { ...choice.value, [which]: !choice.value[which] }
  }
  return { choice, toggle }
}
