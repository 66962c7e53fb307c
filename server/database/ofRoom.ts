import { sql } from 'drizzle-orm'
import { jsonb, pgPolicy, pgTable, text, timestamp } from 'drizzle-orm/pg-core'

/** A moment, as the database writes it. */
export const at = (name: string) => timestamp(name, { withTimezone: true, mode: 'string' })

/** The room of a database that has one only. */
export const ONE_ROOM = 'one'

/** Rooms, none of which sees anything of another. A database has one, or those of a school. */
export const rooms = pgTable('rooms', {
  id: text('id').primaryKey(),
  name: text('name').notNull().default(''),
  createdAt: at('created_at').notNull().defaultNow(),
  /** When somebody was let in last. */
  usedAt: at('used_at'),
  /** Nobody is let in any more; nothing of it is lost. */
  closedAt: at('closed_at'),
})

/** What belongs to no room: the key that cookies are sealed with, the keeper's passcode. */
export const installation = pgTable('installation', {
  key: text('key').primaryKey(),
  value: jsonb('value').$type<unknown>().notNull(),
})

/** Whose a row is: the room that is set for the transaction, so that no query has to name it. */
export const room = () =>
  text('room')
    .notNull()
    .default(sql`current_setting('nimble.room')`)

/** The same for what belongs to the room itself: it goes with the room. */
export const ownedRoom = () => room().references(() => rooms.id, { onDelete: 'cascade' })

/** Behind every query stand the rows of the room that is set, and no others, whatever a `where` forgets. */
export const ofThisRoom = () => {
  const same = sql`room = current_setting('nimble.room', true)`
  return pgPolicy('of_this_room', { for: 'all', using: same, withCheck: same })
}
