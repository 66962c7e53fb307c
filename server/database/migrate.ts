import { sql } from 'drizzle-orm'
import type { Database } from './client'

export interface Migration {
  readonly tag: string
  readonly sql: string
}

/** Any number that no other program on the same PostgreSQL server is likely to use for its own lock. */
const ADVISORY_LOCK = 720_221_126

/** Applies the migrations that this database has not seen, all in one transaction. Returns their tags. */
export async function migrate(database: Database, migrations: readonly Migration[]): Promise<string[]> {
  return database.transaction(async (tx) => {
    await tx.execute(sql`select pg_advisory_xact_lock(${ADVISORY_LOCK})`)
    await tx.execute(sql`create table if not exists applied_migrations (tag text primary key, at timestamptz not null default now())`)
    const found = (await tx.execute(sql`select tag from applied_migrations`)) as unknown
    const rows = (Array.isArray(found) ? found : (found as { rows: unknown[] }).rows) as { tag: string }[]
    const known = new Set(rows.map((row) => row.tag))
    const applied: string[] = []
    for (const migration of migrations) {
      if (known.has(migration.tag)) continue
      for (const statement of migration.sql.split('--> statement-breakpoint')) if (statement.trim()) await tx.execute(sql.raw(statement))
      await tx.execute(sql`insert into applied_migrations (tag) values (${migration.tag})`)
      applied.push(migration.tag)
    }
    return applied
  })
}
