import { callApi, saysOf } from '~/utils/api'

export interface Backup {
  readonly name: string
  readonly at: string
  readonly bytes: number
}

/** The backups that Nimble Tally made by itself, the newest first. */
export function useBackups() {
  /** Null until they are known. */
  const backups = ref<readonly Backup[] | null>(null)
  /** Whether the data lie in a folder: a PostgreSQL server is kept by its own tools. */
  const folder = ref(true)
  const failed = ref<string | null>(null)

  onMounted(async () => {
    try {
      const told = await callApi('/api/backups')
      folder.value = told.folder
      backups.value = told.backups
    } catch (error) {
      failed.value = saysOf(error)
    }
  })
  return { backups, folder, failed }
}
