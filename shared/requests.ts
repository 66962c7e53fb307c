import * as z from 'zod'
import { namedRulesFields } from '#core/format/namedRules'
import { isoOfDatabase, moment } from '#core/basics/moment'
import { PENNANT_COUNT } from '#core/basics/pennants'
import { MOST_MEMBERS } from '#core/contract/table'
import { MEMBER_ORDERS } from '#core/kernel/members'
import { askedShape } from '#core/kernel/predictions'
import { aimsShape } from '#core/mastery/aims'
import { isDay } from '#core/basics/calendar'
import { classesShape, classShape } from '#core/room/classes'
import { MOST_NAMES } from '#core/room/nameBounds'
import { AIDS } from '#core/mastery/ladder'
import { RUNGS } from '#core/mastery/rungs'
import { saysPlainly } from '#core/wording/issues'

saysPlainly()

/** Shapes of requests: every field bounded. */
const personName = z.string().trim().min(1, 'A name is missing.').max(40, 'A name has at most 40 letters.')
const tableName = z.string().trim().max(40)
const pennant = z.int().min(1).max(PENNANT_COUNT)

export const newMatchShape = z.strictObject({
  game: z.string().max(60),
  houseRules: z.record(z.string().max(60), z.unknown()).default({}),
  seats: z
    .array(
      z.strictObject({
        name: personName,
        pennant,
        personId: z.string().max(40).nullable().default(null),
        members: z.array(personName).min(1).max(MOST_MEMBERS).nullable().optional(),
        memberOrder: z.enum(MEMBER_ORDERS).optional(),
      }),
    )
    .min(1)
    .max(8),
  first: z.int(),
  /** What the table is called in the room. */
  name: tableName.default(''),
  /** The match whose board this one takes over, so that a projector goes on by itself. */
  boardOf: z
    .string()
    .regex(/^[\w-]{1,40}$/)
    .nullable()
    .default(null),
  source: z.enum(['table', 'dealt']).default('table'),
  seed: z.union([z.string().max(200), z.number(), z.null()]).default(null),
  opening: z.unknown().default(null),
  /** The children play on their own: what they are to find is hidden until they have given it. */
  veiled: z.boolean().default(false),
})

export type NewMatch = z.output<typeof newMatchShape>

/** All the tables of a room at once. */
export const tablesShape = z.strictObject({ tables: z.array(newMatchShape).min(1).max(24) })

export const appendShape = z.strictObject({
  id: z.string().regex(/^[\w-]{8,64}$/),
  after: z.int().min(0).max(1e9),
  entry: z.record(z.string(), z.unknown()),
})

/** How the members of a side follow each other, and whom the referee called for the play after so many. */
const changedSide = z.strictObject({
  seat: z.int().min(1).max(64),
  memberOrder: z.enum(MEMBER_ORDERS).optional(),
  called: z
    .strictObject({ who: z.int().min(1).max(MOST_MEMBERS), played: z.int().min(0).max(1e9) })
    .nullable()
    .optional(),
})
export type ChangedSide = z.output<typeof changedSide>

/** What is changed during a match: names of the table and of players by seat, who of a side is next, and the veil. */
export const changedMatchShape = z
  .strictObject({
    name: tableName.optional(),
    seats: z
      .array(z.strictObject({ seat: z.int().min(1).max(64), name: personName }))
      .max(64)
      .optional(),
    sides: z.array(changedSide).max(8).optional(),
    veiled: z.boolean().optional(),
    /** Who begins, as long as nothing was played. */
    first: z.int().min(1).max(64).optional(),
  })
  .refine(
    ({ name, seats, sides, veiled, first }) =>
      seats?.length || sides?.length || [name, veiled, first].some((value) => value !== undefined),
    'There is nothing to change.',
  )
/** A question that the room was asked and the hands counted; without hands it is taken back. */
export const changedAskedShape = askedShape.extend({ hands: askedShape.shape.hands.nullable() })

/** The drawing that a second screen shows; null for none. */
export const shownHelpShape = z.strictObject({
  help: z
    .strictObject({
      after: z.int().min(0).max(1e9),
      terms: z
        .array(z.strictObject({ sign: z.enum(['+', '-', '×']), value: z.int().min(0).max(100_000) }))
        .min(2)
        .max(40),
      drawing: z.enum(AIDS),
      rung: z.enum(RUNGS),
      work: z.array(z.int().min(-1000).max(1000)).max(60),
    })
    .nullable(),
})
export type ChangedMatch = z.output<typeof changedMatchShape>

export const newPersonShape = z.strictObject({ name: personName, pennant: pennant.optional() })
export const changedPersonShape = z
  .strictObject({
    name: personName.optional(),
    pennant: pennant.optional(),
    aims: aimsShape.optional(),
    classes: classesShape.optional(),
    merge: z.boolean().optional(),
  })
  .refine(
    ({ merge: _, ...changes }) => Object.values(changes).some((value) => value !== undefined),
    'There is nothing to change.',
  )

/** A list of people at once: names of new ones, those of it who are known already, and the class that all of them join. */
export const peopleListShape = z
  .strictObject({
    names: z.array(personName).max(MOST_NAMES),
    known: z.array(z.string().min(1).max(64)).max(MOST_NAMES).default([]),
    of: classShape.nullable().default(null),
  })
  .refine(({ names, known }) => names.length + known.length > 0, 'Nobody is in the list.')

export const namedRulesShape = z.strictObject(namedRulesFields)
export const changedRulesShape = z
  .strictObject({ name: namedRulesFields.name.optional(), houseRules: namedRulesFields.houseRules.optional() })
  .refine((changes) => changes.name !== undefined || changes.houseRules !== undefined, 'There is nothing to change.')

/** The room's time zone; null for the server's own. */
export const zoneShape = z.strictObject({ zone: z.string().min(1).max(60).nullable() })

/** Everything older than so many months. */
export const forgetShape = z.strictObject({ months: z.coerce.number().int().min(0).max(240) })

/** So many people by id at most, with commas between, nobody twice. */
const idsShape = (most: number) =>
  z
    .string()
    .max(2000)
    .default('')
    .transform((text) => [...new Set(text.split(',').filter((id) => /^[\w-]{1,40}$/.test(id)))])
    .refine((ids) => ids.length <= most, `${most} people at most.`)

/** Everybody in a room. */
export const roomShape = idsShape(64)

/** A day of the calendar, or none. */
const dayOrNone = z
  .string()
  .refine((text) => text === '' || isDay(text), 'A day is written as 2026-11-28.')
  .default('')

/** What the logbook is asked for: people who all sat there, a class of which somebody did, game, name of the table, days, words. */
export const loggedShape = z
  .object({
    // As many as sit at one table.
    who: idsShape(8),
    of: z.union([classShape, z.literal('')]).default(''),
    game: z.string().max(60).default(''),
    table: tableName.default(''),
    from: dayOrNone,
    to: dayOrNone,
    q: z.string().trim().max(60).default(''),
  })
  .refine(({ from, to }) => !from || !to || from <= to, { error: 'The first day comes after the last.', path: ['to'] })
export type Logged = z.output<typeof loggedShape>

/** Where a page of a list ended: its `next`. */
export const placeShape = z
  .string()
  .regex(/^[^~]{10,40}~[\w-]{1,40}$/)
  .transform((text) => ({ at: text.split('~')[0]!, id: text.split('~')[1]! }))
  .refine(({ at }) => moment.safeParse(isoOfDatabase(at)).success, 'That is no place in a list.')

/** A stretch of time, at most a month: from a moment until before another, ISO 8601. */
export const betweenShape = z
  .object({ from: moment, to: moment })
  .refine(
    ({ from, to }) => Date.parse(from) < Date.parse(to) && Date.parse(to) - Date.parse(from) <= 31 * 86_400_000,
    'The first moment comes before the last, a month before it at most.',
  )

/** The same, with the names of those who told their ways where that is wished. */
export const toldWaysShape = betweenShape.and(z.object({ names: z.enum(['0', '1']).default('0') }))

/** A match’s clock; `later` lets the whole match rest until somebody comes `back` to it. */
export const clockShape = z.strictObject({ do: z.enum(['start', 'pause', 'reset', 'later', 'back']) })
/** The room's clock: `set` gives it so many minutes anew, `more` so many on top of what is left. */
export const roomClockShape = z.discriminatedUnion('do', [
  z.strictObject({ do: z.enum(['start', 'pause']) }),
  z.strictObject({ do: z.enum(['set', 'more']), minutes: z.int().min(1).max(180) }),
])
export type RoomClockAct = z.output<typeof roomClockShape>
export const passcodeShape = z.strictObject({
  passcode: z.string().trim().min(1, 'The passcode is missing.').max(200, 'No passcode is that long.'),
  /** Its code, where there are several. */
  room: z.string().trim().max(40, 'No room has a code that long.').optional(),
})
export const roomNameShape = z.strictObject({
  name: z.string().trim().min(1, 'The name is missing.').max(60, 'At most 60 letters.'),
})
export const changedRoomShape = z.strictObject({ ...roomNameShape.partial().shape, closed: z.boolean().optional() })
export const roomSearchShape = z.object({ q: z.string().trim().max(60).default('') })
export const helperCodeShape = z.strictObject({
  code: z.string().trim().min(1, 'The code is missing.').max(200, 'No code is that long.'),
})
