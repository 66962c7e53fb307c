import type { Server } from 'node:http'

/**
 * Milliseconds that an idle connection is kept. Node's own five end it just as a table that has paused for a moment
 * sends its next play, which then finds a connection that breaks.
 */
const IDLE_MS = 65_000

export default defineNitroPlugin((nitro) => {
  nitro.hooks.hook('request', ({ node }) => {
    const { server } = node.req.socket as { server?: Server }
    if (server) server.keepAliveTimeout = IDLE_MS
  })
})
