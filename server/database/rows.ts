import type { SQL } from 'drizzle-orm'
import type { Database } from './drizzled'

/** The rows of a query written as SQL, within a transaction or not. The two drivers give them in different wrappings. */
export async function rowsOf<T>(database: Pick<Database, 'execute'>, query: SQL): Promise<T[]> {
  const found: unknown = await database.execute(query)
  return (Array.isArray(found) ? found : (found as { rows: unknown[] }).rows) as T[]
}
