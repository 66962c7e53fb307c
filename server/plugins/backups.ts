import { readFileSync } from 'node:fs'
import { isBackupDue, keepArchive } from '../database/backup'
import { leaveOutDemo } from '../demo/load'
import { archiveText, restoreArchive } from '../matches/archive'
import { dropFinal } from '../undo/keep'
import { isSchool } from '../school/here'
import { inEveryRoom } from '../school/rooms'
import { archivesAreReadBy, isClosed } from '../utils/database'
import { environment } from '../utils/environment'
import { Refusal } from '../utils/refusal'

/** How often it is looked whether a backup is due. */
const LOOK_MS = 30 * 60 * 1000

/**
 * A backup a day, made by itself; what can be taken back no more is made final; and an archive is brought back where the
 * start asked for it.
 */
export default defineNitroPlugin((nitro) => {
  archivesAreReadBy(bringBack)
  let timer: NodeJS.Timeout | undefined
  nitro.hooks.hook('close', () => clearInterval(timer))
  openOnce().then(
    async ({ folder }) => {
      await bringBackOnServer()
      const look = async () => {
        try {
          await inEveryRoom(dropFinal)
          // Of a school the keeper takes an archive room by room, or the folder is copied as it is.
          if (folder !== null && !isSchool() && isBackupDue(folder)) await keepArchive(folder, archiveText())
        } catch (error) {
          if (!isClosed()) console.warn('No backup could be made.', error)
        }
      }
      await look()
      timer = setInterval(() => void look(), LOOK_MS)
      timer.unref()
    },
    // The database plugin says why it could not be opened.
    () => undefined,
  )
})

/** Reads an archive that the start names; what it came to is told. Refuses what is no archive. */
async function bringBack(archive: Buffer): Promise<void> {
  await leaveOutDemo()
  const { people, matches, left, leftOut } = await restoreArchive(archive)
  const named = left.map(({ id, says }) => `${id} (${says})`).join('; ')
  console.log(
    `Brought back from ${environment().restore}: ${matches} matches, ${people} people.${leftOut ? ` ${leftOut} matches could not be read: ${named}` : ''}`,
  )
}

/** A PostgreSQL server keeps what it has: an archive is read into it. */
async function bringBackOnServer(): Promise<void> {
  const { restore: file, databaseUrl: url } = environment()
  if (!file || !url) return
  try {
    await bringBack(readFileSync(file))
  } catch (error) {
    console.error(`${file} can’t be brought back: ${error instanceof Refusal ? error.says : String(error)}`)
    process.exit(1)
  }
}
