import { sql } from 'drizzle-orm'
import { bigint, index, integer, jsonb, pgTable, primaryKey, text, uniqueIndex } from 'drizzle-orm/pg-core'
import type { UndoableKind } from '#shared/api'
import { at, ofThisRoom, ownedRoom } from './ofRoom'

/** Rows of one table as they were. */
export interface KeptRows {
  readonly table: 'people' | 'matches' | 'seats' | 'side_members' | 'entries' | 'facts' | 'helpers'
  /** Columns that are put back where the row is still there; without any such a row stays as it is now. */
  readonly columns: readonly string[]
  readonly rows: readonly Readonly<Record<string, unknown>>[]
}

/** House rules under a name, offered with a game's presets. */
export const namedRules = pgTable(
  'named_rules',
  {
    room: ownedRoom(),
    id: text('id').notNull(),
    game: text('game').notNull(),
    name: text('name').notNull(),
    /** As named: defaults are not repeated. */
    houseRules: jsonb('house_rules').$type<Record<string, unknown>>().notNull(),
    /** Counts up whenever other rules are kept under the name. */
    version: integer('version').notNull().default(1),
    createdAt: at('created_at').notNull().defaultNow(),
  },
  (table) => [
    primaryKey({ columns: [table.room, table.id] }),
    uniqueIndex('named_rules_by_name').on(table.room, table.game, sql`lower(${table.name})`),
    ofThisRoom(),
  ],
)

/** What was deleted, merged or forgotten: the rows as they were, for a day in which that can be taken back. */
export const undoables = pgTable(
  'undoables',
  {
    room: ownedRoom(),
    id: text('id').notNull(),
    kind: text('kind').$type<UndoableKind>().notNull(),
    /** What was done, in a sentence. */
    says: text('says').notNull(),
    kept: jsonb('kept').$type<readonly KeptRows[]>().notNull(),
    at: at('at').notNull().defaultNow(),
  },
  (table) => [
    primaryKey({ columns: [table.room, table.id] }),
    index('undoables_by_time').on(table.room, table.at),
    ofThisRoom(),
  ],
)

/** Small facts about a room: whether the demo was loaded, the passcode's hash, the time zone. */
export const settings = pgTable(
  'settings',
  {
    room: ownedRoom(),
    key: text('key').notNull(),
    value: jsonb('value').$type<unknown>().notNull(),
  },
  (table) => [primaryKey({ columns: [table.room, table.key] }), ofThisRoom()],
)

/** Tries at a secret by address, counted for all servers on one database; the columns are those of rate-limiter-flexible. */
export const rations = pgTable('rations', {
  key: text('key').primaryKey(),
  points: integer('points').notNull().default(0),
  /** In milliseconds since 1970. */
  expire: bigint('expire', { mode: 'number' }),
})
