import type { PGlite } from '@electric-sql/pglite'
import { drizzle } from 'drizzle-orm/pglite'
import * as schema from './schema'

export type Database = ReturnType<typeof drizzle<typeof schema>>

/** Drizzle over an open PGlite. */
export const overPglite = (client: PGlite): Database => drizzle(client, { schema })
