import * as z from 'zod'
import type { CommonRules } from '#core/contract/commonRules'

/** Whole numbers of the house rules lie within this. */
export const FAR = 10_000
const number = z.int().min(-FAR).max(FAR)

/** Signs of a calculation, as house rules name them. */
const SIGN_NAMES = ['add', 'subtract', 'times', 'divide'] as const
export type SignName = (typeof SIGN_NAMES)[number]

const dice = z.strictObject({ kind: z.literal('dice'), sides: z.array(z.int().min(2).max(100)).min(1).max(8) })
const spinner = z.strictObject({
  kind: z.literal('spinner'),
  faces: z.array(z.int().min(-1000).max(1000)).min(2).max(24),
  spins: z.int().min(1).max(4),
})
const cards = z.strictObject({
  kind: z.literal('cards'),
  pack: z
    .strictObject({ low: z.int().min(0).max(100), high: z.int().min(0).max(100), copies: z.int().min(1).max(12) })
    .refine(({ low, high }) => low <= high, { path: ['high'] }),
  draw: z.int().min(1).max(6),
})

const MAKES = ['sum', 'product', 'largest', 'smallest', 'difference', 'number', 'calculation'] as const
const way = z.strictObject({ makes: z.enum(MAKES), does: z.enum(['add', 'take']) })
export type Way = z.output<typeof way>

const is = <T extends string>(kind: T) => z.strictObject({ is: z.literal(kind) })
const isN = <T extends string>(kind: T, n: z.ZodInt = number) => z.strictObject({ is: z.literal(kind), n })
const multiple = z.int().min(2).max(FAR)
const when = z.discriminatedUnion('is', [
  is('same'),
  isN('has'),
  isN('all'),
  isN('result'),
  isN('multiple', multiple),
  isN('over'),
  isN('under'),
  is('even'),
  is('odd'),
  isN('on'),
  isN('on-multiple', multiple),
  is('on-other'),
])
export type When = z.output<typeof when>

const does = <T extends string>(kind: T) => z.strictObject({ do: z.literal(kind) })
const then = z.discriminatedUnion('do', [
  z.strictObject({ do: z.literal('points'), n: number.refine((n) => n !== 0) }),
  does('again'),
  does('end-turn'),
  does('miss'),
  does('nothing'),
  does('double'),
  does('opposite'),
  does('bust'),
  does('lose-all'),
  z.strictObject({ do: z.literal('go-to'), n: number }),
  does('send-back'),
])
export type Then = z.output<typeof then>
const special = z.strictObject({ when, then })
export type Special = z.output<typeof special>

const track = z.strictObject({
  from: number,
  to: number,
  start: number,
  past: z.enum(['stay', 'stop-there', 'turn-back', 'round', 'start-again']).default('stay'),
  gives: z.array(number).max(1001).optional(),
})
export type Track = z.output<typeof track>

/** No two alike. */
const unlike = (list: readonly unknown[]) => new Set(list.map((each) => JSON.stringify(each))).size === list.length

const yesNo = { true: 'Yes', false: 'No' }

export const houseRules = z.object({
  title: z
    .string()
    .min(1)
    .max(40)
    .default('Our game')
    .meta({ label: 'Title', hint: 'What the game is called.', changeable: true }),
  rule: z.string().max(400).default('').meta({
    label: 'To remember',
    hint: 'What else this table wants to remember. It is never judged.',
    changeable: true,
  }),
  brings: z
    .discriminatedUnion('kind', [dice, spinner, cards])
    .default({ kind: 'dice', sides: [6, 6] })
    .meta({ label: 'A throw', hint: 'What a throw brings: dice, a spinner or cards.' }),
  ways: z
    .array(way)
    .min(1)
    .max(4)
    .refine(unlike)
    .default([{ makes: 'sum', does: 'add' }])
    .meta({ label: 'Ways', hint: 'What is worked out of a throw, and what that does.' }),
  signs: z
    .array(z.enum(SIGN_NAMES))
    .min(1)
    .max(4)
    .refine((signs) => unlike(signs) && !(signs.length === 1 && signs[0] === 'divide'))
    .default([...SIGN_NAMES])
    .meta({ label: 'Signs', hint: 'The signs agreed for number sentences.' }),
  useAll: z
    .boolean()
    .default(true)
    .meta({ label: 'All numbers', hint: 'Whether a number sentence must use all of them.', choices: yesNo }),
  scoring: z
    .enum(['gains', 'distance', 'best-of-round'])
    .default('gains')
    .meta({
      label: 'Scoring',
      hint: 'What a result is for.',
      choices: { gains: 'Added or taken', distance: 'Distance from a target', 'best-of-round': 'Best of the round' },
    }),
  target: number
    .nullable()
    .default(null)
    .meta({ label: 'Target', hint: 'What results should come near to.', none: 'None', suggest: 50 }),
  better: z
    .enum(['higher', 'lower', 'nearest'])
    .default('higher')
    .meta({
      label: 'Best of a round',
      hint: 'Which result of a round is best.',
      choices: { higher: 'The highest', lower: 'The lowest', nearest: 'The nearest to the target' },
    }),
  worth: z
    .enum(['one', 'result'])
    .default('one')
    .meta({
      label: 'It is worth',
      hint: 'What the best result of a round scores.',
      choices: { one: 'A point', result: 'Itself' },
    }),
  tied: z
    .enum(['nobody', 'all'])
    .default('nobody')
    .meta({ label: 'Level in a round', hint: 'Who scores then.', choices: { nobody: 'Nobody', all: 'All of them' } }),
  throws: z
    .union([z.int().min(1).max(10), z.literal('choice')])
    .default(1)
    .meta({
      label: 'Throws a turn',
      hint: 'Or as many as one likes: what they make lies in a pot until one stops.',
      choices: { choice: 'As many as one likes' },
      suggest: 1,
    }),
  start: number.default(0).meta({ label: 'Points at the start', hint: 'What everybody begins with.' }),
  floor: number
    .nullable()
    .default(0)
    .meta({ label: 'Floor', hint: 'Points never fall below it.', none: 'None: below zero too', suggest: 0 }),
  track: track
    .nullable()
    .default(null)
    .meta({ label: 'Track', hint: 'A line of places that markers move along.', none: 'No track' }),
  counts: z
    .enum(['place', 'points'])
    .default('points')
    .meta({
      label: 'What counts',
      hint: 'The place reached, or points.',
      choices: { place: 'The place', points: 'Points' },
    }),
  specials: z
    .array(special)
    .max(10)
    .default([])
    .meta({ label: 'Specials', hint: 'When something happens, what that does.' }),
  rounds: z
    .int()
    .min(1)
    .max(100)
    .nullable()
    .default(10)
    .meta({ label: 'Rounds', hint: 'After so many the match is over.', none: 'None', suggest: 10, changeable: true }),
  goal: number
    .nullable()
    .default(null)
    .meta({ label: 'Goal', hint: 'The score that ends the match.', none: 'None', suggest: 100, changeable: true }),
  reach: z
    .enum(['at-least', 'exactly'])
    .default('at-least')
    .meta({
      label: 'The goal is reached',
      hint: 'As far or farther, or exactly.',
      choices: { 'at-least': 'As far or farther', exactly: 'Exactly' },
    }),
  finish: z
    .enum(['at-once', 'even-turns'])
    .default('at-once')
    .meta({
      label: 'The end',
      hint: 'When somebody reaches the goal.',
      choices: { 'at-once': 'At once', 'even-turns': 'After even turns' },
      changeable: true,
    }),
  wins: z
    .enum(['most', 'fewest', 'nearest'])
    .default('most')
    .meta({
      label: 'Who wins',
      hint: 'By points or places.',
      choices: { most: 'The most', fewest: 'The fewest', nearest: 'The nearest to the goal' },
    }),
  asks: z
    .enum(['result', 'score', 'nothing'])
    .default('result')
    .meta({
      label: 'What is said',
      hint: 'What the child works out aloud.',
      choices: { result: 'The result', score: 'The new score', nothing: 'Nothing' },
    }),
})
export type OwnRules = CommonRules & Readonly<z.output<typeof houseRules>>

/** How many numbers a throw brings together. */
export function bringsOf({ brings }: Pick<OwnRules, 'brings'>): number {
  return brings.kind === 'dice' ? brings.sides.length : brings.kind === 'spinner' ? brings.spins : brings.draw
}

/** The least and the most that one of the numbers may be. */
export function facesOfBrings({ brings }: Pick<OwnRules, 'brings'>): { readonly low: number; readonly high: number } {
  if (brings.kind === 'dice') return { low: 1, high: Math.max(...brings.sides) }
  if (brings.kind === 'spinner') return { low: Math.min(...brings.faces), high: Math.max(...brings.faces) }
  return brings.pack
}

/** What goes with other rules: no rounds where a goal ends the match, the place counts where there is a track. */
export function defaults(named: Readonly<Record<string, unknown>>): Readonly<Record<string, unknown>> {
  const ends = named.goal !== undefined && named.goal !== null && named.wins !== 'nearest'
  const tracked = named.track !== undefined && named.track !== null
  return { ...(ends ? { rounds: null } : {}), ...(tracked ? { counts: 'place' } : {}) }
}
