import type { H3Event } from 'h3'
import { helpsAt } from '../room/helpers'
import { endSession, hasEnded, passcodeHash } from './passcode'
import { mark, openSealed } from './sealed'

const NAME = 'nimble-tally-helper'
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

const open = (event: H3Event) => openSealed<{ helper?: string; passcode?: string }>(event, NAME, HOURS_12)

/** The helper that this request comes from, and where they help now; null where it comes from none. */
export async function helperHere(event: H3Event): Promise<HelperHere | null> {
  if (!getCookie(event, NAME)) return null
  const { id: session, data } = await open(event)
  if (!data.helper || data.passcode !== mark(await passcodeHash()) || (await hasEnded(session ?? ''))) return null
  const match = await helpsAt(data.helper)
  return match ? { id: data.helper, match } : null
}

export async function letHelperIn(event: H3Event, id: string): Promise<void> {
  await (await open(event)).update({ helper: id, passcode: mark(await passcodeHash()) })
}

/** This device helps no more, whoever has kept a copy of its cookie. */
export async function letHelperOut(event: H3Event): Promise<void> {
  if (!getCookie(event, NAME)) return
  const session = await open(event)
  if (session.id) await endSession(session.id, Date.now() + HOURS_12 * 1000)
  await session.clear()
}
