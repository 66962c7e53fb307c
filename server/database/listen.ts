import postgres from 'postgres'
import * as z from 'zod'
import type { PostgresClient } from './lent'

/** What a transaction told (migrations 0014 and 0016): which kind of change, of which match or session of the room; ids, never contents. */
const toldShape = z.object({
  /** The server that made it, by its name at the database. */
  by: z.string(),
  /** In whose room. */
  room: z.string(),
  kind: z.enum([
    'made',
    'removed',
    'recorded',
    'renamed',
    'clock',
    'board',
    'asked',
    'help',
    'helpers',
    'room',
    'access',
  ]),
  about: z.string(),
  /** For `recorded`: the number of the newest entry before and after it. */
  before: z.int().nullable(),
  last: z.int().nullable(),
})
export type Told = z.output<typeof toldShape>

/**
 * Calls `hear` for each change that another server commits, in their order, and `missed` once it listens again after a time in
 * which it could not. Returns how to stop.
 */
export type Listen = (hear: (told: Told) => void, missed: () => void) => () => Promise<void>

/** How long it waits before it tries again to reach a database that is gone, in milliseconds. */
const AGAIN_MS = 300

/** Listens on one connection of its own, of the server that is called `own`. */
export const listenOn =
  (url: string, own: string): Listen =>
  (hear, missed) => {
    let stopped = false
    let before = false
    let attaching = false
    let current: PostgresClient | null = null

    /** A connection that breaks is not used again: what the driver had not sent over it would be in the way of all that follows. */
    function connect(): PostgresClient {
      const mine = postgres(url, {
        ...{ max: 1, max_lifetime: null, fetch_types: false },
        onnotice: () => {},
        onnotify: (_channel: string, payload: string) => {
          const told = readTold(payload)
          if (told && told.by !== own) hear(told)
        },
        onclose: () => {
          if (mine !== current) return
          current = null
          void mine.end({ timeout: 0 })
          void attach()
        },
      } as Parameters<typeof postgres>[1])
      return mine
    }

    async function attach(): Promise<void> {
      if (attaching) return
      attaching = true
      while (!current && !stopped) {
        const tried = connect()
        try {
          await tried`listen nimble_changes`
          current = tried
        } catch {
          await tried.end({ timeout: 0 })
          await new Promise((resolve) => setTimeout(resolve, AGAIN_MS))
        }
      }
      attaching = false
      if (stopped) return void (await current?.end({ timeout: 0 }))
      if (before) missed()
      before = true
    }
    void attach()
    return async () => {
      stopped = true
      await current?.end({ timeout: 1 })
    }
  }

/** Null for what no server of ours can have told. */
export function readTold(payload: string): Told | null {
  try {
    return toldShape.parse(JSON.parse(payload))
  } catch {
    return null
  }
}
