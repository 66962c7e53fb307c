import type { PGlite, Transaction } from '@electric-sql/pglite'
import { sql } from 'drizzle-orm'
import type postgres from 'postgres'
import type { Database } from './drizzled'
import { rowsOf } from './rows'

/** Whose rows a query is meant for; null where a room was not found out, and nothing is shown. */
export type WhichRoom = () => string | null

/** The role that queries go by where the one that is connected passes over policies, as superusers do. */
const ROLE = 'nimble_tally'
const SET_ROOM = "select set_config('nimble.room', $1, true)"

/**
 * The role that queries have to go by, so that policies hold for them; null where the one that is connected is bound by them
 * itself. It is made where there is none, and may do with the tables what a server does.
 */
export async function boundRole(database: Database): Promise<string | null> {
  const [free] = await rowsOf<{ free: boolean }>(
    database,
    sql`select rolsuper or rolbypassrls as free from pg_roles where rolname = current_user`,
  )
  if (!free?.free) return null
  const role = sql.identifier(ROLE)
  await database.transaction(async (tx) => {
    // Of servers that begin at once on one database the first makes it.
    await tx.execute(sql`select pg_advisory_xact_lock(720221128)`)
    const there = await rowsOf(tx, sql`select 1 from pg_roles where rolname = ${ROLE}`)
    if (!there.length) await tx.execute(sql`create role ${role} nologin nobypassrls`)
    await tx.execute(sql`grant usage on schema public to ${role}`)
    await tx.execute(sql`grant select, insert, update, delete on all tables in schema public to ${role}`)
  })
  return ROLE
}

type PostgresClient = ReturnType<typeof postgres>

/** The driver of a PostgreSQL server with the room set in every transaction; what stands alone is one too. */
export function roomsOnServer(client: PostgresClient, room: WhichRoom): PostgresClient {
  const within = <T>(ask: (tx: postgres.TransactionSql) => Promise<T>) =>
    client.begin(async (tx) => {
      // Both go out together: what is asked comes after, on the same connection.
      const [, answer] = await Promise.all([tx.unsafe(SET_ROOM, [room() ?? '']).execute(), ask(tx)])
      return answer
    })
  const own = {
    unsafe: (...asked: Parameters<PostgresClient['unsafe']>) => {
      const rows = () => within(async (tx) => tx.unsafe(...asked))
      return {
        // A query that is awaited without more gives rows, and only then goes out.
        then: (...next: Parameters<Promise<unknown>['then']>) => rows().then(...next),
        values: () => within(async (tx) => tx.unsafe(...asked).values()),
      }
    },
    begin: (...given: readonly unknown[]) => within(async (tx) => (given.at(-1) as (tx: unknown) => unknown)(tx)),
  }
  return new Proxy(client, {
    get: (all, name) => Reflect.get(name in own ? own : all, name) as unknown,
  })
}

/** PGlite with the room set in every transaction; what stands alone is one too. */
export function roomsInFolder(client: PGlite, room: WhichRoom): PGlite {
  const within = <T>(ask: (tx: Transaction) => Promise<T>) =>
    client.transaction(async (tx) => {
      await tx.query(SET_ROOM, [room() ?? ''])
      return ask(tx)
    })
  const own = {
    query: (...asked: Parameters<PGlite['query']>) => within((tx) => tx.query(...asked)),
    transaction: within,
  }
  return new Proxy(client, {
    get(all, name) {
      if (name in own) return Reflect.get(own, name) as unknown
      const value: unknown = Reflect.get(all, name)
      return typeof value === 'function' ? (value.bind(all) as unknown) : value
    },
  })
}
