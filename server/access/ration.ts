import type { H3Event } from 'h3'
import { LRUCache } from 'lru-cache'
import {
  RateLimiterMemory,
  RateLimiterPostgres,
  RateLimiterRes,
  type IRateLimiterOptions,
  type RateLimiterAbstract,
} from 'rate-limiter-flexible'
import { addressOf } from '../utils/address'
import { openOnce } from '../utils/database'
import { Refusal } from '../utils/refusal'

/** Tries of one address in a minute, and of all strangers together, so that many addresses are no way round. */
const EACH = 5
const STRANGERS = 30

/**
 * Counts tries at one kind of secret. Whoever has given it before is no stranger: nobody's guessing keeps them out. A right
 * try costs nothing, but takes no wrong one back either, so that who knows one secret can't guess at others without end.
 */
export function makeRation(path: string, makeLimiter: (options: IRateLimiterOptions) => Promise<RateLimiterAbstract>) {
  let limiters: Promise<readonly [each: RateLimiterAbstract, strangers: RateLimiterAbstract]> | null = null
  const made = () =>
    (limiters ??= Promise.all([
      makeLimiter({ keyPrefix: `${path}-each`, points: EACH, duration: 60 }),
      makeLimiter({ keyPrefix: `${path}-all`, points: STRANGERS, duration: 60 }),
    ]))
  const known = new LRUCache<string, true>({ max: 1000 })

  /** Counts a try of an address; refused when there were too many. Returns what to do once the try was right. */
  async function take(from: string): Promise<() => Promise<void>> {
    const [each, strangers] = await made()
    const stranger = !known.has(from)
    try {
      await each.consume(from)
      if (stranger) await strangers.consume('strangers')
    } catch (error) {
      if (!(error instanceof RateLimiterRes)) throw error
      const seconds = Math.ceil(error.msBeforeNext / 1000)
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

/** Counts for this process alone. */
export const inMemory = async (options: IRateLimiterOptions): Promise<RateLimiterAbstract> =>
  new RateLimiterMemory(options)

/** Counts in the database where several servers may be on it, so that they are no way round. */
async function together(options: IRateLimiterOptions): Promise<RateLimiterAbstract> {
  const { query } = await openOnce()
  if (!query) return inMemory(options)
  const kept = { storeClient: { query }, storeType: 'pool', tableName: 'rations', tableCreated: true }
  return new RateLimiterPostgres({ ...options, ...kept })
}

/** Passcodes and helpers' codes are counted apart: a helper's own code says nothing of the passcode. */
export const rations = {
  passcode: makeRation('passcode', together),
  code: makeRation('code', together),
  keeper: makeRation('keeper', together),
}

/** Counts a try of whoever asks, and says when to try again where there were too many. */
export async function rationTry(event: H3Event, kind: keyof typeof rations): Promise<() => Promise<void>> {
  try {
    return await rations[kind].take(addressOf(event))
  } catch (error) {
    if (error instanceof Refusal) setResponseHeader(event, 'retry-after', Number(error.more.seconds))
    throw error
  }
}
