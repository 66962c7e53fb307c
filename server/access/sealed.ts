import { createHmac, randomUUID } from 'node:crypto'
import type { H3Event, Session } from 'h3'
import { LRUCache } from 'lru-cache'
import { sessionKey } from './passcode'
import { COOKIES, type Role } from './roles'
import { environment } from '../utils/environment'

/** What a device's cookie holds: for what it was sealed, and the passcode that was in force. */
export interface Sealed {
  readonly role?: Role
  readonly passcode?: string
  /** The helper that it belongs to. */
  readonly helper?: string
  /** The room that it was let into. */
  readonly room?: string
}

/**
 * The key that a role's cookies are sealed with: each has its own, so that what was sealed for one opens nothing under the
 * name of another.
 */
export function keyFor(role: Role, installation: string): string {
  return createHmac('sha256', installation).update(`cookie of a ${role}`).digest('hex')
}

/**
 * Cookies that were opened lately, by what they were sealed with: opening one is a sixth of what recording a play costs. Whether
 * what it holds counts is asked each time all the same.
 */
const opened = new LRUCache<string, Session<Sealed>>({ max: 5000 })

/** A device's sealed cookie for a role. Only `isSealedFor` tells whether what it holds counts. */
export async function openSealed(event: H3Event, role: Role) {
  const { name, seconds } = COOKIES[role]
  const password = keyFor(role, await sessionKey())
  const sessions = (event.context.sessions ??= {})
  // Only what the cookie itself held is kept: a session that this request has begun since is not what it came with.
  const isFirst = !(name in sessions)
  const key = `${password} ${getCookie(event, name)}`
  const known = isFirst ? opened.get(key) : undefined
  if (known && Date.now() - known.createdAt < seconds * 1000) sessions[name] = structuredClone(known)
  const session = await useSession<Sealed>(event, {
    name,
    password,
    maxAge: seconds,
    // By cookie alone: a header could be set by any page's script.
    sessionHeader: false,
    // Browsers drop secure cookies on the plain http of a local network; behind https NIMBLE_HTTPS=1 asks for them.
    cookie: { httpOnly: true, sameSite: 'lax', secure: environment().https, path: '/' },
  })
  if (isFirst && !known && session.data.role) opened.set(key, structuredClone(sessions[name]!))
  return session
}

/**
 * Seals a device's cookie anew, as a session of its own: a copy of an earlier one leads nowhere new, and a device whose
 * session was ended is in again.
 */
export async function seal(event: H3Event, role: Role, data: Omit<Sealed, 'role'>): Promise<void> {
  const session = await openSealed(event, role)
  Object.assign(event.context.sessions![COOKIES[role].name]!, { id: randomUUID(), createdAt: Date.now() })
  await session.update({ ...data, role })
}

/** Whether a cookie was sealed for this role under the passcode in force, by its hash; without a passcode nothing was. */
export function isSealedFor(role: Role, data: Sealed, passcodeHash: string): boolean {
  return passcodeHash !== '' && data.role === role && data.passcode === mark(passcodeHash)
}

/** The part of the passcode's hash that a cookie carries, so that a new passcode ends it. */
export const mark = (hash: string) => hash.slice(-16)
