import { inArray, sql } from 'drizzle-orm'
import type { PgTable } from 'drizzle-orm/pg-core'
import {
  entries,
  facts,
  helpers,
  matches,
  people,
  roomSessions,
  seats,
  sideMembers,
  type KeptRows,
} from '../database/schema'
import { tell } from '../matches/live'
import { renamed, tellMade } from '../matches/store'
import { writing, type Within } from '../utils/database'
import { yieldLoop } from '../utils/yieldLoop'
import { roomHere } from '../school/here'
import { takeUndoable } from './keep'

type Row = KeptRows['rows'][number]

/** In the order in which rows can be put back, each with what tells one row from another. */
const TABLES: Readonly<Record<KeptRows['table'], { readonly table: PgTable; readonly key: readonly string[] }>> = {
  people: { table: people, key: ['room', 'id'] },
  matches: { table: matches, key: ['room', 'id'] },
  seats: { table: seats, key: ['room', 'match_id', 'seat'] },
  side_members: { table: sideMembers, key: ['room', 'match_id', 'seat', 'member'] },
  entries: { table: entries, key: ['room', 'match_id', 'number'] },
  facts: { table: facts, key: ['room', 'match_id', 'entry', 'ordinal'] },
  helpers: { table: helpers, key: ['room', 'id'] },
}

/**
 * Puts everything back as it was before something was deleted, merged or forgotten. What was deleted otherwise since then
 * stays so: rows of a match that is gone are left out, and a seat of somebody who is gone is nobody's.
 */
export async function takeBack(id: string): Promise<void> {
  const { kind, kept } = await writing(async (tx) => {
    const row = await takeUndoable(tx, id)
    for (const name of Object.keys(TABLES) as KeptRows['table'][])
      for (const each of row.kept) if (each.table === name) await putBack(tx, each)
    return row
  })
  const ids = new Set(kept.flatMap(({ rows }) => rows.flatMap((row) => (row.match_id as string | undefined) ?? [])))
  if (kind === 'match')
    for (const { rows } of kept.filter(({ table }) => table === 'matches'))
      for (const row of rows) await tellMade(String(row.id))
  else
    for (const match of ids) {
      await renamed(match).catch(() => undefined)
      await yieldLoop()
    }
  tell({ kind: 'many', match: '' })
}

async function putBack(tx: Within, { table: name, columns, rows }: KeptRows): Promise<void> {
  const { table, key } = TABLES[name]
  const fit = await fitting(tx, name, rows)
  if (!fit.length) return
  const named = (columns: readonly string[]) =>
    sql.join(
      columns.map((column) => sql.identifier(column)),
      sql`, `,
    )
  const set = sql.join(
    columns.map((column) => sql`${sql.identifier(column)} = excluded.${sql.identifier(column)}`),
    sql`, `,
  )
  const conflict = columns.length ? sql`(${named(key)}) do update set ${set}` : sql`do nothing`
  await tx.execute(
    sql`insert into ${table} select * from jsonb_populate_recordset(null::${table}, ${JSON.stringify(fit)}::jsonb) on conflict ${conflict}`,
  )
}

/** The rows whose match, person and session are there now. */
async function fitting(tx: Within, name: KeptRows['table'], rows: readonly Row[]): Promise<readonly Row[]> {
  const idsOf = (column: string) => [
    ...new Set(rows.flatMap((row) => (row[column] as string | null | undefined) ?? [])),
  ]
  const there = async (table: typeof people | typeof matches | typeof roomSessions, ids: readonly string[]) =>
    new Set(
      ids.length
        ? (
            await tx
              .select({ id: table.id })
              .from(table)
              .where(inArray(table.id, [...ids]))
          ).map(({ id }) => id)
        : [],
    )
  const [played, known, sessions] = [
    await there(matches, idsOf('match_id')),
    await there(people, idsOf('person_id')),
    await there(roomSessions, idsOf('session_id')),
  ]
  const isThere = (row: Row, column: string, ids: ReadonlySet<string>) =>
    row[column] === undefined || row[column] === null || ids.has(String(row[column]))
  return rows
    .filter((row) => isThere(row, 'match_id', played))
    .filter((row) => name !== 'side_members' || isThere(row, 'person_id', known))
    .map((row) => ({
      ...row,
      room: roomHere(),
      ...(isThere(row, 'person_id', known) ? {} : { person_id: null }),
      ...(isThere(row, 'session_id', sessions) ? {} : { session_id: null }),
    }))
}
