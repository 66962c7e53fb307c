import { readyPasscode } from '../access/passcode'
import { isLocalOnly } from '../access/policy'
import { loadDemoOnce } from '../demo/load'
import { resumeClocks } from '../matches/clock'
import { resumeRoomClock } from '../room/clock'
import { StartRefused } from '../utils/startRefused'

/** Opens the database with the server; without it there is nothing to serve, so the process says why and ends. */
export default defineNitroPlugin((nitro) => {
  nitro.hooks.hook('close', closeDatabase)
  void openOnce()
    .then(async () => {
      if (!isLocalOnly()) await tellPasscode()
      // An example is no reason not to start.
      await loadDemoOnce().catch((error: unknown) => console.warn('The demo could not be loaded; everything else works.', error))
      await resumeClocks()
      await resumeRoomClock()
    })
    .catch((error: unknown) => {
      console.error(error instanceof StartRefused ? `\n${error.message}\n` : error)
      process.exit(1)
    })
})

async function tellPasscode(): Promise<void> {
  const made = await readyPasscode(process.env.NIMBLE_PASSCODE)
  if (made) console.log(`\nThe passcode for recording from other devices is ${made}. It is shown this once; --passcode sets another.\n`)
}
