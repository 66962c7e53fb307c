import { randomUUID } from 'node:crypto'
import { existsSync, readFileSync } from 'node:fs'
import { resolve } from 'node:path'
import type { PGlite } from '@electric-sql/pglite'
import { drizzle as drizzlePglite } from 'drizzle-orm/pglite'
import { drizzle as drizzlePostgres } from 'drizzle-orm/postgres-js'
import postgres from 'postgres'
import { makeFlush } from './flush'
import { refuseFullStart } from './disk'
import { dataIn, openFolder } from './folder'
import { listenOn, type Listen } from './listen'
import { takeFolder } from './lock'
import { bringBack, type Fill } from './restore'
import * as schema from './schema'

export type Database = ReturnType<typeof drizzlePglite<typeof schema>>

/** Drizzle over an open PGlite. */
export const overPglite = (client: PGlite): Database => drizzlePglite(client, { schema })

type Query = (asked: {
  readonly text: string
  readonly values: readonly (string | number | null)[]
}) => Promise<{ readonly rows: readonly unknown[] }>

export interface OpenDatabase {
  readonly database: Database
  /** Where the data are, for people to read. */
  readonly place: string
  /** The data folder; null on a PostgreSQL server. */
  readonly folder: string | null
  /** Resolves once what was committed is on the disk itself. */
  readonly flush: () => Promise<void>
  /** The whole database folder as one archive; null on a PostgreSQL server, which has its own tools. */
  readonly dump: () => Promise<Buffer | null>
  /** Asks a PostgreSQL server as its own driver does, for packages that know that; null on PGlite. */
  readonly query: Query | null
  /** Hears what other servers on the same database change; null where there can be none. */
  readonly listen: Listen | null
  readonly close: () => Promise<void>
}

interface Where {
  readonly url?: string
  readonly folder: string
  /** The file of an archive of an empty folder. */
  readonly prepared?: string
  readonly anew?: boolean
  readonly restore?: { readonly file: string; readonly fill: Fill }
}

/**
 * Opens the database: a PostgreSQL server when `url` is given, else PGlite in `folder`, which is taken for this
 * process alone. `restore` is a backup that takes the place of what is there, once `fill` has read it.
 */
export async function openDatabase(where: Where): Promise<OpenDatabase> {
  if (where.url) {
    const own = `nimble-tally ${randomUUID()}`
    const client = postgres(where.url, { onnotice: () => {}, connection: { application_name: own } })
    const database = drizzlePostgres(client, { schema }) as unknown as Database
    return {
      database,
      place: 'the PostgreSQL server of DATABASE_URL',
      folder: null,
      // The server flushes its log itself before it answers.
      flush: async () => undefined,
      dump: async () => null,
      query: async ({ text, values }) => ({ rows: await client.unsafe(text, [...values]) }),
      listen: listenOn(where.url, own),
      close: () => client.end({ timeout: 5 }),
    }
  }
  const folder = resolve(where.folder)
  const release = await takeFolder(folder)
  try {
    await refuseFullStart(folder)
    const prepared = where.prepared && existsSync(where.prepared) ? readFileSync(where.prepared) : undefined
    if (where.restore) await bringBack(folder, where.restore.file, prepared, where.restore.fill)
    const client = await openFolder(folder, { prepared, anew: where.anew })
    return {
      database: overPglite(client),
      place: folder,
      folder,
      flush: makeFlush(dataIn(folder)),
      dump: async () => Buffer.from(await (await client.dumpDataDir('gzip')).arrayBuffer()),
      query: null,
      listen: null,
      close: async () => {
        await client.close()
        await release()
      },
    }
  } catch (error) {
    await release()
    throw error
  }
}
