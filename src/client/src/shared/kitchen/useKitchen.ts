import { useMutation, useQuery, useQueryClient, type QueryClient } from '@tanstack/vue-query'
import { createGlobalState } from '@vueuse/core'
import { computed, shallowRef, watch } from 'vue'
import { api, nowElsewhere, unwrap } from '@/api/client'
import type { Pot, PotBody } from '@/api/types'
import { useOutbox } from '@/shared/outbox/useOutbox'
import type { Settings } from '@/shared/outbox/waiting'
import { useKeeper } from '@/shared/fields/useKeeper'
import { inUnits } from '@/shared/units/format'

const key = ['kitchen']

const known = shallowRef<Settings>()

/** The settings, of which every page shows and changes the same ones. */
const useSettings = createGlobalState((client: QueryClient) => {
  const { saveKitchen, unsentKitchen, kitchenListeners } = useOutbox()
  kitchenListeners.add((view) => {
    known.value = view.settings
    client.setQueryData(key, view)
  })
  return useKeeper<Settings>(
    () => known.value && { ...known.value, ...unsentKitchen.value },
    (_, parts) => saveKitchen(parts),
  )
})

/** The household's kitchen: settings, pots, units, and the ways to change them. */
export function useKitchen() {
  const client = useQueryClient()
  const query = useQuery({ queryKey: key, queryFn: async () => unwrap(await api.GET('/api/kitchen')) })
  const refresh = () => client.invalidateQueries({ queryKey: key })

  const addPot = useMutation({
    mutationFn: async (body: Partial<PotBody>) =>
      unwrap(await api.POST('/api/kitchen/pots', { body: body as PotBody })),
    onSuccess: refresh,
  })
  /** Replaces a pot as it was seen here; gives what it is now where another window changed it meanwhile. */
  const savePot = useMutation({
    mutationFn: async ({ pot, body }: { pot: Pot; body: Partial<PotBody> }) => {
      const params = { path: { id: pot.id }, header: { 'If-Match': pot.version! } }
      const answer = await api.PUT('/api/kitchen/pots/{id}', { params, body: body as PotBody })
      const theirs = nowElsewhere<Pot>(answer)
      if (theirs === null) unwrap(answer)
      return theirs
    },
    onSuccess: refresh,
  })
  const removePot = useMutation({
    mutationFn: async (id: string) => {
      const answer = await api.DELETE('/api/kitchen/pots/{id}', { params: { path: { id } } })
      if (answer.error) unwrap(answer)
    },
    onSuccess: refresh,
  })
  const restorePot = useMutation({
    mutationFn: (id: string) => api.POST('/api/kitchen/pots/{id}/restore', { params: { path: { id } } }),
    onSuccess: refresh,
  })

  const { knowKitchen } = useOutbox()
  watch(
    query.data,
    (view) => {
      if (!view) return
      known.value = view.settings
      knowKitchen(view)
    },
    { immediate: true },
  )
  const { value: settings, change: changeSettings, refusal } = useSettings(client)
  const pots = computed(() => query.data.value?.pots ?? [])
  const unitSystem = computed(() => settings.value?.units ?? 'metric')
  const units = computed(() => inUnits(unitSystem.value))

  const switchUnits = () => changeSettings({ units: unitSystem.value === 'metric' ? 'us' : 'metric' })

  return {
    query,
    settings,
    pots,
    unitSystem,
    units,
    changeSettings,
    refusal,
    addPot,
    savePot,
    removePot,
    restorePot,
    switchUnits,
  }
}
