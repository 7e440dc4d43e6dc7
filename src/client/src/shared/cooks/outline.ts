import { useQuery, type QueryClient } from '@tanstack/vue-query'
import { refDebounced } from '@vueuse/core'
import { computed } from 'vue'
import { api, ServerRefusal, unwrap, type ToConfirm } from '@/api/client'
import { asBody, type CookOutline, type CookView, type Request, type StartBody } from '@/api/types'
import { cookClock } from './clock'
import { says } from './says'

/** What a cook is begun from. */
export interface Start {
  request?: Request
  dishId?: string
  /** Which version of that dish. */
  version?: string
  stage?: number
  openedMinutesAgo?: number
  name?: string
  /** What of the cold store goes into it. */
  storeId?: string | null
  confirmed?: string[]
  /** It may begin here and arrive at the server later. */
  mayWait?: boolean
}

const settledMs = 1500
const hourMs = 3_600_000

/** The same as the server takes it. */
export const bodyOf = (from: Start, id: string | null = null) => ({
  id,
  begunAt: null,
  plan: from.request ? asBody(from.request) : null,
  dishId: from.dishId ?? null,
  stage: from.stage ?? null,
  openedMinutesAgo: from.openedMinutesAgo ?? null,
  name: from.name ?? null,
  storeId: from.storeId ?? null,
  confirmed: from.confirmed ?? null,
})

const keyOf = ({ request, dishId, version, stage }: Start) => ['outline', says({ request, dishId, version, stage })]

/** Has ready what a cook would be, so that it can begin when the server is away: asked once a plan has stood for a moment. */
export function useOutline(from: () => Start | null) {
  const settled = refDebounced(computed(from), settledMs)
  useQuery({
    queryKey: computed(() => keyOf(settled.value ?? {})),
    queryFn: async () => {
      const { request, dishId, stage } = settled.value!
      return unwrap(await api.POST('/api/cooks/outline', { body: bodyOf({ request, dishId, stage }) }))
    },
    enabled: () => settled.value !== null,
    staleTime: Infinity,
    gcTime: hourMs,
    retry: false,
    refetchOnReconnect: false,
  })
}

/**
 * Begins a cook in this browser, as the server said that it would be; null where it has not said.
 * @throws ServerRefusal where something must be seen to first.
 */
export function beginHere(client: QueryClient, from: Start, body: ReturnType<typeof bodyOf>) {
  const state = client.getQueryState<CookOutline>(keyOf(from))
  if (!state?.data || body.id === null) return null
  const missing = state.data.toConfirm.filter(({ code }) => !from.confirmed?.includes(code))
  if (missing.length > 0) throw new ServerRefusal(missing.map((m) => m.text).join(' '), missing as ToConfirm[])
  const id = body.id.replaceAll('-', '')
  const cook: CookView = { ...state.data.cook, id }
  // Its clock is the server's, counted on from when that was heard.
  const begunAt = new Date(cookClock(cook, Date.now() - state.dataUpdatedAt)).toISOString()
  client.setQueryData(['cook', id], cook, { updatedAt: state.dataUpdatedAt })
  return { cook, body: { ...body, begunAt } satisfies StartBody }
}
