import { readFileSync } from 'node:fs'
import { isBackupDue, keepArchive } from '../database/backup'
import { leaveOutDemo } from '../demo/load'
import { archiveText, restoreArchive } from '../matches/archive'
import { dropFinal } from '../undo/keep'
import { backupsHere } from '../school/backups'
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
    async () => {
      await bringBackOnServer()
      const look = async () => {
        try {
          await inEveryRoom(lookAt)
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

/** Makes final what can be taken back no more, and keeps a backup where one is due; of a school in one of its rooms. */
async function lookAt(): Promise<void> {
  await dropFinal()
  const place = await backupsHere()
  if (place !== null && isBackupDue(place)) await keepArchive(place, archiveText())
}

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
