import { join, resolve } from 'node:path'
import { backupsIn, roomsIn } from '../database/folder'
import { openOnce } from '../utils/database'
import { environment } from '../utils/environment'
import { isSchool, roomHere } from './here'

/** Whether one is made before every change of the database, among those that are shown here: of a folder, and not of one room of it. */
export const keptBeforeChanges = async (): Promise<boolean> => (await openOnce()).folder !== null && !isSchool()

/**
 * The folder of the backups of what goes on here: of the one room beside the data, of a school's room in a folder of its own
 * below. Null where there is none: on a PostgreSQL server, unless a folder was named, and outside every room of a school.
 */
export async function backupsHere(): Promise<string | null> {
  const { folder } = await openOnce()
  const named = environment().backups
  const place = named ? resolve(named) : folder && backupsIn(folder)
  if (place === null || !isSchool()) return place
  const room = roomHere()
  return room ? join(roomsIn(place), room) : null
}
