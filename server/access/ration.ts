import type { H3Event } from 'h3'
import { LRUCache } from 'lru-cache'
import { RateLimiterMemory, RateLimiterRes } from 'rate-limiter-flexible'
import { Refusal } from '../utils/refusal'

/** Tries of one address in a minute, and of all strangers together, so that many addresses are no way round. */
const EACH = 5
const STRANGERS = 30

/**
 * Counts tries at one kind of secret. Whoever has given it before is no stranger: nobody's guessing keeps them out. A right
 * try costs nothing, but takes no wrong one back either, so that who knows one secret can't guess at others without end.
 */
export function makeRation(path: string) {
  const each = new RateLimiterMemory({ points: EACH, duration: 60 })
  const strangers = new RateLimiterMemory({ points: STRANGERS, duration: 60 })
  const known = new LRUCache<string, true>({ max: 1000 })

  /** Counts a try of an address; refused when there were too many. Returns what to do once the try was right. */
  async function take(from: string): Promise<() => Promise<void>> {
    const stranger = !known.has(from)
    try {
      await each.consume(from)
      if (stranger) await strangers.consume('strangers')
    } catch (error) {
      const seconds = error instanceof RateLimiterRes ? Math.ceil(error.msBeforeNext / 1000) : 60
      throw new Refusal(429, 'too-many-tries', `Too many tries. Wait ${seconds} seconds, then try again.`, path, {
        seconds,
      })
    }
    return async () => {
      await each.reward(from)
      if (stranger) await strangers.reward('strangers')
      known.set(from, true)
    }
  }
  return { take }
}

/** Passcodes and helpers' codes are counted apart: a helper's own code says nothing of the passcode. */
export const rations = { passcode: makeRation('passcode'), code: makeRation('code') }

/** Counts a try of whoever asks, and says when to try again where there were too many. */
export async function rationTry(event: H3Event, kind: keyof typeof rations): Promise<() => Promise<void>> {
  try {
    return await rations[kind].take(getRequestIP(event) ?? 'unknown')
  } catch (error) {
    if (error instanceof Refusal) setResponseHeader(event, 'retry-after', Number(error.more.seconds))
    throw error
  }
}
