import { readdirSync, readFileSync } from 'node:fs'
import { is } from 'drizzle-orm'
import { getTableConfig, PgTable } from 'drizzle-orm/pg-core'
import * as schema from './schema'

const FOLDER = 'server/assets/migrations'
const migrations = readdirSync(FOLDER)
  .filter((name) => name.endsWith('.sql'))
  .sort()
  .map((name) => ({ name, sql: readFileSync(`${FOLDER}/${name}`, 'utf8') }))
const all = migrations.map(({ sql }) => sql).join('\n')
const tables = Object.values(schema).flatMap((each) => (is(each, PgTable) ? [getTableConfig(each)] : []))
/** What belongs to no room. */
const OF_NONE = ['installation', 'rations', 'rooms']

test('every table is of a room, but for those that are of none', () => {
  const without = tables.filter(({ columns }) => !columns.some(({ name }) => name === 'room'))
  expect(without.map(({ name }) => name).sort()).toEqual(OF_NONE)
})

test.each(tables.filter(({ name }) => !OF_NONE.includes(name)).map((table) => [table.name, table] as const))(
  '%s: its policy binds its owner too, its keys begin with the room, and no key leads into another one',
  (name, { policies, primaryKeys, foreignKeys, indexes }) => {
    expect(policies.map((policy) => policy.name)).toEqual(['of_this_room'])
    expect(all).toContain(`ALTER TABLE "${name}" FORCE ROW LEVEL SECURITY`)
    expect(all).toContain(`CREATE POLICY "of_this_room" ON "${name}"`)
    for (const { columns } of primaryKeys) expect(columns[0]!.name).toBe('room')
    for (const each of indexes) expect((each.config.columns[0] as { name: string }).name).toBe('room')
    for (const key of foreignKeys) {
      const { columns, foreignColumns } = key.reference()
      expect([columns[0]!.name, foreignColumns[0]!.name]).toEqual(['room', columns.length > 1 ? 'room' : 'id'])
    }
  },
)

// Servers of one version and the next stand side by side while they are started anew, one after another.
test.each(migrations.slice(16))(
  '$name takes nothing away that a server of the version before asks for, or says so',
  ({ sql }) => {
    const takes = /\b(DROP (TABLE|COLUMN|VIEW|CONSTRAINT)|RENAME|SET NOT NULL|SET DATA TYPE)\b/i.test(sql)
    expect(sql.startsWith('-- All servers are stopped for this:')).toBe(takes)
  },
)
