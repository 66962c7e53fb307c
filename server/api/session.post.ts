import { RateLimiterMemory, RateLimiterRes } from 'rate-limiter-flexible'
import { verifyPasscode } from '../access/hash'
import { passcodeHash } from '../access/passcode'
import { letIn } from '../access/session'
import { bodyOf, defineRoute, Refusal } from '../utils/refusal'
import { passcodeShape } from '#shared/requests'

/** Tries of one address, and of everybody together, so that many addresses are no way round. */
const each = new RateLimiterMemory({ points: 5, duration: 60 })
const all = new RateLimiterMemory({ points: 60, duration: 600 })

export default defineRoute(async (event) => {
  const { passcode } = await bodyOf(event, passcodeShape)
  const from = getRequestIP(event) ?? 'unknown'
  try {
    await each.consume(from)
    await all.consume('all')
  } catch (error) {
    const seconds = error instanceof RateLimiterRes ? Math.ceil(error.msBeforeNext / 1000) : 60
    setResponseHeader(event, 'retry-after', seconds)
    throw new Refusal(429, 'too-many-tries', `Too many tries. Wait ${seconds} seconds, then try again.`, 'passcode', { seconds })
  }
  if (!(await verifyPasscode(passcode, await passcodeHash()))) throw new Refusal(403, 'wrong-passcode', 'That is not the passcode.', 'passcode')
  await each.delete(from)
  await letIn(event)
  return { mayRecord: true }
})
