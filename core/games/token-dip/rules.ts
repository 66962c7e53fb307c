import { itemAt } from '#core/basics/lists'
import * as z from 'zod'
import type { NoteOf } from '#core/contract/codes'
import type { CommonRules } from '#core/contract/commonRules'
import type { Awaits, End, Timing, Progress, Seating } from '#core/contract/game'
import type { DipCodes } from '#core/games/token-dip/codes'
import { countOf } from '#core/kit/pack'
import { playShape, whole, type Explained } from '#core/contract/plays'
import { problem, type CommonProblem } from '#core/contract/problem'
import { everySeat, ofSeat, withSeat } from '#core/kit/seats'
import { awarded, inTurn, leadOf, openTurns, passTurn, turnsProgress, type Turns } from '#core/kit/turns'
import { refuse, type GameVerdict } from '#core/contract/verdict'
import { changed } from '#core/contract/working'

const tokenName = z.string().min(1).max(30)
/** The name of a token in a play; which there are, the house rules say. */
const namedToken = z.string().max(60)

export const houseRules = z.object({
  key: z
    .array(z.strictObject({ token: tokenName, worth: z.int().min(-1000).max(1000) }))
    .min(1)
    .max(24)
    .default([
      { token: 'coral', worth: 3 },
      { token: 'amber', worth: 6 },
      { token: 'teal', worth: 1 },
      { token: 'plum', worth: 10 },
      { token: 'slate', worth: 15 },
      { token: 'white', worth: 0 },
    ])
    .meta({ label: 'Key', hint: 'What each token is worth.', parts: { name: 'token', number: 'worth' } }),
  bag: z.record(tokenName, z.int().min(0).max(500)).nullable().default(null).meta({
    label: 'In the bag',
    hint: 'How many of each; what is dipped stays out.',
    none: 'Not counted',
    namesFrom: 'key',
    each: 5,
  }),
  mode: z
    .enum(['first-to', 'turns'])
    .default('first-to')
    .meta({
      label: 'Until',
      hint: 'When it is over.',
      choices: { 'first-to': 'Somebody has the goal', turns: 'Turns are over' },
    }),
  goal: z
    .int()
    .min(1)
    .max(10_000)
    .default(50)
    .meta({ label: 'Goal', hint: 'Only where it is played to a goal.', changeable: true }),
  turns: z
    .int()
    .min(1)
    .max(50)
    .default(10)
    .meta({ label: 'Turns', hint: 'Dips each; only where turns are counted.', changeable: true }),
  floor: z
    .int()
    .min(0)
    .max(0)
    .nullable()
    .default(0)
    .meta({ label: 'Floor', hint: 'Nobody falls below it.', none: 'Below zero too', suggest: 0 }),
  finish: z
    .enum(['even-turns', 'at-once'])
    .default('even-turns')
    .meta({
      label: 'At the goal',
      hint: 'Whether the round is played to its end.',
      choices: { 'even-turns': 'Finish the round', 'at-once': 'At once' },
      changeable: true,
    }),
  recount: z
    .enum(['off', 'before-win'])
    .default('before-win')
    .meta({
      label: 'Recount',
      hint: 'Whether the tokens of whoever is at the goal are counted before it is won.',
      choices: { off: 'Not needed', 'before-win': 'Before it is won' },
      changeable: true,
    }),
})
export type DipRules = CommonRules & Readonly<z.output<typeof houseRules>>

export interface Dip extends Explained {
  readonly do: 'dip'
  readonly by: number
  readonly token: string
  /** The running total, as the player said it. */
  readonly said?: number
}
export interface Recount extends Explained {
  readonly do: 'recount'
  readonly by: number
  /** What really lies there; a token not named counts 0. */
  readonly counts: Readonly<Record<string, number>>
}
export type DipPlay = Dip | Recount

export const playSchema: z.ZodType<DipPlay> = z.discriminatedUnion('do', [
  playShape('dip', { by: whole, token: namedToken, said: whole.optional() }),
  playShape('recount', { by: whole, counts: z.record(namedToken, whole.min(0)) }),
])

export interface DipState extends Turns {
  /** The tokens that lie before each seat, in the order in which they came. */
  readonly dishes: readonly (readonly string[])[]
  /** Running totals, awards included. */
  readonly totals: readonly number[]
  /** Whether a recount has agreed since that seat's last dip. */
  readonly agreed: readonly boolean[]
}

/** What a token is worth; undefined where the key lacks it. */
export function worthOf({ key }: Pick<DipRules, 'key'>, token: string): number | undefined {
  return key.find((line) => line.token === token)?.worth
}

const inBag = (bag: NonNullable<DipRules['bag']>, token: string) => (Object.hasOwn(bag, token) ? bag[token]! : 0)

/** How many of a token are left in the bag; null where the bag was not counted. */
export function leftInBag(
  { bag }: Pick<DipRules, 'bag'>,
  { dishes }: Pick<DipState, 'dishes'>,
  token: string,
): number | null {
  if (!bag) return null
  let out = 0
  for (const dish of dishes) out += countOf(dish, token)
  return inBag(bag, token) - out
}

function isEmpty({ bag }: Pick<DipRules, 'bag'>, { dishes }: Pick<DipState, 'dishes'>): boolean {
  if (!bag) return false
  let left = 0
  for (const token of Object.keys(bag)) left += bag[token]!
  for (const dish of dishes) left -= dish.length
  return left <= 0
}

export function problems({ key, bag, mode }: DipRules): readonly CommonProblem[] {
  const found: CommonProblem[] = []
  const tokens = key.map(({ token }) => token)
  const twice = tokens.findIndex((token, i) => tokens.indexOf(token) !== i)
  if (twice >= 0)
    found.push(problem(`houseRules.key.${twice}.token`, 'bad-house-rule', { rule: 'key', value: tokens[twice] }))
  if (bag) {
    const strange = Object.keys(bag).find((token) => !tokens.includes(token))
    if (strange !== undefined)
      found.push(problem(`houseRules.bag.${strange}`, 'bad-house-rule', { rule: 'bag', value: strange }))
    else if (Object.values(bag).every((count) => count === 0))
      found.push(problem('houseRules.bag', 'bad-house-rule', { rule: 'bag', value: bag }))
  } else if (mode === 'first-to' && key.every(({ worth }) => worth <= 0))
    // Nobody could ever get anywhere; a counted bag ends it.
    found.push(problem('houseRules.goal', 'target-out-of-reach', {}))
  return found
}

export function open(_rules: DipRules, seating: Pick<Seating, 'seats' | 'first'>): { state: DipState } {
  const { seats } = seating
  return {
    state: {
      ...openTurns(seating),
      dishes: everySeat(seats, []),
      totals: everySeat(seats, 0),
      agreed: everySeat(seats, false),
    },
  }
}

/** The seats at the goal; none where no goal is played to. */
function atGoal({ mode, goal }: DipRules, { totals }: DipState): number[] {
  const seats: number[] = []
  if (mode === 'first-to')
    totals.forEach((total, i) => {
      if (total >= goal) seats.push(i + 1)
    })
  return seats
}

/** Whether the dipping ends here: at the goal, after the last turn, or with an empty bag. */
function dippingEnds(rules: DipRules, state: DipState): boolean {
  if (isEmpty(rules, state)) return true
  if (rules.mode === 'turns') return state.fresh && state.round > rules.turns
  return atGoal(rules, state).length > 0 && (rules.finish === 'at-once' || state.fresh)
}

/** The seats whose tokens must be counted before the match can end; none where it goes on, or nothing is due. */
export function recountsDue(rules: DipRules, state: DipState): number[] {
  if (rules.recount === 'off' || !dippingEnds(rules, state)) return []
  return atGoal(rules, state).filter((seat) => !state.agreed[seat - 1])
}

export function timing(rules: DipRules, state: DipState, play: DipPlay): Timing {
  if (play.do === 'recount') return 'now'
  return recountsDue(rules, state).length ? 'not-now' : inTurn(state, play)
}

export function judge(rules: DipRules, state: DipState, play: DipPlay): GameVerdict<DipState, DipCodes> {
  return play.do === 'dip' ? judgeDip(rules, state, play) : judgeRecount(rules, state, play)
}

const tokensOf = ({ key }: DipRules) => key.map(({ token }) => token)

/** What a token makes of a total: with and without the floor. */
export function added(
  { floor }: Pick<DipRules, 'floor'>,
  before: number,
  worth: number,
): { after: number; bare: number } {
  const bare = before + worth
  return { bare, after: floor === null ? bare : Math.max(floor, bare) }
}

function judgeDip(rules: DipRules, state: DipState, { by, token }: Dip): GameVerdict<DipState, DipCodes> {
  const worth = worthOf(rules, token)
  if (worth === undefined) return refuse('no-such-token', { token, tokens: tokensOf(rules) })
  if (leftInBag(rules, state, token) === 0) return refuse('bag-has-no-more', { token, count: inBag(rules.bag!, token) })
  const before = ofSeat(state.totals, by)
  const { after, bare } = added(rules, before, worth)
  const next: DipState = {
    ...passTurn(state),
    dishes: withSeat(state.dishes, by, [...ofSeat(state.dishes, by), token]),
    totals: withSeat(state.totals, by, after),
    agreed: withSeat(state.agreed, by, false),
  }
  const notes: NoteOf<DipCodes>[] = [{ code: 'dipped', facts: { by, token, worth, total: after } }]
  if (after !== bare) notes.push({ code: 'on-the-floor', facts: { floor: after } })
  if (recountsDue(rules, next).length) notes.push({ code: 'recount-due', facts: { seats: recountsDue(rules, next) } })
  return {
    stands: true,
    next,
    working: [changed(before, worth < 0 ? '-' : '+', Math.abs(worth))],
    notes,
    asks: { answer: after, explanation: true },
  }
}

function judgeRecount(rules: DipRules, state: DipState, { by, counts }: Recount): GameVerdict<DipState, DipCodes> {
  const tokens = tokensOf(rules)
  const strange = Object.keys(counts).find((token) => !tokens.includes(token))
  if (strange !== undefined) return refuse('no-such-token', { token: strange, tokens })
  const dish = ofSeat(state.dishes, by)
  const differs = tokens
    .map((token) => ({ token, counted: Object.hasOwn(counts, token) ? counts[token]! : 0, tape: countOf(dish, token) }))
    .filter(({ counted, tape }) => counted !== tape)
  // The first one named is what the difference is about; the others are told too.
  if (differs.length)
    return refuse('recount-differs', {
      by,
      ...differs[0],
      difference: itemAt(differs, 0).counted - itemAt(differs, 0).tape,
      differs,
    })
  const next: DipState = { ...state, agreed: withSeat(state.agreed, by, true) }
  return {
    stands: true,
    next,
    working: [],
    notes: [{ code: 'recount-agrees', facts: { by, tokens: dish.length, total: ofSeat(state.totals, by) } }],
  }
}

export function awaits(rules: DipRules, state: DipState): Awaits {
  const due = recountsDue(rules, state)
  return due.length ? { seats: due, plays: ['recount'] } : { seats: [state.turn], plays: ['dip'] }
}

export function lead(_rules: DipRules, state: DipState): End {
  return leadOf(state.totals, 'highest-sum')
}

export function end(rules: DipRules, state: DipState): End | null {
  if (!dippingEnds(rules, state) || recountsDue(rules, state).length) return null
  const best = leadOf(state.totals, atGoal(rules, state).length ? 'goal-reached' : 'highest-sum')
  // Nothing is left to play another round with.
  return isEmpty(rules, state) ? { ...best, final: true } : best
}

export function progress(rules: DipRules, state: DipState): Progress {
  const now = turnsProgress(state, rules.mode === 'turns' ? rules.turns : null, 'turn')
  return recountsDue(rules, state).length ? { ...now, between: false } : now
}

export function award({ floor }: DipRules, state: DipState, seat: number, points: number): DipState {
  return { ...state, totals: awarded(state.totals, seat, points, floor) }
}
