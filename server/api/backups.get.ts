import { backupsOf } from '../database/folder'
import { isSchool } from '../school/here'
import { defineRoute } from '../utils/refusal'

/** The backups that were made by themselves, the newest first; none on a PostgreSQL server, which has its own tools. */
export default defineRoute(async () => {
  const { folder: all } = await openOnce()
  // A school's folder holds every room's: its archives are the keeper's to take.
  const folder = isSchool() ? null : all
  return {
    folder: folder !== null,
    backups: folder === null ? [] : backupsOf(folder).map(({ name, at, bytes }) => ({ name, at, bytes })),
  }
})
