import type { H3Event } from 'h3'
import { endSession, hasEnded, passcodeHash, sessionKey } from './passcode'

const DAYS_30 = 30 * 24 * 3600

/** The part of the passcode's hash that a session carries, so that a new passcode ends it. */
export const mark = (hash: string) => hash.slice(-16)

async function open(event: H3Event) {
  return useSession<{ passcode?: string }>(event, {
    name: 'nimble-tally',
    password: await sessionKey(),
    maxAge: DAYS_30,
    // Browsers drop secure cookies on the plain http of a local network; behind https NIMBLE_HTTPS=1 asks for them.
    cookie: { httpOnly: true, sameSite: 'lax', secure: process.env.NIMBLE_HTTPS === '1', path: '/' },
  })
}

/** Whether this request comes from somebody who gave the passcode in force. */
export async function mayRecord(event: H3Event): Promise<boolean> {
  const hash = await passcodeHash()
  const { id, data } = await open(event)
  return hash !== '' && data.passcode === mark(hash) && !(await hasEnded(id ?? ''))
}

export async function letIn(event: H3Event): Promise<void> {
  await (await open(event)).update({ passcode: mark(await passcodeHash()) })
}

export async function letOut(event: H3Event): Promise<void> {
  const session = await open(event)
  if (session.id) await endSession(session.id, Date.now() + DAYS_30 * 1000)
  await session.clear()
}
