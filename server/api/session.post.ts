import { RateLimiterMemory, RateLimiterRes } from 'rate-limiter-flexible'
import { verifyPasscode } from '../access/hash'
import { passcodeHash } from '../access/passcode'
import { letIn } from '../access/session'
import { LRUCache } from 'lru-cache'
import { bodyOf } from '../utils/body'
import { defineRoute, Refusal } from '../utils/refusal'
import { passcodeShape } from '#shared/requests'

/**
 * Tries of one address in a minute, and of all strangers together, so that many addresses are no way round. Whoever has
 * given the passcode before is no stranger: nobody's guessing keeps them out.
 */
const each = new RateLimiterMemory({ points: 5, duration: 60 })
const strangers = new RateLimiterMemory({ points: 30, duration: 60 })
const known = new LRUCache<string, true>({ max: 1000 })
/** Bytes of a passcode on its way. */
const MOST_BYTES = 2000

export default defineRoute(async (event) => {
  const { passcode } = await bodyOf(event, passcodeShape, MOST_BYTES)
  const from = getRequestIP(event) ?? 'unknown'
  try {
    await each.consume(from)
    if (!known.has(from)) await strangers.consume('strangers')
  } catch (error) {
    const seconds = error instanceof RateLimiterRes ? Math.ceil(error.msBeforeNext / 1000) : 60
    setResponseHeader(event, 'retry-after', seconds)
    throw new Refusal(429, 'too-many-tries', `Too many tries. Wait ${seconds} seconds, then try again.`, 'passcode', { seconds })
  }
  if (!(await verifyPasscode(passcode, await passcodeHash()))) throw new Refusal(403, 'wrong-passcode', 'That is not the passcode.', 'passcode')
  await each.delete(from)
  known.set(from, true)
  await letIn(event)
  return { mayRecord: true }
})
