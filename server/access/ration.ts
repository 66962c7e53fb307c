import type { H3Event } from 'h3'
import { LRUCache } from 'lru-cache'
import { RateLimiterMemory, RateLimiterRes } from 'rate-limiter-flexible'
import { Refusal } from '../utils/refusal'

/**
 * Tries of one address in a minute, and of all strangers together, so that many addresses are no way round. Whoever has
 * given a passcode or code before is no stranger: nobody's guessing keeps them out. Passcode and helpers' codes share it.
 */
const each = new RateLimiterMemory({ points: 5, duration: 60 })
const strangers = new RateLimiterMemory({ points: 30, duration: 60 })
const known = new LRUCache<string, true>({ max: 1000 })

/** Counts a try of whoever asks; refused when there were too many. Returns what to do once the try was right. */
export async function rationTry(event: H3Event, path: string): Promise<() => Promise<void>> {
  const from = getRequestIP(event) ?? 'unknown'
  try {
    await each.consume(from)
    if (!known.has(from)) await strangers.consume('strangers')
  } catch (error) {
    const seconds = error instanceof RateLimiterRes ? Math.ceil(error.msBeforeNext / 1000) : 60
    setResponseHeader(event, 'retry-after', seconds)
    throw new Refusal(429, 'too-many-tries', `Too many tries. Wait ${seconds} seconds, then try again.`, path, { seconds })
  }
  return async () => {
    await each.delete(from)
    known.set(from, true)
  }
}
