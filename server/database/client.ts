import { randomUUID } from 'node:crypto'
import { existsSync, readFileSync } from 'node:fs'
import { resolve } from 'node:path'
import type { PGlite } from '@electric-sql/pglite'
import { drizzle as drizzlePostgres } from 'drizzle-orm/postgres-js'
import postgres from 'postgres'
import { overPglite, type Database } from './drizzled'
import { makeFlush } from './flush'
import { refuseFullStart } from './disk'
import { boundRole, guardedOnServer, roomsInFolder, type WhichRoom } from './guarded'
import { dataIn, openFolder } from './folder'
import { borrowed, lending } from './lent'
import { listenOn, type Listen } from './listen'
import { takeFolder } from './lock'
import { ONE_ROOM } from './ofRoom'
import { bringBack, type Fill } from './restore'
import * as schema from './schema'

export { overPglite, type Database } from './drizzled'

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
  /** How many connections queries have now, and how many wait for one; null on PGlite, which has one. */
  readonly lent: (() => { readonly taken: number; readonly waiting: number }) | null
  /** Hears what other servers on the same database change; null where there can be none. */
  readonly listen: Listen | null
  readonly close: () => Promise<void>
}

interface Where {
  readonly url?: string
  /** Connections that queries share, on a PostgreSQL server. */
  readonly connections: number
  readonly folder: string
  /** The file of an archive of an empty folder. */
  readonly prepared?: string
  readonly anew?: boolean
  readonly restore?: { readonly file: string; readonly fill: Fill }
  /** Brings the tables up to date, by the role that owns them; `dump` is the whole folder as one archive, where it is one. */
  readonly migrate: (owner: Database, dump: OpenDatabase['dump']) => Promise<void>
  /** Whose rows each query is meant for, of the rooms of a school; null where the database has one room. */
  readonly room: WhichRoom | null
}

/**
 * Opens the database: a PostgreSQL server when `url` is given, else PGlite in `folder`, which is taken for this
 * process alone. `restore` is a backup that takes the place of what is there, once `fill` has read it. Queries go by a role
 * that is bound by the policies of the tables.
 */
export const openDatabase = (where: Where): Promise<OpenDatabase> =>
  where.url ? onServer(where.url, where) : inFolder(where)

/** Seconds between tries to connect again: the driver's own go up to 20, for which nobody at a table waits. */
const BETWEEN_TRIES = 0.25

async function onServer(url: string, { connections, migrate, room }: Where): Promise<OpenDatabase> {
  const own = `nimble-tally ${randomUUID()}`
  const owner = postgres(url, { max: 1, onnotice: () => {} })
  const owning = drizzlePostgres(owner, { schema }) as unknown as Database
  let role: string | null = null
  try {
    await migrate(owning, async () => null)
    role = await boundRole(owning)
  } finally {
    await owner.end({ timeout: 5 })
  }
  const options = {
    onnotice: () => {},
    backoff: () => BETWEEN_TRIES,
    connection: { application_name: own, ...(role && { role }), ...(room ? {} : { 'nimble.room': ONE_ROOM }) },
  }
  const lent = lending(url, options, connections)
  /** Never asked itself: it gives the queries their form. */
  const client = postgres(url, { ...options, max: 1 })
  return {
    database: drizzlePostgres(guardedOnServer(client, lent, room), { schema }) as unknown as Database,
    place: 'the PostgreSQL server of DATABASE_URL',
    folder: null,
    // The server flushes its log itself before it answers.
    flush: async () => undefined,
    dump: async () => null,
    query: async ({ text, values }) => ({
      rows: await borrowed(lent, async (own) => own.unsafe(text, [...values])),
    }),
    lent: () => ({ taken: lent.borrowed, waiting: lent.pending }),
    listen: listenOn(url, own),
    close: async () => {
      await lent.drain()
      await lent.clear()
      await client.end({ timeout: 5 })
    },
  }
}

async function inFolder(where: Where): Promise<OpenDatabase> {
  const folder = resolve(where.folder)
  const release = await takeFolder(folder)
  try {
    await refuseFullStart(folder)
    const prepared = where.prepared && existsSync(where.prepared) ? readFileSync(where.prepared) : undefined
    if (where.restore) await bringBack(folder, where.restore.file, prepared, where.restore.fill)
    const client = await openFolder(folder, { prepared, anew: where.anew })
    const dump = async () => Buffer.from(await (await client.dumpDataDir('gzip')).arrayBuffer())
    await where.migrate(overPglite(client), dump)
    return {
      database: await boundPglite(client, where.room),
      place: folder,
      folder,
      flush: makeFlush(dataIn(folder)),
      dump,
      query: null,
      lent: null,
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

/** Drizzle over an open PGlite whose tables are up to date, bound by their policies from now on. */
export async function boundPglite(client: PGlite, room: WhichRoom | null): Promise<Database> {
  const role = await boundRole(overPglite(client))
  if (role) await client.exec(`set role ${role}`)
  if (room) return overPglite(roomsInFolder(client, room))
  await client.query("select set_config('nimble.room', $1, false)", [ONE_ROOM])
  return overPglite(client)
}
