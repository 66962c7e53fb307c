import { isNotNull, sql } from 'drizzle-orm'
import {
  type AnyPgColumn,
  bigint,
  boolean,
  foreignKey,
  index,
  integer,
  jsonb,
  pgTable,
  pgView,
  primaryKey,
  text,
  uniqueIndex,
} from 'drizzle-orm/pg-core'
import type { NumberFact } from '#core/contract/game'
import type { How } from '#core/contract/plays'
import type { Evidence } from '#core/kernel/facts'
import type { MemberOrder } from '#core/kernel/members'
import type { Asked } from '#core/kernel/predictions'
import type { Aim } from '#core/mastery/aims'
import type { ShownHelp } from '#core/mastery/ladder'
import { at, ofThisRoom, ownedRoom, room } from './ofRoom'
import type { CalledMember, ClockState, RoomClockState, Summary } from '#shared/api'

export { installation, ONE_ROOM, rooms } from './ofRoom'
export { namedRules, rations, settings, undoables, type KeptRows } from './schemaBeside'

/** People who play: first names or nicknames only. */
export const people = pgTable(
  'people',
  {
    room: ownedRoom(),
    id: text('id').notNull(),
    name: text('name').notNull(),
    /** Which pennant they play under, from 1. */
    pennant: integer('pennant').notNull(),
    /** What they work on. */
    aims: jsonb('aims').$type<readonly Aim[]>().notNull().default([]),
    /** The classes they belong to, by name. */
    classes: jsonb('classes').$type<readonly string[]>().notNull().default([]),
    createdAt: at('created_at').notNull().defaultNow(),
  },
  (table) => [primaryKey({ columns: [table.room, table.id] }), ofThisRoom()],
)

/** Whoever knows such a token may look at one board, and nothing else. */
const boardToken = () =>
  text('board_token')
    .notNull()
    .default(sql`replace(gen_random_uuid()::text, '-', '')`)

/** A stretch of play in the room: its tables, its clock and its board belong together until it is ended. */
export const roomSessions = pgTable(
  'room_sessions',
  {
    room: ownedRoom(),
    id: text('id').notNull(),
    clock: jsonb('clock')
      .$type<RoomClockState>()
      .notNull()
      .default({ minutes: null, used: 0, since: null, called: false }),
    boardToken: boardToken(),
    createdAt: at('created_at').notNull().defaultNow(),
    /** Null while it goes on. */
    endedAt: at('ended_at'),
  },
  (table) => [
    primaryKey({ columns: [table.room, table.id] }),
    uniqueIndex('room_sessions_by_board').on(table.room, table.boardToken),
    ofThisRoom(),
  ],
)

export const matches = pgTable(
  'matches',
  {
    room: ownedRoom(),
    id: text('id').notNull(),
    /** The session of the room that it belongs to; null where it was set up by itself. */
    sessionId: text('session_id'),
    game: text('game').notNull(),
    /** What the table is called in the room. */
    name: text('name').notNull().default(''),
    /** As named when the match was set up; defaults are not repeated. */
    houseRules: jsonb('house_rules').$type<Record<string, unknown>>().notNull(),
    first: integer('first').notNull(),
    source: text('source').$type<'table' | 'dealt'>().notNull(),
    seed: jsonb('seed').$type<string | number | null>(),
    opening: jsonb('opening').$type<unknown>(),
    /** The children play on their own: what they are to find is hidden until they have given it. */
    veiled: boolean('veiled').notNull().default(false),
    /** What the room was asked before chance spoke. */
    asked: jsonb('asked').$type<readonly Asked[]>().notNull().default([]),
    /** The drawing that the second screen shows to work on. */
    help: jsonb('help').$type<ShownHelp>(),
    /** The number of the newest entry: what `after` is compared with. */
    last: integer('last').notNull().default(0),
    over: boolean('over').notNull().default(false),
    /** What the list of matches shows, made from the tape with each entry. */
    summary: jsonb('summary').$type<Summary>().notNull(),
    clock: jsonb('clock').$type<ClockState>().notNull().default({ used: 0, since: null }),
    boardToken: boardToken(),
    createdAt: at('created_at').notNull().defaultNow(),
    updatedAt: at('updated_at').notNull().defaultNow(),
  },
  (table) => [
    primaryKey({ columns: [table.room, table.id] }),
    // Of its own room alone; with the room it goes, without its session it stays.
    foreignKey({
      columns: [table.room, table.sessionId],
      foreignColumns: [roomSessions.room, roomSessions.id],
    }).onDelete('set null'),
    index('matches_by_state').on(
      table.room,
      table.over,
      table.updatedAt.desc().nullsFirst(),
      table.id.desc().nullsFirst(),
    ),
    index('matches_by_time').on(table.room, table.updatedAt.desc().nullsFirst(), table.id.desc().nullsFirst()),
    uniqueIndex('matches_by_board').on(table.room, table.boardToken),
    index('matches_by_session').on(table.room, table.sessionId),
    ofThisRoom(),
  ],
)

/** What belongs to a match is of its room, and goes with it. */
const ofMatch = (table: Record<'room' | 'matchId', AnyPgColumn>) =>
  foreignKey({ columns: [table.room, table.matchId], foreignColumns: [matches.room, matches.id] }).onDelete('cascade')

export const seats = pgTable(
  'seats',
  {
    room: room(),
    matchId: text('match_id').notNull(),
    seat: integer('seat').notNull(),
    name: text('name').notNull(),
    pennant: integer('pennant').notNull(),
    personId: text('person_id'),
    /** The members' names, where the seat is a side. */
    members: jsonb('members').$type<readonly string[]>(),
    /** How the members follow each other. */
    memberOrder: text('member_order').$type<MemberOrder>().notNull().default('turns'),
    /** The member whom the referee called in place of the one whose turn it would be. */
    called: jsonb('called').$type<CalledMember>(),
  },
  (table) => [
    primaryKey({ columns: [table.room, table.matchId, table.seat] }),
    ofMatch(table),
    foreignKey({ columns: [table.room, table.personId], foreignColumns: [people.room, people.id] }).onDelete(
      'set null',
    ),
    index('seats_by_person').on(table.room, table.personId),
    ofThisRoom(),
  ],
)

/** Members of sides who are known here, by their place in the side. */
export const sideMembers = pgTable(
  'side_members',
  {
    room: room(),
    matchId: text('match_id').notNull(),
    seat: integer('seat').notNull(),
    /** From 1. */
    member: integer('member').notNull(),
    personId: text('person_id').notNull(),
  },
  (table) => [
    primaryKey({ columns: [table.room, table.matchId, table.seat, table.member] }),
    foreignKey({
      columns: [table.room, table.matchId, table.seat],
      foreignColumns: [seats.room, seats.matchId, seats.seat],
    }).onDelete('cascade'),
    foreignKey({ columns: [table.room, table.personId], foreignColumns: [people.room, people.id] }).onDelete('cascade'),
    index('side_members_by_person').on(table.room, table.personId),
    ofThisRoom(),
  ],
)

/** Which people sat where, alone or as members of a side. */
export const whoSat = pgView('who_sat').as((query) =>
  query
    .select({ matchId: seats.matchId, seat: seats.seat, personId: seats.personId })
    .from(seats)
    .where(isNotNull(seats.personId))
    .unionAll(
      query
        .select({ matchId: sideMembers.matchId, seat: sideMembers.seat, personId: sideMembers.personId })
        .from(sideMembers),
    ),
)

export const entries = pgTable(
  'entries',
  {
    room: room(),
    matchId: text('match_id').notNull(),
    number: integer('number').notNull(),
    /** Made by the client, so that sending again never records twice. */
    clientId: text('client_id').notNull(),
    entry: jsonb('entry').$type<unknown>().notNull(),
    at: at('at').notNull().defaultNow(),
  },
  (table) => [
    primaryKey({ columns: [table.room, table.matchId, table.number] }),
    ofMatch(table),
    uniqueIndex('entries_by_client_id').on(table.room, table.matchId, table.clientId),
    ofThisRoom(),
  ],
)

/** The number facts that each entry practised, for looking back; they follow every correction of the tape. */
export const facts = pgTable(
  'facts',
  {
    room: room(),
    matchId: text('match_id').notNull(),
    entry: integer('entry').notNull(),
    ordinal: integer('ordinal').notNull(),
    seat: integer('seat').notNull(),
    /** Forgetting a person forgets what they practised; a seat without a person is nobody's in particular. */
    personId: text('person_id'),
    operation: text('operation').$type<NumberFact['operation']>().notNull(),
    terms: jsonb('terms').$type<readonly number[]>().notNull(),
    // A number said may be any whole number, however wrong.
    answer: bigint('answer', { mode: 'number' }).notNull(),
    said: bigint('said', { mode: 'number' }),
    right: boolean('right').notNull(),
    how: text('how').$type<How>(),
    /** Null where it was kept before this was known: `readFactsAnew` reads the tape once more. */
    evidence: text('evidence').$type<Evidence>(),
    at: at('at').notNull().defaultNow(),
  },
  (table) => [
    primaryKey({ columns: [table.room, table.matchId, table.entry, table.ordinal] }),
    ofMatch(table),
    foreignKey({ columns: [table.room, table.personId], foreignColumns: [people.room, people.id] }).onDelete('cascade'),
    index('facts_by_person').on(table.room, table.personId, table.at),
    index('facts_unread')
      .on(table.room, table.matchId)
      .where(sql`${table.evidence} is null`),
    ofThisRoom(),
  ],
)

/** Devices that may record at one table: by a code, of which only the hash is kept, until the table or its session ends. */
export const helpers = pgTable(
  'helpers',
  {
    room: room(),
    id: text('id').notNull(),
    matchId: text('match_id').notNull(),
    code: text('code').notNull(),
    createdAt: at('created_at').notNull().defaultNow(),
    /** When the code was given for the first time. */
    cameAt: at('came_at'),
  },
  (table) => [
    primaryKey({ columns: [table.room, table.id] }),
    ofMatch(table),
    uniqueIndex('helpers_by_code').on(table.room, table.code),
    index('helpers_by_match').on(table.room, table.matchId),
    ofThisRoom(),
  ],
)
