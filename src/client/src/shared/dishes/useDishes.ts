import { useMutation, useQuery, useQueryClient } from '@tanstack/vue-query'
import { computed } from 'vue'
import { api, unwrap } from '@/api/client'
import type { DishDocument, KeptDish } from '@/api/types'
import { useHearing } from '@/shared/outbox/useHearing'
import { useOutbox } from '@/shared/outbox/useOutbox'

const pageSize = 200

async function allDishes() {
  const all: KeptDish[] = []
  for (let page = 1; ; page++) {
    const some = unwrap(await api.GET('/api/dishes', { params: { query: { page, pageSize } } }))
    all.push(...some)
    if (some.length < pageSize) return all
  }
}

/** Dishes that the household keeps, and the ways to change them. */
export function useDishes() {
  const client = useQueryClient()
  const query = useQuery({ queryKey: ['dishes'], queryFn: allDishes })
  // A list that was asked for before the change, and is still on its way, does not know of it.
  async function refresh() {
    await client.cancelQueries({ queryKey: ['dishes'] })
    await client.invalidateQueries({ queryKey: ['dishes'] })
  }
  const at = (id: string) => ({ params: { path: { id } } })

  const add = useMutation({
    mutationFn: async (body: DishDocument) => unwrap(await api.POST('/api/dishes', { body })),
    onSuccess: refresh,
  })
  // What was typed last stands there at once, whether the server has it or not, and over a reload.
  const { saveDish: save, unsentDishes, dishListeners } = useOutbox()
  // At once; a list that was asked for before it was saved would say what it was.
  function know(dish: KeptDish) {
    client.setQueryData<KeptDish[]>(['dishes'], (kept) => kept?.map((d) => (d.id === dish.id ? dish : d)))
    void client
      .cancelQueries({ queryKey: ['dishes'] }, { revert: false })
      .then(() => client.invalidateQueries({ queryKey: ['dishes'] }))
  }
  useHearing(dishListeners, know)
  const dishes = computed(() =>
    (query.data.value ?? []).map((dish) => {
      const document = unsentDishes.value.get(dish.id)
      return document ? { ...dish, document } : dish
    }),
  )
  /** What is still to be saved when the page goes away: the browser sends it although nobody waits, and the outbox has it till then. */
  function saveLeaving(id: string, body: DishDocument, version: string | null) {
    void save(id, body, version)
    const header = version === null ? {} : { 'If-Match': version }
    return api.PUT('/api/dishes/{id}', { params: { path: { id }, header }, body, keepalive: true })
  }
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
  return { dishes, query, add, save, saveLeaving, remove, restore, bringIn }
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
