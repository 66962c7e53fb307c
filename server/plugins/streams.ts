import { endStreams } from '../utils/streams'

/** Milliseconds that requests being answered may take once the server is told to stop; Nitro would wait half a minute. */
process.env.NITRO_SHUTDOWN_TIMEOUT ??= '1500'

/** Told to stop, the server ends its streams at once: viewers come back by themselves, and nobody waits for them. */
export default defineNitroPlugin((nitro) => {
  process.once('SIGTERM', endStreams)
  process.once('SIGINT', endStreams)
  nitro.hooks.hook('close', endStreams)
})
