import { drizzle } from 'drizzle-orm/postgres-js'
import { createPool, type Pool } from 'generic-pool'
import postgres from 'postgres'
import { isDatabaseAway } from './away'

export type PostgresClient = ReturnType<typeof postgres>

/** Connections to a PostgreSQL server, each lent to one at a time: what is sent over it in one piece nobody else comes between. */
export type Lent = Pool<PostgresClient>

/** Does something with one of them, which is given back afterwards; where it broke another one takes its place. */
export async function borrowed<T>(lent: Lent, act: (own: PostgresClient) => Promise<T>): Promise<T> {
  const own = await lent.acquire()
  let broke = false
  try {
    return await act(own)
  } catch (error) {
    broke = isDatabaseAway(error)
    throw error
  } finally {
    await (broke ? lent.destroy(own) : lent.release(own))
  }
}

/**
 * Each is a client of its own with one connection. One that broke is not used again: the driver (3.4) may keep what it had not
 * sent yet, and then never sends anything more; and what it would keep to oneself, of many, it hands out again though broken.
 * Nor does it ask for types of arrays, of which no table has any: nobody waits for that question when the connection breaks.
 */
export function lending(
  url: string,
  options: postgres.Options<Record<string, postgres.PostgresType>>,
  max: number,
): Lent {
  return createPool(
    {
      create: async () => {
        const client = postgres(url, { ...options, max: 1, fetch_types: false })
        // Sets how it reads and writes times and JSON, as queries built by Drizzle expect.
        drizzle(client)
        return client
      },
      destroy: (client) => client.end({ timeout: 5 }),
    },
    { max, min: 0 },
  )
}
