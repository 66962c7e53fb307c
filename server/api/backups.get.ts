import { backupsOf } from '../database/folder'
import { backupsHere, keptBeforeChanges } from '../school/backups'
import { defineRoute } from '../utils/refusal'

/**
 * The backups that were made by themselves of the room that asks, the newest first; none where there is no folder for them: a
 * PostgreSQL server has its own tools.
 */
export default defineRoute(async () => {
  const place = await backupsHere()
  return {
    folder: place !== null,
    beforeChanges: await keptBeforeChanges(),
    backups: place === null ? [] : backupsOf(place).map(({ name, at, bytes }) => ({ name, at, bytes })),
  }
})
