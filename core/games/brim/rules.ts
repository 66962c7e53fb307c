import * as z from 'zod'
import type { NoteOf } from '#core/contract/codes'
import type { CommonRules } from '#core/contract/commonRules'
import { refuseFaces, takeOut, total } from '#core/kit/dice'
import type { BrimCodes } from '#core/games/brim/codes'
import { allDice, mayRoll } from '#core/games/brim/dice'
import type { Awaits, End, Judging, Seating } from '#core/contract/game'
import { listOf, playShape, whole, type Explained } from '#core/contract/plays'
import { problem, type CommonProblem } from '#core/contract/problem'
import { everySeat, ofSeat, withSeat } from '#core/kit/seats'
import { awarded, inTurn, leadOf, openTurns, passTurn, type Turns } from '#core/kit/turns'
import { refuse, type GameVerdict } from '#core/contract/verdict'
import { changed, sumOf } from '#core/contract/working'

export const houseRules = z.object({
  dice: z.int().min(1).max(8).default(5).meta({ label: 'Dice', hint: 'How many dice are rolled.' }),
  sides: z.int().min(2).max(20).default(6).meta({ label: 'Sides', hint: 'Faces on each die, from 1 up.' }),
  limit: z
    .int()
    .min(1)
    .max(200)
    .default(20)
    .meta({ label: 'Limit', hint: 'The limit or less scores; more scores nothing.' }),
  rolls: z
    .int()
    .min(1)
    .max(10)
    .default(4)
    .meta({ label: 'Rolls in a turn', hint: 'The first roll and the further ones.' }),
  rounds: z
    .int()
    .min(1)
    .max(50)
    .default(5)
    .meta({ label: 'Rounds', hint: 'One turn each a round. Five is short, nine is common.', changeable: true }),
  mustFreeze: z.int().min(0).max(7).default(0).meta({
    label: 'Freeze at least',
    hint: 'How many dice must be newly frozen before each further roll.',
    changeable: true,
  }),
})
export type BrimRules = CommonRules & Readonly<z.output<typeof houseRules>>

export interface Roll extends Explained {
  readonly do: 'roll'
  readonly by: number
  /** All dice in the first roll; afterwards the dice rolled again. */
  readonly dice: readonly number[]
  /** The values newly frozen before this roll. */
  readonly keep?: readonly number[]
}
export interface Stop extends Explained {
  readonly do: 'stop'
  readonly by: number
  /** The sum of all dice, as the player said it. */
  readonly said?: number
  /** The player's new running total, where that was said too. */
  readonly total?: number
}
export type BrimPlay = Roll | Stop

export const playSchema: z.ZodType<BrimPlay> = z.discriminatedUnion('do', [
  playShape('roll', { by: whole, dice: listOf(whole), keep: listOf(whole).optional() }),
  playShape('stop', { by: whole, said: whole.optional(), total: whole.optional() }),
])

export interface BrimState extends Turns {
  /** Points by seat, awards included. */
  readonly totals: readonly number[]
  /** What each turn banked, in the order of the turns. */
  readonly banked: readonly number[]
  /** This turn's frozen dice, in the order of freezing. */
  readonly frozen: readonly number[]
  readonly loose: readonly number[]
  /** Rolls made in this turn. */
  readonly rolled: number
}

const NO_DICE: readonly number[] = []

export function problems(rules: BrimRules): readonly CommonProblem[] {
  return rules.limit < rules.dice
    ? [problem('houseRules.limit', 'bad-house-rule', { rule: 'limit', value: rules.limit, least: rules.dice })]
    : []
}

export function open(_rules: BrimRules, seating: Pick<Seating, 'seats' | 'first'>): { state: BrimState } {
  const totals = everySeat(seating.seats, 0)
  return { state: { ...openTurns(seating), totals, banked: [], frozen: NO_DICE, loose: NO_DICE, rolled: 0 } }
}

export function timing(_rules: BrimRules, state: BrimState, play: BrimPlay) {
  return inTurn(state, play)
}

export function judge(
  rules: BrimRules,
  state: BrimState,
  play: BrimPlay,
  _judging: Judging,
): GameVerdict<BrimState, BrimCodes> {
  return play.do === 'roll' ? judgeRoll(rules, state, play) : judgeStop(rules, state, play)
}

function judgeRoll(
  rules: BrimRules,
  state: BrimState,
  { by, dice, keep = NO_DICE }: Roll,
): GameVerdict<BrimState, BrimCodes> {
  const noFace = refuseFaces(dice, rules.sides)
  if (noFace) return noFace
  if (state.rolled >= rules.rolls) return refuse('no-rolls-left', { by, rolls: rules.rolls })
  const first = state.rolled === 0
  const split = takeOut(state.loose, keep)
  if ('missing' in split) return refuse('not-among-dice', { value: split.missing, loose: state.loose, first })
  if (!first && keep.length < rules.mustFreeze)
    return refuse('must-freeze', { kept: keep.length, least: rules.mustFreeze, loose: state.loose.length })
  const again = first ? rules.dice : split.left.length
  if (again === 0) return refuse('nothing-left-to-roll', { dice: rules.dice })
  if (dice.length !== again) return refuse('wrong-dice-count', { count: dice.length, expected: again, first })
  const frozen = keep.length ? [...state.frozen, ...keep] : state.frozen
  const all = frozen.length ? [...frozen, ...dice] : dice
  const next: BrimState = {
    seats: state.seats,
    first: state.first,
    turn: state.turn,
    round: state.round,
    fresh: false,
    totals: state.totals,
    banked: state.banked,
    frozen,
    loose: dice,
    rolled: state.rolled + 1,
  }
  const sum = total(all)
  const notes: NoteOf<BrimCodes>[] = [{ code: 'room', facts: { sum, limit: rules.limit, room: rules.limit - sum } }]
  return { stands: true, next, working: [sumOf(all)], notes }
}

function judgeStop(rules: BrimRules, state: BrimState, { total: told }: Stop): GameVerdict<BrimState, BrimCodes> {
  const by = state.turn
  if (state.rolled === 0) return refuse('nothing-rolled', { by })
  const all = allDice(state)
  const sum = total(all)
  const points = sum <= rules.limit ? sum : 0
  const before = ofSeat(state.totals, by)
  const next: BrimState = {
    ...passTurn(state),
    totals: withSeat(state.totals, by, before + points),
    banked: [...state.banked, points],
    frozen: NO_DICE,
    loose: NO_DICE,
    rolled: 0,
  }
  const beside = told === undefined ? undefined : { said: told, right: before + points }
  const notes: NoteOf<BrimCodes>[] = [
    points > 0
      ? { code: 'banked', facts: { by, points, before, total: before + points } }
      : { code: 'spilled', facts: { by, sum, limit: rules.limit, over: sum - rules.limit, total: before } },
  ]
  // Whoever told the new total added to the one before.
  const working = told === undefined ? [sumOf(all)] : [sumOf(all), changed(before, '+', points)]
  return { stands: true, next, working, notes, asks: { answer: sum, explanation: true, beside } }
}

export function awaits(rules: BrimRules, state: BrimState): Awaits {
  const plays = state.rolled === 0 ? ['roll'] : mayRoll(rules, state) ? ['roll', 'stop'] : ['stop']
  return { seats: [state.turn], plays }
}

export function lead(_rules: BrimRules, state: BrimState): End {
  return leadOf(state.totals)
}

export function end(rules: BrimRules, state: BrimState): End | null {
  return state.fresh && state.round > rules.rounds ? lead(rules, state) : null
}

export function award(_rules: BrimRules, state: BrimState, seat: number, points: number): BrimState {
  // A turn never takes points away, so a deduction stops at 0.
  return { ...state, totals: awarded(state.totals, seat, points) }
}
