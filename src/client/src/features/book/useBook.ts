import { useQuery, useQueryClient } from '@tanstack/vue-query'
import { computed, type Ref } from 'vue'
import { api, unwrap } from '@/api/client'
import type { BookItem, BookPage } from '@/api/types'
import { timeZone } from '@/shared/units/timeZone'

const size = 50

/** What columns of a table are, by their names; an empty word for nothing. */
export type Mapping = Record<string, string>

export const isTable = (file: File) => /\.csv$/i.test(file.name)
const bodyOf = async (file: File) => ({ body: (await file.text()) as never, bodySerializer: String })
const queryOf = (as: Mapping) =>
  Object.fromEntries(Object.entries(as).map(([name, field]) => [`map.${name}`, field])) as never

/** Cooks of the book, as many pages as were asked for. */
export function useBook(query: Ref<string>, cut: Ref<string | null>, pages: Ref<number>) {
  const client = useQueryClient()
  const { data, isFetching } = useQuery({
    queryKey: ['book', query, cut, pages],
    queryFn: async () => {
      const items: BookItem[] = []
      let total = 0
      for (let page = 1; page <= pages.value; page++) {
        const list = unwrap(
          await api.GET('/api/book', {
            params: { query: { query: query.value || undefined, cut: cut.value ?? undefined, page, pageSize: size } },
          }),
        )
        items.push(...list.items)
        total = list.total
      }
      return { items, total }
    },
    placeholderData: (before) => before,
  })
  const refresh = () => client.invalidateQueries({ queryKey: ['book'] })

  async function writeIn(text: string) {
    const page = unwrap(await api.POST('/api/book', { body: { text, timeZone: timeZone() } }))
    await refresh()
    return page
  }
  async function remove(id: string) {
    const answer = await api.DELETE('/api/book/{cookId}', { params: { path: { cookId: id } } })
    if (answer.error) unwrap(answer)
    await refresh()
  }
  async function restore(id: string) {
    await api.POST('/api/book/{cookId}/restore', { params: { path: { cookId: id } } })
    await refresh()
  }
  async function take(file: File, as: Mapping = {}) {
    const headers = { 'Content-Type': isTable(file) ? 'text/csv' : 'application/json' }
    const taken = unwrap(
      await api.POST('/api/book/import', { ...(await bodyOf(file)), headers, params: { query: queryOf(as) } }),
    )
    await refresh()
    return taken
  }
  const look = async (file: File, as: Mapping) =>
    unwrap(
      await api.POST('/api/book/import/look', {
        ...(await bodyOf(file)),
        headers: { 'Content-Type': 'text/csv' },
        params: { query: queryOf(as) },
      }),
    )

  return {
    items: computed(() => data.value?.items ?? []),
    total: computed(() => data.value?.total ?? 0),
    isFetching,
    writeIn,
    remove,
    restore,
    take,
    look,
    refresh,
  }
}

/** Learns nothing from a cook, or learns from it again. */
export async function leaveOut(cookId: string, out: boolean) {
  const body = { cookId }
  const answer = out
    ? await api.POST('/api/learned/exclude', { body })
    : await api.POST('/api/learned/include', { body })
  if (answer.error) unwrap(answer)
}

/** A cook's page. */
export function useCookPage(id: Ref<string | null>) {
  const client = useQueryClient()
  const key = computed(() => ['book-page', id.value])
  const { data } = useQuery({
    queryKey: key,
    enabled: computed(() => id.value !== null),
    queryFn: async () => unwrap(await api.GET('/api/book/{cookId}', { params: { path: { cookId: id.value! } } })),
  })
  const refresh = async () => {
    await client.invalidateQueries({ queryKey: key.value })
    await client.invalidateQueries({ queryKey: ['book'] })
    await client.invalidateQueries({ queryKey: ['learned'] })
  }
  async function leave(out: boolean) {
    await leaveOut(id.value!, out)
    await refresh()
  }
  return { page: computed<BookPage | undefined>(() => data.value), refresh, leaveOut: leave }
}
