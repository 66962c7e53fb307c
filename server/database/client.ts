import { resolve } from 'node:path'
import { drizzle as drizzlePglite } from 'drizzle-orm/pglite'
import { drizzle as drizzlePostgres } from 'drizzle-orm/postgres-js'
import postgres from 'postgres'
import { makeFlush } from './flush'
import { dataIn, makeWayFor, openFolder } from './folder'
import { takeFolder } from './lock'
import * as schema from './schema'

export type Database = ReturnType<typeof drizzlePglite<typeof schema>>

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
  readonly close: () => Promise<void>
}

/**
 * Opens the database: a PostgreSQL server when `url` is given, else PGlite in `folder`, which is taken for this
 * process alone. `prepared` is an archive of an empty folder that spares the first start its slow set-up;
 * `restore` a backup that takes the place of what is there.
 */
export async function openDatabase(where: { url?: string; folder: string; prepared?: string; restore?: string }): Promise<OpenDatabase> {
  if (where.url) {
    const client = postgres(where.url, { onnotice: () => {} })
    const database = drizzlePostgres(client, { schema }) as unknown as Database
    return {
      database,
      place: 'the PostgreSQL server of DATABASE_URL',
      folder: null,
      // The server flushes its log itself before it answers.
      flush: async () => undefined,
      dump: async () => null,
      close: () => client.end({ timeout: 5 }),
    }
  }
  const folder = resolve(where.folder)
  const release = await takeFolder(folder)
  try {
    if (where.restore) await makeWayFor(folder, where.restore)
    const client = await openFolder(folder, where.prepared)
    return {
      database: drizzlePglite(client, { schema }),
      place: folder,
      folder,
      flush: makeFlush(dataIn(folder)),
      dump: async () => Buffer.from(await (await client.dumpDataDir('gzip')).arrayBuffer()),
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
