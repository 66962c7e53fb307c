import * as z from 'zod'

/** How a player explained an answer, as the referee tags it. */
export const HOWS = [
  'knew-it',
  'counted-on',
  'made-ten',
  'near-double',
  'skip-counted',
  'drew-it',
  'counted-back',
  'doubled',
  'tens-and-ones',
  'used-an-aid',
  'other',
  'passed',
] as const
export type How = (typeof HOWS)[number]

/** What may come with any play: that it was explained, and how. */
export interface Explained {
  readonly explained?: boolean
  readonly how?: How
}

/** What every play has. Plays that nobody in particular makes (a card dealt) carry no `by`. */
export interface BasePlay extends Explained {
  readonly do: string
  readonly by?: number
  /** What was said, of the game's own kind: a number, or one for each card. */
  readonly said?: number | readonly number[]
  /** The member who played, where the seat is a side; from 1. */
  readonly who?: number
}

/** A whole number; range is the game's business, so that it can give its own reason. */
export const whole = z.int()

/** A member of a side. */
const MEMBER = whole.optional()

/** More things than lie on any table. */
const MOST_LISTED = 500

/** A list in a play or opening: bounded, so that no slip is as long as a book. */
export const listOf = <T extends z.ZodType>(each: T) => z.array(each).max(MOST_LISTED)

/** Fields that may come with any play. */
export const explanation = { explained: z.boolean().optional(), how: z.enum(HOWS).optional() }

/** The shape of one kind of play: the fields given, those that may come with any play, and nothing else. */
export function playShape<K extends string, F extends z.ZodRawShape>(kind: K, fields: F) {
  // A play that nobody in particular makes has no member who made it.
  const member = ('by' in fields ? { who: MEMBER } : {}) as { who?: typeof MEMBER }
  return z.strictObject({ do: z.literal(kind), ...fields, ...member, ...explanation })
}
