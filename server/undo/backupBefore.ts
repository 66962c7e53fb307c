import { keepArchive } from '../database/backup'
import { backupsOf } from '../database/folder'
import { archiveText } from '../matches/archive'
import { backupsHere } from '../school/backups'

/** A backup that is not older holds what is about to go. */
const FRESH_MS = 10 * 60_000

/**
 * Keeps an archive before something is deleted, merged or forgotten, and when a session ends; of a school, of the room it is
 * done in. A PostgreSQL server has its own tools, unless a folder for backups was named. What fails is told to whoever serves, and hinders nobody.
 */
export async function backupBefore(what: 'deleting' | 'merging' | 'forgetting' | 'session-end'): Promise<void> {
  try {
    const place = await backupsHere()
    if (place === null) return
    const [newest] = backupsOf(place)
    if (what !== 'session-end' && newest && Date.now() - Date.parse(newest.at) < FRESH_MS) return
    await keepArchive(place, archiveText(), what)
  } catch (error) {
    console.warn('No backup could be made.', error)
  }
}
