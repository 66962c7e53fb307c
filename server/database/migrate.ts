import { sql } from 'drizzle-orm'
import type { Database } from './drizzled'
import { rowsOf } from './rows'

export interface Migration {
  readonly tag: string
  readonly sql: string
}

/** Any number that no other program on the same PostgreSQL server is likely to use for its own lock. */
const ADVISORY_LOCK = 720_221_126

/**
 * Applies the migrations that this database has not seen, all in one transaction. Returns their tags. `before` is done
 * first where a database that has data already is about to change: a backup.
 */
export async function migrate(
  database: Database,
  migrations: readonly Migration[],
  before: (tag: string) => Promise<void> = async () => {},
): Promise<string[]> {
  const seen = await seenBy(database)
  const first = migrations.find(({ tag }) => !seen.has(tag))
  if (first && seen.size) await before(first.tag)
  return database.transaction(async (tx) => {
    await tx.execute(sql`select pg_advisory_xact_lock(${ADVISORY_LOCK})`)
    await tx.execute(
      sql`create table if not exists applied_migrations (tag text primary key, at timestamptz not null default now())`,
    )
    const known = await tagsIn(tx)
    const applied: string[] = []
    for (const migration of migrations) {
      if (known.has(migration.tag)) continue
      for (const statement of migration.sql.split('--> statement-breakpoint'))
        if (statement.trim()) await tx.execute(sql.raw(statement))
      await tx.execute(sql`insert into applied_migrations (tag) values (${migration.tag})`)
      applied.push(migration.tag)
    }
    return applied
  })
}

/** The tags that were applied already; none where the database is new. */
async function seenBy(database: Database): Promise<ReadonlySet<string>> {
  const [there] = await rowsOf<{ name: string | null }>(
    database,
    sql`select to_regclass('applied_migrations')::text as name`,
  )
  return there?.name ? tagsIn(database) : new Set()
}

async function tagsIn(database: Pick<Database, 'execute'>): Promise<ReadonlySet<string>> {
  return new Set(
    (await rowsOf<{ tag: string }>(database, sql`select tag from applied_migrations`)).map(({ tag }) => tag),
  )
}
