import { useQuery, useQueryClient } from '@tanstack/vue-query'
import { computed } from 'vue'
import { api, unwrap } from '@/api/client'
import type { Request, StoreBody, StorePlace, StoreView } from '@/api/types'
import { useHearing } from '@/shared/outbox/useHearing'
import { useOutbox } from '@/shared/outbox/useOutbox'
import { painted } from '@/shared/ui/painted'
import { clockTime } from '@/shared/units/format'
import { timeZone } from '@/shared/units/timeZone'

const key = ['store']
const againMs = 60_000

/** What is in the cold, by urgency; moves go out through the outbox, so that none is lost. */
export function useStore() {
  const client = useQueryClient()
  const { move: send, storeListeners, unsentMoves, refusal } = useOutbox()
  const { data } = useQuery({
    queryKey: key,
    queryFn: async () => {
      await painted
      return unwrap(await api.GET('/api/store', { params: { query: { timeZone: timeZone() } } }))
    },
    refetchInterval: againMs,
  })
  const refresh = () => client.invalidateQueries({ queryKey: key })
  const changed = () => void refresh()
  useHearing(storeListeners, changed)

  // What was moved here stands there at once, whether the server knows it yet or not.
  const items = computed<StoreView[]>(() => {
    const gone = new Set(unsentMoves.value.filter((m) => m.to === 'gone' && m.portions === null).map((m) => m.storeId))
    return (data.value ?? [])
      .filter((item) => !gone.has(item.id))
      .map((item) => {
        const last = unsentMoves.value.filter((m) => m.storeId === item.id).at(-1)
        return last && last.to !== 'undo' && last.to !== 'gone' ? { ...item, place: last.to, moves: [] } : item
      })
  })

  async function add(body: Partial<StoreBody>) {
    const kept = unwrap(
      await api.POST('/api/store', {
        body: { clientId: crypto.randomUUID(), timeZone: timeZone(), ...body } as StoreBody,
      }),
    )
    await refresh()
    return kept
  }
  async function move(item: StoreView, to: StorePlace | 'undo', portions: number | null = null) {
    await send(item.id, to, portions)
    await refresh()
  }

  return { items, add, move, refresh, refusal }
}

/** What of the cold store goes into a plan. */
export const loadOf = (item: StoreView): Request['load'] => ({
  cut: item.cut,
  ...(item.pieces === null ? {} : { pieces: item.pieces }),
  ...(item.totalKg === null ? {} : { totalKg: item.totalKg }),
  state: item.place === 'freezer' ? 'frozen' : 'chilled',
})

const days = { weekday: 'short', day: 'numeric', month: 'short' } as const

/** A day, with the hour where it is near. */
export function dayWords(instant: string, now = new Date()) {
  const at = new Date(instant)
  const near = Math.abs(at.getTime() - now.getTime()) < 3 * 86_400_000
  const day = at.toLocaleDateString(
    'en-GB',
    near ? days : { ...days, year: at.getFullYear() === now.getFullYear() ? undefined : 'numeric' },
  )
  return near ? `${day}, ${clockTime(instant)}` : day
}
