import { loadDemoOnce } from '../demo/load'
import { resumeClocks, watchClocks } from '../matches/clock'
import { hearOtherServers } from '../matches/elsewhere'
import { readFactsAnew } from '../matches/readAnew'
import { resumeRoomClock, watchRoomClocks } from '../room/clock'
import { inEveryRoom } from '../school/rooms'
import { closeDatabase, isClosed } from '../utils/database'
import { ready } from '../utils/ready'
import { StartRefused } from '../utils/startRefused'

/** Opens the database with the server; without it there is nothing to serve, so the process says why and ends. */
export default defineNitroPlugin((nitro) => {
  let stopHearing = async () => {}
  nitro.hooks.hook('close', async () => {
    await stopHearing()
    await closeDatabase()
  })
  void ready()
    .then(async () => {
      stopHearing = await hearOtherServers()
      // An example is no reason not to start.
      await loadDemoOnce().catch((error: unknown) => {
        if (!isClosed()) console.warn('The demo could not be loaded; everything else works.', error)
      })
      watchClocks()
      watchRoomClocks()
      await inEveryRoom(async () => {
        await resumeClocks()
        await resumeRoomClock()
        await readFactsAnew().catch((error: unknown) => {
          if (!isClosed())
            console.warn('What was practised could not be read anew; it is tried again at the next start.', error)
        })
      })
    })
    .catch((error: unknown) => {
      if (isClosed()) return
      console.error(error instanceof StartRefused ? `\n${error.message}\n` : error)
      process.exit(1)
    })
})
