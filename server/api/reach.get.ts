import { networkInterfaces } from 'node:os'
import type { Reach } from '#shared/api'
import { isLocalOnly, isLoopback } from '../access/policy'
import { environment } from '../utils/environment'
import { defineRoute } from '../utils/refusal'

/** Where other devices reach this server: this machine's addresses in its networks, the one that was asked first. */
export default defineRoute((event): Reach => {
  if (isLocalOnly()) return { local: true, addresses: [] }
  const { host, port, https } = environment()
  const scheme = https ? 'https' : 'http'
  const every = host === '0.0.0.0' || host === '::' || host === ''
  const own = Object.values(networkInterfaces())
    .flatMap((each) => each ?? [])
    .filter(({ family, internal }) => family === 'IPv4' && !internal)
    .map(({ address }) => address)
  const asked = getRequestHeader(event, 'host')
  const addresses = (every ? own : [host]).map((address) => `${scheme}://${address}:${port}`)
  const first = asked && !isLoopback(asked.replace(/:\d+$/, '')) ? [`${scheme}://${asked}`] : []
  return { local: false, addresses: [...new Set([...first, ...addresses])] }
})
