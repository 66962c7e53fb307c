import { sql } from 'drizzle-orm'
import { rowsOf } from './rows'

test.each([
  ['a list, as the PostgreSQL driver gives it', [{ n: 1 }]],
  ['rows in a result, as PGlite gives them', { rows: [{ n: 1 }], affectedRows: 0 }],
])('%s', async (_, found) => {
  const database = { execute: async () => found } as unknown as Parameters<typeof rowsOf>[0]
  expect(await rowsOf(database, sql`select 1`)).toEqual([{ n: 1 }])
})
