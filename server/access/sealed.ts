import type { H3Event } from 'h3'
import { sessionKey } from './passcode'

/** A device's sealed cookie of some name, with what it holds; kept for so many seconds. */
export async function openSealed<T extends Record<string, unknown>>(event: H3Event, name: string, seconds: number) {
  return useSession<T>(event, {
    name,
    password: await sessionKey(),
    maxAge: seconds,
    // Browsers drop secure cookies on the plain http of a local network; behind https NIMBLE_HTTPS=1 asks for them.
    cookie: { httpOnly: true, sameSite: 'lax', secure: process.env.NIMBLE_HTTPS === '1', path: '/' },
  })
}

/** The part of the passcode's hash that a cookie carries, so that a new passcode ends it. */
export const mark = (hash: string) => hash.slice(-16)
