import { readFileSync } from 'node:fs'
import { isBackupDue, keepArchive } from '../database/backup'
import { leaveOutDemo } from '../demo/load'
import { archiveText, restoreArchive } from '../matches/archive'

/** How often it is looked whether a backup is due. */
const LOOK_MS = 30 * 60 * 1000

/** A backup a day, made by itself; and one brought back where the start asked for it. */
export default defineNitroPlugin((nitro) => {
  let timer: NodeJS.Timeout | undefined
  nitro.hooks.hook('close', () => clearInterval(timer))
  openOnce().then(
    async ({ folder }) => {
      await bringBack()
      if (folder === null) return
      const look = () =>
        (isBackupDue(folder) ? keepArchive(folder, archiveText()).then(() => undefined) : Promise.resolve()).catch((error: unknown) =>
          console.warn('No backup could be made.', error),
        )
      await look()
      timer = setInterval(() => void look(), LOOK_MS)
      timer.unref()
    },
    // The database plugin says why it could not be opened.
    () => undefined,
  )
})

/** An archive that `bin/start --restore` named; a folder's backup lies there already. */
async function bringBack(): Promise<void> {
  const file = process.env.NIMBLE_RESTORE
  if (!file?.endsWith('.json')) return
  try {
    await leaveOutDemo()
    const { people, matches, left, leftOut } = await restoreArchive(readFileSync(file))
    console.log(
      `Brought back from ${file}: ${matches} matches, ${people} people.${leftOut ? ` ${leftOut} matches could not be read: ${left.map(({ id, says }) => `${id} (${says})`).join('; ')}` : ''}`,
    )
  } catch (error) {
    console.error(`${file} can't be brought back: ${error instanceof Refusal ? error.says : String(error)}`)
  }
}
