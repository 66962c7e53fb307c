import type { H3Event } from 'h3'
import { helpsAt } from '../room/helpers'
import { sessionKey } from './passcode'

/** Seconds for which the cookie is kept; the helper is let go before, on the server. */
const HOURS_12 = 12 * 3600

/** Whoever asks, where a helper's code was given on that device. */
export interface HelperHere {
  readonly id: string
  /** The one match that they may record at. */
  readonly match: string
}

declare module 'h3' {
  interface H3EventContext {
    /** Set where a request comes from a helper, and may do no more than helpers may. */
    helper?: HelperHere
  }
}

async function open(event: H3Event) {
  return useSession<{ helper?: string }>(event, {
    name: 'nimble-tally-helper',
    password: await sessionKey(),
    maxAge: HOURS_12,
    cookie: { httpOnly: true, sameSite: 'lax', secure: process.env.NIMBLE_HTTPS === '1', path: '/' },
  })
}

/** The helper that this request comes from, and where they help now; null where it comes from none. */
export async function helperHere(event: H3Event): Promise<HelperHere | null> {
  if (!getCookie(event, 'nimble-tally-helper')) return null
  const { data } = await open(event)
  const match = data.helper ? await helpsAt(data.helper) : null
  return match ? { id: data.helper!, match } : null
}

export async function letHelperIn(event: H3Event, id: string): Promise<void> {
  await (await open(event)).update({ helper: id })
}

export async function letHelperOut(event: H3Event): Promise<void> {
  await (await open(event)).clear()
}
