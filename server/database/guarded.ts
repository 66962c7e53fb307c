import type { PGlite, Transaction } from '@electric-sql/pglite'
import { sql } from 'drizzle-orm'
import type postgres from 'postgres'
import { isDatabaseAway } from './away'
import { makeCommon } from './common'
import type { Database } from './drizzled'
import { borrowed, type Lent, type PostgresClient } from './lent'
import { rowsOf } from './rows'

/** Whose rows a query is meant for; empty where no room was found out, and nothing is shown. */
export type WhichRoom = () => string

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

type Asked = Parameters<PostgresClient['unsafe']>

/** The driver with what is asked often kept ready: that takes one way to the database instead of two. */
function keptReady<T extends PostgresClient | postgres.TransactionSql>(
  client: T,
  isCommon: (text: string) => boolean,
): T {
  const unsafe = (...[text, values, options]: Asked) =>
    client.unsafe(text, values, { ...options, prepare: isCommon(text) })
  return overlaid(client, { unsafe })
}

/**
 * The driver of a PostgreSQL server. With the rooms of a school the room is set in every transaction, and what stands alone is
 * one too. What else a driver has is `client`'s.
 */
export function guardedOnServer(client: PostgresClient, lent: Lent, room: WhichRoom | null): PostgresClient {
  const isCommon = makeCommon()
  const begin = (...given: readonly unknown[]) => {
    const act = given.at(-1) as (tx: postgres.TransactionSql) => Promise<unknown>
    const here = room?.()
    return borrowed(lent, (own) =>
      own.begin(async (tx) => {
        if (here === undefined) return act(keptReady(tx, isCommon))
        // Both go out together: what is asked comes after, on the same connection.
        const [, answer] = await Promise.all([
          tx.unsafe(SET_ROOM, [here], READY).execute(),
          act(keptReady(tx, isCommon)),
        ])
        return answer
      }),
    )
  }
  const unsafe = (...[text, values, options]: Asked) => {
    const here = room?.()
    const ask = (own: PostgresClient) => own.unsafe(text, values, { ...options, prepare: isCommon(text) })
    const answered = (how: (own: PostgresClient) => Pending) =>
      borrowed(lent, (own) => (here === undefined ? how(own).execute() : alone(own, here, how)))
    return {
      // A query that is awaited without more gives rows, and only then goes out.
      then: (...next: Parameters<Promise<unknown>['then']>) => answered(ask).then(...next),
      values: () => answered((own) => ask(own).values()),
    }
  }
  return overlaid(client, { unsafe, begin })
}

const READY = { prepare: true }
interface Pending {
  execute(): Promise<unknown>
}

/** One query as a transaction of its own, sent in one piece: nothing waits on the way for the answer before. */
async function alone(own: PostgresClient, room: string, ask: (own: PostgresClient) => Pending): Promise<unknown> {
  const sent = [own.unsafe('begin'), own.unsafe(SET_ROOM, [room], READY), ask(own), own.unsafe('commit')].map((each) =>
    each.execute(),
  )
  try {
    const [, , answer] = await Promise.all(sent)
    return answer
  } catch (error) {
    // After a refusal the rest is answered too, and then the connection is free; where it broke the driver may keep them waiting.
    if (!isDatabaseAway(error)) await Promise.allSettled(sent)
    throw error
  }
}

/** A driver with some of its own exchanged; what is called there is called on the driver itself. */
function overlaid<T extends object>(all: T, own: object): T {
  return new Proxy(all, {
    get(_, name) {
      if (name in own) return Reflect.get(own, name) as unknown
      const value: unknown = Reflect.get(all, name)
      return typeof value === 'function' ? (value.bind(all) as unknown) : value
    },
  })
}

/** PGlite with the room set in every transaction; what stands alone is one too. */
export function roomsInFolder(client: PGlite, room: WhichRoom): PGlite {
  const within = <T>(ask: (tx: Transaction) => Promise<T>) =>
    client.transaction(async (tx) => {
      await tx.query(SET_ROOM, [room()])
      return ask(tx)
    })
  const query = (...asked: Parameters<PGlite['query']>) => within((tx) => tx.query(...asked))
  return overlaid(client, { query, transaction: within })
}
