import { existsSync, readFileSync } from 'node:fs'
import { join, resolve } from 'node:path'
import { PGlite } from '@electric-sql/pglite'
import { drizzle as drizzlePglite } from 'drizzle-orm/pglite'
import { drizzle as drizzlePostgres } from 'drizzle-orm/postgres-js'
import postgres from 'postgres'
import { takeFolder } from './lock'
import * as schema from './schema'

export type Database = ReturnType<typeof drizzlePglite<typeof schema>>

export interface OpenDatabase {
  readonly database: Database
  /** Where the data are, for people to read. */
  readonly place: string
  readonly close: () => Promise<void>
}

/**
 * Opens the database: a PostgreSQL server when `url` is given, else PGlite in `folder`, which is taken for this
 * process alone. `prepared` is an archive of an empty folder that spares the first start its slow set-up.
 */
export async function openDatabase(where: { url?: string; folder: string; prepared?: string }): Promise<OpenDatabase> {
  if (where.url) {
    const client = postgres(where.url, { onnotice: () => {} })
    const database = drizzlePostgres(client, { schema }) as unknown as Database
    return { database, place: 'the PostgreSQL server of DATABASE_URL', close: () => client.end({ timeout: 5 }) }
  }
  const folder = resolve(where.folder)
  const release = await takeFolder(folder)
  const data = join(folder, 'pgdata')
  const prepared = !existsSync(join(data, 'PG_VERSION')) && where.prepared && existsSync(where.prepared)
  const loadDataDir = prepared ? new Blob([readFileSync(where.prepared!)]) : undefined
  const client = await PGlite.create(data, { loadDataDir })
  return {
    database: drizzlePglite(client, { schema }),
    place: folder,
    close: async () => {
      await client.close()
      await release()
    },
  }
}
