import { ref } from 'vue'
import type { Router } from 'vue-router'
import type { AskView } from '@/api/types'

type Went = NonNullable<AskView['goTo']> & { text: string }

/** What was said on the Counter and belongs to another place, until the hand puts it away. */
export const went = ref<Went | null>(null)

/** Leads to the place where what was typed is answered, with the reading and the minutes that were said. */
export async function goTo(router: Router, text: string, { goTo: there, readingCelsius, readingScale }: AskView) {
  went.value = there && { ...there, text }
  if (there === null) return
  const query = {
    ...(readingCelsius === null ? {} : { reads: String(readingCelsius), scale: readingScale }),
    ...(there.place === 'check' && there.minutes !== null ? { held: String(there.minutes) } : {}),
  }
  await router.push({ name: there.place, query })
}
