import { eq, getTableName, lt, sql, type SQL } from 'drizzle-orm'
import type { PgTable } from 'drizzle-orm/pg-core'
import { nanoid } from 'nanoid'
import type { Undoable, UndoableKind } from '#shared/api'
import { rowsOf } from '../database/rows'
import { undoables, type KeptRows } from '../database/schema'
import { theDatabase, writing, type Within } from '../utils/database'
import { noSuchUndoable } from './refused'

/** Milliseconds in which something can be taken back; then it is final. */
const REGRET_MS = 24 * 3_600_000
/** Taken back by touch: the newest ones are offered. */
const MOST_LISTED = 50

/** Rows of a table as they are now; `columns` are put back where a row is still there. */
export async function rowsNow(tx: Within, table: PgTable, where: SQL, columns: readonly string[] = []) {
  const rows = await rowsOf<{ row: Readonly<Record<string, unknown>> }>(
    tx,
    sql`select to_jsonb(${table}) as row from ${table} where ${where}`,
  )
  return { table: getTableName(table) as KeptRows['table'], columns, rows: rows.map(({ row }) => row) }
}

interface Act {
  readonly kind: UndoableKind
  readonly says: string
  readonly kept: readonly KeptRows[]
}

/** Keeps what an act is about to change, within its transaction; what is older than a day goes for good. */
export async function keepUndoable(tx: Within, { kind, says, kept }: Act): Promise<string> {
  const id = nanoid(12)
  await tx.delete(undoables).where(over())
  await tx.insert(undoables).values({ id, kind, says, kept })
  return id
}

const over = () => lt(undoables.at, new Date(Date.now() - REGRET_MS).toISOString())

/** Makes final what can be taken back no more. */
export async function dropFinal(): Promise<void> {
  await writing((tx) => tx.delete(undoables).where(over()), { frees: true })
}

/** What can be taken back, the newest first. */
export async function listUndoables(): Promise<Undoable[]> {
  const database = await theDatabase()
  const rows = await database
    .select({ id: undoables.id, kind: undoables.kind, says: undoables.says, at: undoables.at })
    .from(undoables)
    .where(sql`not (${over()})`)
    .orderBy(sql`${undoables.at} desc`)
    .limit(MOST_LISTED)
  return rows.map((row) => ({ ...row, at: new Date(row.at).toISOString() }))
}

/** Whoever is forgotten is so in what can be taken back too: what names them there is final. */
export async function dropNaming(tx: Within, person: { readonly id: string; readonly name: string }): Promise<void> {
  const holding = (text: string) => `%${text.replace(/[\\%_]/g, '\\$&')}%`
  const [id, name] = [holding(JSON.stringify(person.id)), holding(JSON.stringify(person.name))]
  // Of whoever others were merged into, only the sentence speaks.
  await tx
    .delete(undoables)
    .where(
      sql`${undoables.kept}::text like ${id} or ${undoables.kept}::text ilike ${name} or (${undoables.kind} = 'merge' and ${undoables.says} ilike ${holding(person.name)})`,
    )
}

/** Takes one out of those that can be taken back; refused where it is final, or was taken back already. */
export async function takeUndoable(tx: Within, id: string) {
  const [row] = await tx.delete(undoables).where(eq(undoables.id, id)).returning()
  if (!row || Date.now() - Date.parse(row.at) > REGRET_MS) throw noSuchUndoable()
  return row
}
