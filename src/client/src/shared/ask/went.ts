import { ref } from 'vue'
import type { Router } from 'vue-router'
import type { AskView } from '@/api/types'

type Went = NonNullable<AskView['goTo']>

/** What was said on the Counter and belongs to another place, until the hand puts it away. */
export const went = ref<Went | null>(null)

/** Leads to the place where what was typed is answered, with the reading that was said. */
export async function goTo(router: Router, { goTo: there, readingCelsius, readingScale }: AskView) {
  went.value = there
  if (there === null) return
  const query = readingCelsius === null ? {} : { reads: String(readingCelsius), scale: readingScale }
  await router.push({ name: there.place, query })
}
