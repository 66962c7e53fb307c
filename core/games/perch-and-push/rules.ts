import * as z from 'zod'
import type { NoteOf } from '#core/contract/codes'
import type { CommonRules } from '#core/contract/commonRules'
import { combined } from '#core/kit/dice'
import type { Awaits, End, Judging, Timing, Seating } from '#core/contract/game'
import type { PerchCodes } from '#core/games/perch-and-push/codes'
import { facesOf, packProblems, packRule, packSize, refuseCards } from '#core/kit/pack'
import { listOf, playShape, whole, type Explained } from '#core/contract/plays'
import type { CommonProblem } from '#core/contract/problem'
import { everySeat, ofSeat, withSeat } from '#core/kit/seats'
import { awarded, inTurn, leadOf, openTurns, passTurn, type Turns } from '#core/kit/turns'
import { refuse, type GameVerdict } from '#core/contract/verdict'
import type { Equation } from '#core/contract/working'

export const houseRules = z.object({
  combine: z
    .enum(['add', 'times'])
    .default('add')
    .meta({ label: 'Work out', hint: 'What is done with a card.', choices: { add: 'Add', times: 'Times' } }),
  with: z
    .int()
    .min(0)
    .max(100)
    .default(10)
    .meta({ label: 'With', hint: 'The number that every card is combined with.' }),
  pack: packRule({ low: 0, high: 10, copies: 4 }, 'The cards that are drawn.'),
  draw: z
    .literal([1, 2])
    .default(2)
    .meta({
      label: 'Draw',
      hint: 'Draw two and choose one result, or take what comes.',
      choices: { 1: 'One card', 2: 'Two, choose one' },
    }),
  goal: z
    .int()
    .min(1)
    .max(100)
    .default(10)
    .meta({ label: 'Goal', hint: 'So many markers pushed off win; more is fine.', changeable: true }),
  afterPush: z
    .enum(['perch', 'leave'])
    .default('perch')
    .meta({
      label: 'After a push',
      hint: 'One’s own marker takes the place, or it stays bare.',
      choices: { perch: 'Perch there', leave: 'Leave it bare' },
      changeable: true,
    }),
  safeStack: z
    .literal([0, 2, 3, 4])
    .default(0)
    .meta({
      label: 'Safe from',
      hint: 'So many of one’s own on a place can’t be pushed.',
      choices: { 0: 'No stack is safe', 2: 'Two', 3: 'Three', 4: 'Four' },
      changeable: true,
    }),
})
export type PerchRules = CommonRules & Readonly<z.output<typeof houseRules>>

export interface PlacePlay extends Explained {
  readonly do: 'place'
  readonly by: number
  readonly cards: readonly number[]
  /** The result that the marker goes on. */
  readonly on: number
  /** The results as they were said, one for each card, before one was chosen. */
  readonly said?: readonly number[]
}
export interface Pass extends Explained {
  readonly do: 'pass'
  readonly by: number
  readonly cards: readonly number[]
}
export interface Reshuffle extends Explained {
  readonly do: 'reshuffle'
  readonly by?: undefined
}
export type PerchPlay = PlacePlay | Pass | Reshuffle

export const playSchema: z.ZodType<PerchPlay> = z.discriminatedUnion('do', [
  playShape('place', { by: whole, cards: listOf(whole), on: whole, said: listOf(whole).optional() }),
  playShape('pass', { by: whole, cards: listOf(whole) }),
  playShape('reshuffle', {}),
])

/** The markers on one result, all of one seat. */
export interface Stack {
  readonly seat: number
  readonly count: number
}

export interface PerchState extends Turns {
  /** By result, in the order of `resultsOf`. */
  readonly stacks: readonly (Stack | null)[]
  /** Cards drawn since the last shuffle. */
  readonly gone: readonly number[]
  readonly points: readonly number[]
  readonly newest: number | null
}

export function resultOf(rules: Pick<PerchRules, 'combine' | 'with'>, card: number): number {
  return rules.combine === 'add' ? card + rules.with : card * rules.with
}

const RESULTS = new WeakMap<object, readonly number[]>()

/** The board: every distinct result of the pack, rising. */
export function resultsOf(rules: Pick<PerchRules, 'combine' | 'with' | 'pack'>): readonly number[] {
  const known = RESULTS.get(rules)
  if (known) return known
  const results = [...new Set(facesOf(rules.pack).map((card) => resultOf(rules, card)))].sort((a, b) => a - b)
  RESULTS.set(rules, results)
  return results
}

export function problems(rules: PerchRules): readonly CommonProblem[] {
  return packProblems(rules.draw, packSize(rules.pack))
}

export function open(rules: PerchRules, seating: Pick<Seating, 'seats' | 'first'>): { state: PerchState } {
  const points = everySeat(seating.seats, 0)
  return { state: { ...openTurns(seating), gone: [], newest: null, stacks: resultsOf(rules).map(() => null), points } }
}

/** Results are said for every card, or not at all. */
export const misshapen = (_rules: PerchRules, play: PerchPlay) =>
  play.do === 'place' && play.said !== undefined && play.said.length !== play.cards.length ? { field: 'said' } : null

export function timing(_rules: PerchRules, state: PerchState, play: PerchPlay): Timing {
  return play.do === 'reshuffle' ? 'now' : inTurn(state, play)
}

export function equationOf({ combine, with: other }: Pick<PerchRules, 'combine' | 'with'>, card: number): Equation {
  return combined([card, other], combine)
}

export function judge(
  rules: PerchRules,
  state: PerchState,
  play: PerchPlay,
  { overrule }: Judging,
): GameVerdict<PerchState, PerchCodes> {
  if (play.do === 'reshuffle')
    return { stands: true, next: { ...state, gone: [] }, working: [], notes: [{ code: 'reshuffled', facts: {} }] }
  const { by, cards } = play
  const badCards = refuseCards(rules.pack, state.gone, cards, overrule)
  if (badCards) return badCards
  if (cards.length !== rules.draw) return refuse('wrong-card-count', { count: cards.length, expected: rules.draw })
  return play.do === 'pass' ? judgePass(rules, state, by, cards) : judgePlace(rules, state, play)
}

/** Whether a seat's marker may not go on a result: a rival's stack stands there that is safe. */
export function isSafeFrom(rules: PerchRules, state: PerchState, seat: number, result: number): boolean {
  const stack = stackOn(rules, state, result)
  return stack !== null && stack.seat !== seat && rules.safeStack > 0 && stack.count >= rules.safeStack
}

export function stackOn(rules: PerchRules, state: PerchState, result: number): Stack | null {
  return state.stacks[resultsOf(rules).indexOf(result)] ?? null
}

function judgePass(
  rules: PerchRules,
  state: PerchState,
  by: number,
  cards: readonly number[],
): GameVerdict<PerchState, PerchCodes> {
  const working = cards.map((card) => equationOf(rules, card))
  const open = cards.map((card) => resultOf(rules, card)).filter((result) => !isSafeFrom(rules, state, by, result))
  if (open.length) return refuse('can-still-place', { by, on: [...new Set(open)] }, working)
  const next = after(rules, state, cards, state.stacks, state.points, null)
  return { stands: true, next, working, notes: [{ code: 'passed', facts: { by } }, ...shuffledNote(state, next)] }
}

function judgePlace(
  rules: PerchRules,
  state: PerchState,
  { by, cards, on }: PlacePlay,
): GameVerdict<PerchState, PerchCodes> {
  const results = cards.map((card) => resultOf(rules, card))
  const card = cards[results.indexOf(on)]
  if (card === undefined)
    return refuse(
      'not-an-option',
      { on, options: [...new Set(results)] },
      cards.map((each) => equationOf(rules, each)),
    )
  const working = [equationOf(rules, card)]
  if (isSafeFrom(rules, state, by, on))
    return refuse(
      'safe-stack',
      { on, count: stackOn(rules, state, on)!.count, of: stackOn(rules, state, on)!.seat },
      working,
    )
  const stack = stackOn(rules, state, on)
  const pushed = stack && stack.seat !== by ? stack.count : 0
  const mine: Stack | null =
    pushed > 0
      ? rules.afterPush === 'perch'
        ? { seat: by, count: 1 }
        : null
      : { seat: by, count: (stack?.count ?? 0) + 1 }
  const stacks = state.stacks.slice()
  stacks[resultsOf(rules).indexOf(on)] = mine
  const points = pushed ? withSeat(state.points, by, ofSeat(state.points, by) + pushed) : state.points
  const next = after(rules, state, cards, stacks, points, on)
  const note: NoteOf<PerchCodes> = pushed
    ? { code: 'pushed', facts: { by, of: stack!.seat, count: pushed, on, points: ofSeat(points, by) } }
    : { code: 'perched', facts: { by, on, count: mine!.count } }
  return {
    stands: true,
    next,
    working,
    notes: [note, ...shuffledNote(state, next)],
    asks: { answer: results, explanation: pushed > 0 },
  }
}

/** The state after a turn: the cards are gone, and shuffled in again by themselves when too few are left to draw. */
function after(
  rules: PerchRules,
  state: PerchState,
  cards: readonly number[],
  stacks: PerchState['stacks'],
  points: readonly number[],
  newest: number | null,
): PerchState {
  const gone = [...state.gone, ...cards]
  return {
    ...passTurn(state),
    stacks,
    gone: packSize(rules.pack) - gone.length < rules.draw ? [] : gone,
    points,
    newest,
  }
}

function shuffledNote(before: PerchState, after: PerchState): NoteOf<PerchCodes>[] {
  return after.gone.length < before.gone.length ? [{ code: 'reshuffled', facts: {} }] : []
}

export function awaits(_rules: PerchRules, state: PerchState): Awaits {
  return { seats: [state.turn], plays: ['place', 'pass'] }
}

export function lead(_rules: PerchRules, state: PerchState): End {
  return leadOf(state.points)
}

export function end(rules: PerchRules, state: PerchState): End | null {
  if (Math.max(...state.points) >= rules.goal) return leadOf(state.points, 'goal')
  // A larger safe stack by ruling may leave no place where anything could still be pushed.
  const locked = rules.safeStack > 0 && state.stacks.every((stack) => stack !== null && stack.count >= rules.safeStack)
  return locked ? { ...lead(rules, state), why: 'all-safe' } : null
}

export function award(_rules: PerchRules, state: PerchState, seat: number, points: number): PerchState {
  // Points are never lost in play, so a deduction stops at 0.
  return { ...state, points: awarded(state.points, seat, points) }
}
