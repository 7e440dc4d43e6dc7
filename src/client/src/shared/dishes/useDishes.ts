import { useMutation, useQuery, useQueryClient } from '@tanstack/vue-query'
import { computed } from 'vue'
import { api, unwrap } from '@/api/client'
import type { DishDocument, KeptDish } from '@/api/types'

/** Dishes that the household keeps, and the ways to change them. */
export function useDishes() {
  const client = useQueryClient()
  const query = useQuery({ queryKey: ['dishes'], queryFn: async () => unwrap(await api.GET('/api/dishes')) })
  const refresh = () => client.invalidateQueries({ queryKey: ['dishes'] })
  const at = (id: string) => ({ params: { path: { id } } })

  const add = useMutation({
    mutationFn: async (body: DishDocument) => unwrap(await api.POST('/api/dishes', { body })),
    onSuccess: refresh,
  })
  // One after the other, and shown at once: whoever comes back to a dish finds what was typed last.
  const saving = ['save-dish']
  const save = useMutation({
    mutationKey: saving,
    scope: { id: 'save-dish' },
    mutationFn: async ({ id, body }: { id: string; body: DishDocument }) =>
      unwrap(await api.PUT('/api/dishes/{id}', { ...at(id), body })),
    onMutate: async ({ id, body }) => {
      await client.cancelQueries({ queryKey: ['dishes'] })
      client.setQueryData<KeptDish[]>(['dishes'], (kept) =>
        kept?.map((d) => (d.id === id ? { ...d, document: body } : d)),
      )
    },
    onSettled: () => (client.isMutating({ mutationKey: saving }) === 1 ? refresh() : undefined),
  })
  /** What is still to be saved when the page goes away: the browser sends it although nobody waits for the answer. */
  const saveLeaving = (id: string, body: DishDocument) =>
    api.PUT('/api/dishes/{id}', { ...at(id), body, keepalive: true })
  const remove = useMutation({
    mutationFn: (id: string) => api.DELETE('/api/dishes/{id}', at(id)),
    onSuccess: refresh,
  })
  const restore = useMutation({
    mutationFn: (id: string) => api.POST('/api/dishes/{id}/restore', at(id)),
    onSuccess: refresh,
  })
  const bringIn = useMutation({
    mutationFn: async (file: File) => {
      if (file.size > 1_048_576) throw new Error('This file is larger than 1 MB: a dish is a few kilobytes.')
      return unwrap(
        await api.POST('/api/dishes/import', { body: (await file.text()) as never, bodySerializer: String }),
      )
    },
    onSuccess: refresh,
  })
  return { dishes: computed(() => query.data.value ?? []), query, add, save, saveLeaving, remove, restore, bringIn }
}

/** A dish to begin with. */
export const newDish = (): DishDocument =>
  ({
    format: 'ikuzo-dish',
    version: 1,
    name: 'New dish',
    servings: 4,
    items: [
      { key: 'bird', kind: 'meat', load: { cut: 'chicken-thigh-bone-in', pieces: 6, totalKg: 1.2 }, aim: 'pull' },
    ],
  }) as unknown as DishDocument
