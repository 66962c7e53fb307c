import { randomBytes } from 'node:crypto'
import { isSchool } from '../school/here'
import type { Role } from './roles'
import { install, installed, installOnce, keepSetting, setting } from '../utils/settings'
import { hashPasscode, makePasscode, meansPasscode, verifyPasscode } from './hash'

/**
 * Makes sure that there is a passcode: the one given, else the one kept from earlier by its hash, else a new one. Returns
 * the passcode where it was just made, to be shown once; `keep` keeps only its hash.
 */
async function readySecret(
  given: string | undefined,
  kept: string,
  keep: (passcode: string) => Promise<void>,
): Promise<string | null> {
  if (kept && (!given || (await verifyPasscode(given, kept)))) return null
  const passcode = given ?? makePasscode()
  await keep(passcode)
  return given ? null : passcode
}

/** The passcode of the room. */
export const readyPasscode = async (given: string | undefined): Promise<string | null> =>
  readySecret(given, await passcodeHash(), setPasscode)

/** The same for the keeper of a school, and for whoever is to look at the metrics of a room. */
export const readyKeeper = async (given: string | undefined): Promise<string | null> =>
  readySecret(given, await keeperHash(), async (passcode) => install('keeper-passcode', await hashPasscode(passcode)))

/** A new passcode ends every session by itself, so those that were ended before need not be remembered any more. */
async function setPasscode(passcode: string): Promise<void> {
  await keepSetting('passcode', await hashPasscode(passcode))
  await keepSetting(ENDED, {})
}

/** The hash in force; a session belongs to it, so that a new passcode ends all sessions. */
export async function passcodeHash(): Promise<string> {
  return (await setting('passcode')) ?? ''
}

/** The keeper's, likewise; belongs to no room. */
export async function keeperHash(): Promise<string> {
  return (await installed('keeper-passcode')) ?? ''
}

/** Whether somebody means the keeper's passcode; where there is no school, the one that the start was given. */
export async function meansKeeper(typed: string): Promise<boolean> {
  const kept = await keeperHash()
  return typed !== '' && kept !== '' && meansPasscode(typed, kept)
}

/** Makes a room's passcode anew: whoever was let in by the one before has to give this one. Returns it, to be shown once. */
export async function renewPasscode(): Promise<string> {
  const made = makePasscode()
  await setPasscode(made)
  return made
}

export const ENDED = 'ended-sessions'
type Ended = Readonly<Record<string, number>>

/**
 * Sessions that were ended before their time, with the moment from which they would be over anyway, in ms since 1970. The
 * keeper's belong to no room.
 */
const endedSessions = async (role: Role): Promise<Ended> =>
  (await (role === 'keeper' ? installed<Ended>(ENDED) : setting<Ended>(ENDED))) ?? {}

/** What decides of a role whether its cookies count: the hash of the passcode in force, sessions that were ended. */
export interface RoleAccess {
  readonly passcode: string
  readonly ended: Readonly<Record<string, unknown>>
  /** False where nobody is let in at all. */
  readonly open: boolean
}

/** The keeper's; there is one in a school alone. */
export const keeperAccess = async (): Promise<RoleAccess> => ({
  passcode: await keeperHash(),
  ended: await endedSessions('keeper'),
  open: isSchool(),
})

/**
 * Ends a session here, whoever has kept a copy of its cookie; remembered until it would be over anyway. Only for
 * sessions that were let in: what a stranger says of itself is not worth a row.
 */
export async function endSession(role: Role, session: string, until: number, now = Date.now()): Promise<void> {
  const still = Object.entries(await endedSessions(role)).filter(([, over]) => over > now)
  const ended = Object.fromEntries([...still, [session, until]])
  await (role === 'keeper' ? install(ENDED, ended) : keepSetting(ENDED, ended))
}

let key: string | undefined
/** What session cookies are sealed with: made once, kept with the data; it never changes, so it is read once. */
export const sessionKey = async (): Promise<string> => (key ??= await readSessionKey())

async function readSessionKey(): Promise<string> {
  const kept = await installed('session-key')
  if (kept) return kept
  const made = randomBytes(32).toString('hex')
  // Of servers that begin at once on one database the first makes it.
  await installOnce('session-key', made)
  return (await installed('session-key')) ?? made
}
