import type { H3Event } from 'h3'
import { endStreamsOf } from '../utils/streams'
import { endSession, hasEnded, passcodeHash } from './passcode'
import { COOKIES, isSealedFor, mark, openSealed, seal, type Role } from './sealed'

declare module 'h3' {
  interface H3EventContext {
    /** The session of whoever asks, where they were let in. */
    device?: string
  }
}

/** What the cookie of a role holds, where it was sealed for it, counts, and was not ended; null for everybody else. */
export async function sealedHere(event: H3Event, role: Role) {
  // Strangers have none; opening would make them one.
  if (!getCookie(event, COOKIES[role].name)) return null
  const session = await openSealed(event, role)
  const { id, data } = session
  if (!id || !isSealedFor(role, data, await passcodeHash()) || (await hasEnded(id))) return null
  event.context.device = id
  return session
}

/** Whether this request comes from somebody who gave the passcode in force. */
export async function mayRecord(event: H3Event): Promise<boolean> {
  return (await sealedHere(event, 'referee')) !== null
}

export async function letIn(event: H3Event): Promise<void> {
  await seal(event, 'referee', { passcode: mark(await passcodeHash()) })
}

/** Ends this device's session for a role, whoever has kept a copy of its cookie. Nothing is kept of who was never let in. */
export async function letOut(event: H3Event, role: Role): Promise<void> {
  const session = await sealedHere(event, role)
  if (!session) return
  const { id, createdAt } = event.context.sessions![COOKIES[role].name]!
  await endSession(id, createdAt + COOKIES[role].seconds * 1000)
  await session.clear()
  endStreamsOf(id)
}
