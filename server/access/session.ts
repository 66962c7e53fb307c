import type { H3Event } from 'h3'
import { endSession, hasEnded, passcodeHash } from './passcode'
import { mark, openSealed } from './sealed'

const DAYS_30 = 30 * 24 * 3600

const open = (event: H3Event) => openSealed<{ passcode?: string }>(event, 'nimble-tally', DAYS_30)

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
