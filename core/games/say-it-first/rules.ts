import * as z from 'zod'
import type { NoteOf } from '#core/contract/codes'
import { mannerOf, type CommonRules } from '#core/contract/commonRules'
import { combined } from '#core/kit/dice'
import type { Awaits, End, Judging, Progress, Seating } from '#core/contract/game'
import type { FirstCodes } from '#core/games/say-it-first/codes'
import { packProblems, packRule, packSize, refuseCards } from '#core/kit/pack'
import { explanation, listOf, playShape, whole, type Explained } from '#core/contract/plays'
import { problem, type CommonProblem } from '#core/contract/problem'
import { everySeat, ofSeat, seatsFrom, withSeat } from '#core/kit/seats'
import { awarded, leadOf, NO_ROUNDS } from '#core/kit/turns'
import { refuse, type GameVerdict } from '#core/contract/verdict'

export const houseRules = z.object({
  combine: z
    .enum(['add', 'times', 'difference'])
    .default('add')
    .meta({
      label: 'Work out',
      hint: 'What the cards make. A difference is for two players.',
      choices: { add: 'Add', times: 'Times', difference: 'Difference' },
    }),
  pack: packRule({ low: 1, high: 9, copies: 4 }, 'Every round takes a card for each player.'),
  rounds: z
    .union([z.int().min(1).max(100), z.literal('pack')])
    .default('pack')
    .meta({
      label: 'Rounds',
      hint: 'The pack ends it in any case.',
      choices: { pack: 'Until the pack is used up' },
      suggest: 9,
      changeable: true,
    }),
  unclaimed: z
    .enum(['pot', 'away'])
    .default('pot')
    .meta({
      label: 'Nobody right',
      hint: 'Where the cards go.',
      choices: { pot: 'Pot for the next winner', away: 'Put away' },
      changeable: true,
    }),
})
export type FirstRules = CommonRules & Readonly<z.output<typeof houseRules>>

/** One answer, as it was called. */
export interface Answer extends Explained {
  readonly by: number
  /** The member who answered, where the seat is a side. */
  readonly who?: number
  readonly said: number
}
export interface Round extends Explained {
  readonly do: 'round'
  /** A card for each seat; alone, two. */
  readonly cards: readonly number[]
  /** In the order in which they were spoken. */
  readonly answers: readonly Answer[]
}

const answerShape = z.strictObject({ by: whole, who: whole.optional(), said: whole, ...explanation })
export const playSchema: z.ZodType<Round> = z.discriminatedUnion('do', [
  playShape('round', { cards: listOf(whole), answers: listOf(answerShape) }),
])

export interface FirstState {
  readonly seats: number
  /** Rounds played. */
  readonly played: number
  /** Every card that was turned. */
  readonly gone: readonly number[]
  /** Cards kept, awards included. */
  readonly kept: readonly number[]
  /** Cards that wait for the next winner. */
  readonly pot: readonly number[]
  readonly newest: { readonly cards: readonly number[]; readonly winner: number | null; readonly took: number } | null
}

/** Cards turned in a round: one a seat, and two by whoever plays alone. */
export const turnedAtOnce = (seats: number) => Math.max(2, seats)

export function problems({ combine, pack }: FirstRules, seats: number): readonly CommonProblem[] {
  if (combine === 'difference' && seats > 2)
    return [problem('houseRules.combine', 'bad-house-rule', { rule: 'combine', value: combine })]
  return packProblems(turnedAtOnce(seats), packSize(pack))
}

export function open(_rules: FirstRules, { seats }: Pick<Seating, 'seats'>): { state: FirstState } {
  return { state: { seats, played: 0, gone: [], kept: everySeat(seats, 0), pot: [], newest: null } }
}

/** The answers that count: each player's first, with whether it is right, and whether it takes the cards (where nobody took them before). */
export function countedAnswers(
  rules: Pick<FirstRules, 'answers' | 'explain' | 'bySeat'>,
  answers: readonly Answer[],
  right: number,
) {
  const heard = new Set<number>()
  const counted: (Answer & { readonly right: boolean; readonly takes: boolean })[] = []
  const again: Answer[] = []
  for (const answer of answers) {
    if (heard.has(answer.by)) again.push(answer)
    else {
      heard.add(answer.by)
      const isRight = answer.said === right
      counted.push({
        ...answer,
        right: isRight,
        takes: isRight && (mannerOf(rules, answer.by).explain !== 'required' || answer.explained === true),
      })
    }
  }
  return { counted, again, winner: counted.find(({ takes }) => takes)?.by ?? null }
}

export function judge(
  rules: FirstRules,
  state: FirstState,
  { cards, answers }: Round,
  { overrule }: Judging,
): GameVerdict<FirstState, FirstCodes> {
  const badCard = refuseCards(rules.pack, state.gone, cards, overrule)
  if (badCard) return badCard
  const expected = turnedAtOnce(state.seats)
  if (cards.length !== expected) return refuse('wrong-card-count', { count: cards.length, expected })
  const sum = combined(cards, rules.combine)
  const { counted, again, winner } = countedAnswers(rules, answers, sum.equals)
  const took = winner === null ? 0 : cards.length + state.pot.length
  const pot = winner !== null ? [] : rules.unclaimed === 'pot' ? [...state.pot, ...cards] : state.pot
  const next: FirstState = {
    seats: state.seats,
    played: state.played + 1,
    gone: [...state.gone, ...cards],
    kept: winner === null ? state.kept : withSeat(state.kept, winner, ofSeat(state.kept, winner) + took),
    pot,
    newest: { cards, winner, took },
  }
  const notes: NoteOf<FirstCodes>[] = []
  for (const { by, said, right, takes } of counted) {
    // What was called after the cards were taken is of no account.
    if (takes) break
    notes.push(
      right
        ? { code: 'not-explained', facts: { by }, weight: 'noted' }
        : { code: 'said-wrong', facts: { by, said, right: sum.equals }, weight: 'noted' },
    )
  }
  for (const { by } of again) notes.push({ code: 'said-again', facts: { by }, weight: 'noted' })
  notes.push(
    winner === null
      ? {
          code: 'nobody',
          facts: { pot: pot.length, right: sum.equals, told: notes.some(({ code }) => code === 'said-wrong') },
        }
      : { code: 'takes', facts: { by: winner, took, pot: state.pot.length } },
  )
  return { stands: true, next, working: [sum], notes }
}

export function awaits(_rules: FirstRules, { seats }: FirstState): Awaits {
  return { seats: seatsFrom(1, seats), plays: ['round'] }
}

export const lead = (_rules: FirstRules, { kept }: FirstState): End => leadOf(kept, 'most-cards')

/** Cards still in the pack. */
export const leftIn = ({ pack }: Pick<FirstRules, 'pack'>, { gone }: Pick<FirstState, 'gone'>) =>
  Math.max(0, packSize(pack) - gone.length)

export function end(rules: FirstRules, state: FirstState): End | null {
  const over =
    leftIn(rules, state) < turnedAtOnce(state.seats) || (rules.rounds !== 'pack' && state.played >= rules.rounds)
  return over ? lead(rules, state) : null
}

export function progress({ rounds }: FirstRules, { played }: FirstState): Progress {
  return {
    ...NO_ROUNDS,
    unit: rounds === 'pack' ? null : 'round',
    begun: played,
    of: rounds === 'pack' ? null : rounds,
  }
}

export function award(_rules: FirstRules, state: FirstState, seat: number, points: number): FirstState {
  return { ...state, kept: awarded(state.kept, seat, points) }
}
