import { callApi } from '~/utils/api'

/** The backups that Nimble Tally made by itself, the newest first; null until they are known. */
export function useBackups() {
  const { told, failed } = useAnswer(() => callApi('/api/backups'))
  const backups = computed(() => told.value?.backups ?? null)
  /** Whether the data lie in a folder: a PostgreSQL server is kept by its own tools. */
  const folder = computed(() => told.value?.folder ?? true)
  const beforeChanges = computed(() => told.value?.beforeChanges ?? false)
  return { backups, folder, beforeChanges, failed }
}
