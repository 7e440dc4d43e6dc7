import { useQuery, useQueryClient } from '@tanstack/vue-query'
import { computed, ref } from 'vue'
import { api, unwrap } from '@/api/client'
import type { BackupFile, RestoreLook } from '@/api/types'

/** A backup that somebody may want back: one that is here, or a file. */
export type Wanted = { backup: BackupFile } | { file: File }

const from = (wanted: Wanted) => ({
  params: { query: 'backup' in wanted ? { backup: wanted.backup.name } : {} },
  body: ('file' in wanted ? wanted.file : new Blob()) as never,
  bodySerializer: (file: unknown) => file as Blob,
  headers: { 'Content-Type': 'application/octet-stream' },
})

/** Backups of the household: the list, one now, a look into one, and bringing it back. */
export function useBackups() {
  const client = useQueryClient()
  const { data } = useQuery({ queryKey: ['backups'], queryFn: async () => unwrap(await api.GET('/api/backups')) })
  const looked = ref<{ wanted: Wanted; look: RestoreLook } | null>(null)
  const refresh = () => client.invalidateQueries({ queryKey: ['backups'] })

  async function make() {
    unwrap(await api.POST('/api/backups'))
    await refresh()
  }
  async function look(wanted: Wanted) {
    looked.value = null
    looked.value = { wanted, look: unwrap(await api.POST('/api/restore/look', from(wanted))) }
  }
  async function restore() {
    const restored = unwrap(await api.POST('/api/restore', from(looked.value!.wanted)))
    looked.value = null
    await client.invalidateQueries()
    return restored
  }
  return { backups: computed(() => data.value ?? []), looked, make, look, restore }
}
