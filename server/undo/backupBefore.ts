import { keepArchive } from '../database/backup'
import { backupsOf } from '../database/folder'
import { archiveText } from '../matches/archive'
import { isSchool } from '../school/here'
import { openOnce } from '../utils/database'

/** A backup that is not older holds what is about to go. */
const FRESH_MS = 10 * 60_000

/**
 * Keeps an archive before something is deleted, merged or forgotten, and when a session ends. A PostgreSQL server has its
 * own tools. What fails is told to whoever serves, and hinders nobody.
 */
export async function backupBefore(what: 'deleting' | 'merging' | 'forgetting' | 'session-end'): Promise<void> {
  try {
    const { folder } = await openOnce()
    if (folder === null || isSchool()) return
    const [newest] = backupsOf(folder)
    if (what !== 'session-end' && newest && Date.now() - Date.parse(newest.at) < FRESH_MS) return
    await keepArchive(folder, archiveText(), what)
  } catch (error) {
    console.warn('No backup could be made.', error)
  }
}
