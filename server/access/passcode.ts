import { randomBytes } from 'node:crypto'
import { eq } from 'drizzle-orm'
import { settings } from '../database/schema'
import { theDatabase } from '../utils/database'
import { StartRefused } from '../utils/startRefused'
import { hashPasscode, LEAST_PASSCODE, makePasscode, verifyPasscode } from './hash'

async function setting<T = string>(key: string): Promise<T | null> {
  const database = await theDatabase()
  const [row] = await database.select().from(settings).where(eq(settings.key, key))
  return (row?.value ?? null) as T | null
}

async function keepSetting(key: string, value: unknown): Promise<void> {
  const database = await theDatabase()
  await database.insert(settings).values({ key, value }).onConflictDoUpdate({ target: settings.key, set: { value } })
}

/** Guessing finds a shorter one. */
export class PasscodeTooShort extends StartRefused {
  constructor() {
    super(`A passcode has at least ${LEAST_PASSCODE} characters; choose a longer one: bin/start --passcode WORD`)
    this.name = 'PasscodeTooShort'
  }
}

/**
 * Makes sure that there is a passcode: the one given, else the one kept from earlier, else a new one. Returns the
 * passcode where it was just made, to be shown once; only its hash is kept.
 */
export async function readyPasscode(given: string | undefined): Promise<string | null> {
  const kept = await setting('passcode')
  if (given) {
    if (given.length < LEAST_PASSCODE) throw new PasscodeTooShort()
    if (!kept || !(await verifyPasscode(given, kept))) await keepSetting('passcode', await hashPasscode(given))
    return null
  }
  if (kept) return null
  const made = makePasscode()
  await keepSetting('passcode', await hashPasscode(made))
  return made
}

/** The hash in force; a session belongs to it, so that a new passcode ends all sessions. */
export async function passcodeHash(): Promise<string> {
  return (await setting('passcode')) ?? ''
}

/** Sessions that were ended before their time, with the moment from which they would be over anyway, in ms since 1970. */
const endedSessions = async () => (await setting<Readonly<Record<string, number>>>('ended-sessions')) ?? {}

export async function hasEnded(session: string): Promise<boolean> {
  return session in (await endedSessions())
}

/** Ends a session here, whoever has kept a copy of its cookie. */
export async function endSession(session: string, until: number, now = Date.now()): Promise<void> {
  const still = Object.entries(await endedSessions()).filter(([, over]) => over > now)
  await keepSetting('ended-sessions', Object.fromEntries([...still, [session, until]]))
}

/** What session cookies are sealed with: made once, kept with the data. */
export async function sessionKey(): Promise<string> {
  const kept = await setting('session-key')
  if (kept) return kept
  const made = randomBytes(32).toString('hex')
  await keepSetting('session-key', made)
  return (await setting('session-key')) ?? made
}
