import { useMutation, useQuery, useQueryClient } from '@tanstack/vue-query'
import { computed } from 'vue'
import { api, unwrap } from '@/api/client'
import type { KitchenView, PotBody } from '@/api/types'
import { inUnits } from '@/shared/units/format'

type Settings = KitchenView['settings']

/** The household's kitchen: settings, pots, units, and the ways to change them. */
export function useKitchen() {
  const client = useQueryClient()
  const query = useQuery({ queryKey: ['kitchen'], queryFn: async () => unwrap(await api.GET('/api/kitchen')) })
  const refresh = () => client.invalidateQueries({ queryKey: ['kitchen'] })

  const saveSettings = useMutation({
    mutationFn: async (settings: Settings) => unwrap(await api.PUT('/api/kitchen', { body: settings })),
    onSuccess: (view) => client.setQueryData(['kitchen'], view),
  })
  const savePot = useMutation({
    mutationFn: async ({ id, body }: { id: string | null; body: Partial<PotBody> }) =>
      id === null
        ? unwrap(await api.POST('/api/kitchen/pots', { body: body as PotBody }))
        : unwrap(await api.PUT('/api/kitchen/pots/{id}', { params: { path: { id } }, body: body as PotBody })),
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

  const settings = computed(() => query.data.value?.settings)
  const pots = computed(() => query.data.value?.pots ?? [])
  const unitSystem = computed(() => settings.value?.units ?? 'metric')
  const units = computed(() => inUnits(unitSystem.value))

  function switchUnits() {
    if (settings.value) {
      saveSettings.mutate({ ...settings.value, units: unitSystem.value === 'metric' ? 'us' : 'metric' })
    }
  }

  return { query, settings, pots, unitSystem, units, saveSettings, savePot, removePot, restorePot, switchUnits }
}
