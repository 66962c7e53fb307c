import { randomUUID } from 'node:crypto'
import type { H3Event } from 'h3'
import { roomHere } from '../school/here'
import { jsonLog, sayInJson } from '../utils/log'
import { requestSeconds } from '../utils/metrics'

declare module 'h3' {
  interface H3EventContext {
    /** By which a request is known again in the logs of servers and proxies. */
    request?: string
    began?: number
  }
}

const HEADER = 'x-request-id'

/** Each request is measured, gets an id of the proxy's or its own, and is told in one line where logs are JSON. */
export default defineNitroPlugin((nitro) => {
  if (jsonLog) sayInJson(jsonLog)
  nitro.hooks.hook('request', (event) => {
    const given = getRequestHeader(event, HEADER)
    event.context.request = given && /^[\w-]{1,64}$/.test(given) ? given : randomUUID()
    event.context.began = performance.now()
    setResponseHeader(event, HEADER, event.context.request)
    event.node.res.once('close', () => observe(event))
  })
})

/** The route, and never the address itself: what was looked for may be a name. */
function observe(event: H3Event): void {
  const route = event.context.matchedRoute?.path ?? (event.path.startsWith('/api/') ? 'refused' : 'page')
  const { method } = event
  const { statusCode: status } = event.node.res
  const seconds = (performance.now() - event.context.began!) / 1000
  const stream = route.endsWith('/live')
  if (!stream) requestSeconds.observe({ method, route, status: `${Math.floor(status / 100)}xx` }, seconds)
  jsonLog?.info({ id: event.context.request, method, route, status, ms: Math.round(seconds * 1000), room: roomHere() })
}
