import { backupsOf } from '../database/folder'
import { defineRoute } from '../utils/refusal'

/** The backups that were made by themselves, the newest first; none on a PostgreSQL server, which has its own tools. */
export default defineRoute(async () => {
  const { folder } = await openOnce()
  return {
    folder: folder !== null,
    backups: folder === null ? [] : backupsOf(folder).map(({ name, at, bytes }) => ({ name, at, bytes })),
  }
})
