import type { H3Event } from 'h3'
import { endStreamsOf } from '../utils/streams'
import { enterRoom, isSchool, roomHere } from '../school/here'
import { accessHere } from '../school/access'
import { endSession, keeperAccess, keeperHash, passcodeHash } from './passcode'
import { COOKIES, type Role } from './roles'
import { isSealedFor, mark, openSealed, seal, type Sealed } from './sealed'

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
  if (!id || !(await counts(role, data, id))) {
    enterRoom(null)
    return null
  }
  event.context.device = id
  return session
}

/** Whether a cookie counts still: in its room, which is gone into, under the passcode in force, and not left before. */
async function counts(role: Role, data: Sealed, id: string): Promise<boolean> {
  if (role !== 'keeper') enterRoom(data.room ?? null)
  const { passcode, ended, open } = await (role === 'keeper' ? keeperAccess() : accessHere())
  return open && isSealedFor(role, data, passcode) && !(id in ended)
}

/** Whether this request comes from somebody who gave the passcode in force. */
export async function mayRecord(event: H3Event): Promise<boolean> {
  return (await sealedHere(event, 'referee')) !== null
}

/** What a cookie says of the room that it was let into, where there are several. */
export const ofRoom = () => (isSchool() ? { room: roomHere() } : {})

export async function letKeeperIn(event: H3Event): Promise<void> {
  await seal(event, 'keeper', { passcode: mark(await keeperHash()) })
}

/** Whether this request comes from the keeper of the school. */
export async function isKeeper(event: H3Event): Promise<boolean> {
  return (await sealedHere(event, 'keeper')) !== null
}

export async function letIn(event: H3Event): Promise<void> {
  await seal(event, 'referee', { passcode: mark(await passcodeHash()), ...ofRoom() })
}

/** Ends this device's session for a role, whoever has kept a copy of its cookie. Nothing is kept of who was never let in. */
export async function letOut(event: H3Event, role: Role): Promise<void> {
  const session = await sealedHere(event, role)
  if (!session) return
  const { id, createdAt } = event.context.sessions![COOKIES[role].name]!
  await endSession(role, id, createdAt + COOKIES[role].seconds * 1000)
  await session.clear()
  endStreamsOf(id)
}
