import { useQuery, useQueryClient } from '@tanstack/vue-query'
import { useIntervalFn, useTimeoutFn } from '@vueuse/core'
import { computed, onScopeDispose, ref, shallowRef, watch, type Ref } from 'vue'
import { api, unwrap } from '@/api/client'
import type { CookEventData, CookEventKind, CookView, DeviceReport } from '@/api/types'
import { tellsOf, withAhead } from './ahead'
import { cookClock, wallMsUntil } from './clock'
import { useHub } from './useHub'
import { useOutbox } from '@/shared/outbox/useOutbox'
import { useHearing } from '@/shared/outbox/useHearing'
import type { CookWaiting } from '@/shared/outbox/waiting'

const tickMs = 200
const afterDueMs = 120
const clockSetMs = 20_000

/** The later of two views of a cook: an answer and what the hub tells may cross on their way. */
function later(known: CookView | undefined, come: CookView) {
  if (known?.id !== come.id) return come
  const entries = come.events.length - known.events.length
  return entries > 0 || (entries === 0 && Date.parse(come.now) >= Date.parse(known.now)) ? come : known
}

/** A running cook: its state, kept fresh by the hub; its clock, which goes on without the server; and what the cook does. */
export function useCook(id: Ref<string | null>) {
  const client = useQueryClient()
  const { hub, connected, rejoin } = useHub()
  const outbox = useOutbox()
  const told = shallowRef<DeviceReport | null>(null)
  const received = ref(Date.now()) // when it was heard; of what the browser kept, when that was
  const wall = ref(Date.now())
  const key = computed(() => ['cook', id.value])
  const known = () => client.getQueryData<CookView>(key.value)
  const since = () => (received.value = client.getQueryState(key.value)?.dataUpdatedAt || Date.now())
  since()
  const query = useQuery({
    queryKey: key,
    queryFn: async () => {
      const before = known()
      const come = unwrap(await api.GET('/api/cooks/{id}', { params: { path: { id: id.value! } } }))
      const meanwhile = known()
      const cook = meanwhile === before ? come : later(meanwhile, come)
      if (cook === come) received.value = Date.now()
      return cook
    },
    enabled: () => id.value !== null,
    refetchOnWindowFocus: true,
    retry: true,
  })
  // What an answer said stands at once: a moment later what it answered waits no longer, and the cook would seem to go back by a step.
  const heard = shallowRef<CookView | null>(null)
  watch(
    () => query.data.value,
    () => (heard.value = null),
    { flush: 'sync' },
  )
  const left = shallowRef<CookWaiting[]>([])
  const view = computed(() => (heard.value?.id === id.value ? heard.value : null) ?? query.data.value)
  /** The present moment on the clock of the cook. */
  const clockAt = (moment: number) =>
    view.value ? cookClock(view.value, Math.max(0, moment - received.value)) : moment
  const now = computed(() => clockAt(wall.value))

  /** The cook as it stands, also while the server is away. */
  const cook = computed<CookView | undefined>(
    () => view.value && withAhead(view.value, [...left.value, ...outbox.unsentOf(id.value)], now.value),
  )

  // What another window of this browser sent for us has happened, though only that window got the answer: it stands until we have asked.
  watch(
    () => outbox.unsentOf(id.value),
    (now, before) => {
      const gone = before.filter(
        (b) =>
          b.cookId === id.value &&
          !now.some((n) => n.clientId === b.clientId) &&
          !(view.value && tellsOf(view.value, b)),
      )
      if (gone.length === 0) return
      left.value = [...left.value.filter((l) => l.cookId === id.value), ...gone]
      void query.refetch().then(() => (left.value = left.value.filter((l) => !gone.includes(l))))
    },
  )

  function take(come: CookView) {
    if (come.id !== id.value || later(known(), come) !== come) return
    received.value = Date.now()
    heard.value = come
    client.setQueryData(key.value, come)
  }
  const hear = (report: DeviceReport) => report.cookId === id.value && (told.value = report)
  const join = () => id.value !== null && connected.value && void hub.invoke('Watch', id.value)
  const again = () => {
    join()
    if (id.value !== null) void query.refetch()
  }
  hub.on('changed', take)
  hub.on('told', hear)
  useHearing(rejoin, again)
  useHearing(outbox.listeners, take)
  // What was refused was said of a state that is no more.
  watch(outbox.refusal, (why) => why !== null && id.value !== null && void query.refetch())
  watch(id, (_, before) => {
    if (before && connected.value) void hub.invoke('Leave', before)
    told.value = null
    since()
    join()
  })
  join()
  onScopeDispose(() => {
    hub.off('changed', take)
    hub.off('told', hear)
  })

  // A phone whose clock is set, or that wakes up, asks at once what the cook's own clock shows.
  let ran = performance.now()
  useIntervalFn(() => {
    const before = wall.value
    wall.value = Date.now()
    const passed = performance.now() - ran
    ran += passed
    if (Math.abs(wall.value - before - passed) > clockSetMs && id.value !== null) void query.refetch()
  }, tickMs)

  // Where the clock alone changes the state, the server is asked at that moment.
  const pause = ref(0)
  const { start, stop } = useTimeoutFn(() => void query.refetch(), pause, { immediate: false })
  watch(
    () => query.data.value,
    (view) => {
      stop()
      const moments = (view?.next ?? [])
        .flatMap((n) => [n.dueAt, n.lateAt])
        .filter((t) => t !== null)
        .map((t) => wallMsUntil(view!, Date.parse(t)))
        .filter((ms) => ms > 0)
      if (moments.length === 0) return
      pause.value = Math.min(...moments) + afterDueMs
      start()
    },
    { immediate: true },
  )

  // Said with the time of the cook's own clock, so that what is sent late still says when it happened. Two clocks never agree to the
  // millisecond: what is said now is not said to have happened before what was said last.
  const newest = () =>
    Math.max(
      ...(view.value?.events ?? []).filter((e) => e.standing).map((e) => Date.parse(e.at)),
      ...outbox.unsentOf(id.value).map((w) => (w.at === null ? 0 : Date.parse(w.at))),
      0,
    )
  function say(kind: CookEventKind, data: CookEventData = {}, minutesAgo = 0) {
    const moment = clockAt(Date.now())
    const at = minutesAgo === 0 ? Math.max(moment, newest()) : moment - minutesAgo * 60_000
    // The machine's clock may be set before this arrives: with the newest entry that is known here it can tell by how much.
    const known = view.value?.events.at(-1)?.id ?? ''
    return outbox.send(id.value!, kind, data, new Date(Math.ceil(at)).toISOString(), known)
  }

  return { cook, query, now, told, connected, say, take, refusal: outbox.refusal, unsent: outbox.unsent }
}
