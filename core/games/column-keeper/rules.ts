import { itemAt } from '#core/basics/lists'
import * as z from 'zod'
import type { NoteOf } from '#core/contract/codes'
import { mannerOf, type CommonRules } from '#core/contract/commonRules'
import type { Awaits, End, Judging, Timing, Seating } from '#core/contract/game'
import type { KeeperCodes } from '#core/games/column-keeper/codes'
import { packProblems, packRule, packSize, refuseCards } from '#core/kit/pack'
import { playShape, whole, type Explained } from '#core/contract/plays'
import { problem, type CommonProblem } from '#core/contract/problem'
import { bestSeats, everySeat, ofSeat, seatAfter, seatsFrom, withSeat } from '#core/kit/seats'
import { awarded, inTurn, leadOf, openTurns, type Turns } from '#core/kit/turns'
import { refuse, type GameVerdict } from '#core/contract/verdict'
import { compare, type Columns, type Working } from '#core/contract/working'

/** From the right: a card in column i counts 10^i. */
export const COLUMNS = ['ones', 'tens', 'hundreds', 'thousands'] as const
export type Column = (typeof COLUMNS)[number]
export type Where = Column | 'aside'

export const houseRules = z.object({
  columns: z.int().min(2).max(4).default(3).meta({ label: 'Columns', hint: 'Ones, tens, hundreds, thousands.' }),
  perColumn: z
    .int()
    .min(1)
    .max(3)
    .default(2)
    .meta({ label: 'Cards in a column', hint: 'With more than one, the columns are added up.' }),
  discards: z
    .int()
    .min(0)
    .max(5)
    .default(1)
    .meta({ label: 'Thrown away', hint: 'So many cards each must be put aside.' }),
  pack: packRule({ low: 1, high: 9, copies: 4 }, 'The digits. 1 to 4 needs no regrouping.', 9),
  aim: z
    .enum(['largest', 'smallest', 'nearest'])
    .default('largest')
    .meta({
      label: 'Aim',
      hint: 'Which number is best.',
      choices: { largest: 'Largest', smallest: 'Smallest', nearest: 'Nearest to …' },
    }),
  to: z
    .int()
    .min(0)
    .max(30_000)
    .nullable()
    .default(null)
    .meta({ label: 'Nearest to', hint: 'Only for the aim “nearest”.', none: 'not set', suggest: 1000 }),
  rounds: z.int().min(1).max(50).default(3).meta({ label: 'Rounds', hint: 'Most rounds win.', changeable: true }),
})
export type KeeperRules = CommonRules & Readonly<z.output<typeof houseRules>>

export interface Put extends Explained {
  readonly do: 'put'
  readonly by: number
  readonly card: number
  readonly in: Where
}
export interface Total extends Explained {
  readonly do: 'total'
  readonly by: number
  readonly said: number
}
export type KeeperPlay = Put | Total

export const playSchema: z.ZodType<KeeperPlay> = z.discriminatedUnion('do', [
  playShape('put', { by: whole, card: whole, in: z.enum([...COLUMNS, 'aside']) }),
  playShape('total', { by: whole, said: whole }),
])

/** One player's cards in a round: a list for each column from the right, and those put aside. */
export interface Sheet {
  readonly columns: readonly (readonly number[])[]
  readonly aside: readonly number[]
}

/** Turns go card by card; the round is that of the game. */
export interface KeeperState extends Turns {
  readonly sheets: readonly Sheet[]
  /** Who has told their total in this round. */
  readonly told: readonly number[]
  /** Rounds won by seat; alone, the sum of the numbers or distances. Awards included. */
  readonly scores: readonly number[]
  /** The numbers of the rounds before, by seat. */
  readonly history: readonly (readonly number[])[]
}

export function cardsEach({
  columns,
  perColumn,
  discards,
}: Pick<KeeperRules, 'columns' | 'perColumn' | 'discards'>): number {
  return columns * perColumn + discards
}

export function problems(rules: KeeperRules, seats: number): readonly CommonProblem[] {
  if (rules.aim === 'nearest' && rules.to === null)
    return [problem('houseRules.to', 'bad-house-rule', { rule: 'to', value: null })]
  return packProblems(seats * cardsEach(rules), packSize(rules.pack))
}

function bareSheets(columns: number, seats: number): readonly Sheet[] {
  const bare: Sheet = { columns: Array.from({ length: columns }, () => []), aside: [] }
  return everySeat(seats, bare)
}

export function open(rules: KeeperRules, seating: Pick<Seating, 'seats' | 'first'>): { state: KeeperState } {
  const scores = everySeat(seating.seats, 0)
  return {
    state: { ...openTurns(seating), sheets: bareSheets(rules.columns, seating.seats), told: [], scores, history: [] },
  }
}

function cardsOn({ columns, aside }: Sheet): number {
  let count = aside.length
  for (const column of columns) count += column.length
  return count
}

/** Whether everyone has filled up, so that totals are told. */
export function isFull(rules: KeeperRules, state: KeeperState): boolean {
  return cardsOn(ofSeat(state.sheets, lastSeat(state))) === cardsEach(rules)
}

const lastSeat = ({ first, seats }: KeeperState) => ((first - 2 + seats) % seats) + 1

/** Who tells their total next, of those who are asked; null once all have. */
function nextTeller(rules: KeeperRules, { first, seats, told }: KeeperState): number | null {
  const asked = (seat: number) => mannerOf(rules, seat).answers !== 'off' && !told.includes(seat)
  return seatsFrom(first, seats).find(asked) ?? null
}

/** A ruling may ask others for their totals while they are told; where nobody is asked any more, the round is decided. */
export function ruled(rules: KeeperRules, state: KeeperState): KeeperState {
  if (!isFull(rules, state)) return state
  const teller = nextTeller(rules, state)
  return teller === null ? decide(rules, state).next : { ...state, turn: teller }
}

export function timing(rules: KeeperRules, state: KeeperState, play: KeeperPlay): Timing {
  return (play.do === 'total') === isFull(rules, state) ? inTurn(state, play) : 'not-now'
}

export function judge(
  rules: KeeperRules,
  state: KeeperState,
  play: KeeperPlay,
  { overrule }: Judging,
): GameVerdict<KeeperState, KeeperCodes> {
  return play.do === 'put' ? judgePut(rules, state, play, overrule) : judgeTotal(rules, state, play.by)
}

/** Every card that lies in this round. */
export function lyingIn({ sheets }: KeeperState): number[] {
  const lying: number[] = []
  for (const { columns, aside } of sheets) {
    for (const column of columns) lying.push(...column)
    lying.push(...aside)
  }
  return lying
}

/** A sheet after a card was put into a column or aside. */
export function withCard({ columns, aside }: Sheet, card: number, where: Where): Sheet {
  if (where === 'aside') return { columns, aside: [...aside, card] }
  const at = COLUMNS.indexOf(where)
  return { columns: columns.map((cards, i) => (i === at ? [...cards, card] : cards)), aside }
}

function judgePut(
  rules: KeeperRules,
  state: KeeperState,
  { by, card, in: where }: Put,
  overrule: boolean,
): GameVerdict<KeeperState, KeeperCodes> {
  const badCard = refuseCards(rules.pack, lyingIn(state), [card], overrule)
  if (badCard) return badCard
  const sheet = ofSeat(state.sheets, by)
  const at = where === 'aside' ? -1 : COLUMNS.indexOf(where)
  if (at >= rules.columns) return refuse('no-such-column', { in: where, columns: COLUMNS.slice(0, rules.columns) })
  if (at >= 0 && itemAt(sheet.columns, at).length >= rules.perColumn)
    return refuse('column-full', { in: where, perColumn: rules.perColumn })
  if (at < 0 && sheet.aside.length >= rules.discards)
    return refuse('no-discards-left', { by, discards: rules.discards })
  const filled = withCard(sheet, card, where)
  const next: KeeperState = {
    seats: state.seats,
    first: state.first,
    turn: seatAfter(by, state.seats),
    round: state.round,
    fresh: false,
    sheets: withSeat(state.sheets, by, filled),
    told: [],
    scores: state.scores,
    history: state.history,
  }
  const note: NoteOf<KeeperCodes> = {
    code: 'put',
    facts: { by, card, in: where, left: cardsEach(rules) - cardsOn(filled) },
  }
  if (!isFull(rules, next)) return { stands: true, next, working: [], notes: [note] }
  const teller = nextTeller(rules, next)
  if (teller !== null) return { stands: true, next: { ...next, turn: teller }, working: [], notes: [note] }
  const decided = decide(rules, next)
  return { stands: true, next: decided.next, working: decided.working, notes: [note, decided.note] }
}

function judgeTotal(rules: KeeperRules, state: KeeperState, by: number): GameVerdict<KeeperState, KeeperCodes> {
  const columns = columnsOf(ofSeat(state.sheets, by))
  const told: KeeperState = { ...state, told: [...state.told, by] }
  const teller = nextTeller(rules, told)
  const next: KeeperState = { ...told, turn: teller ?? state.first }
  const asks = { answer: columns.total, explanation: true }
  const note: NoteOf<KeeperCodes> = { code: 'told', facts: { by, total: columns.total } }
  if (teller !== null) return { stands: true, next, working: [columns], notes: [note], asks }
  const decided = decide(rules, next)
  return {
    stands: true,
    next: decided.next,
    working: [columns, ...decided.working.filter(({ kind }) => kind === 'comparison')],
    notes: [note, decided.note],
    asks,
  }
}

/** The columns of a sheet added up and regrouped from the right. */
export function columnsOf({ columns }: Pick<Sheet, 'columns'>): Columns {
  let carry = 0
  let total = 0
  const steps = columns.map((cards, i) => {
    const sum = cards.reduce((a, b) => a + b, carry)
    const last = i === columns.length - 1
    const step = {
      name: itemAt(COLUMNS, i),
      cards,
      carried: carry,
      sum,
      digit: last ? sum : sum % 10,
      carry: last ? 0 : Math.floor(sum / 10),
    }
    carry = step.carry
    total += step.digit * 10 ** i
    return step
  })
  return { kind: 'columns', steps, total }
}

/** How good a number is under the aim: less is better. */
export function rank({ aim, to }: Pick<KeeperRules, 'aim' | 'to'>, number: number): number {
  return aim === 'largest' ? -number : aim === 'smallest' ? number : Math.abs(number - (to ?? 0))
}

function decide(rules: KeeperRules, state: KeeperState) {
  const all = state.sheets.map(columnsOf)
  const numbers = all.map(({ total }) => total)
  const ranks = numbers.map((number) => rank(rules, number))
  const best = bestSeats(ranks, 'fewest')
  const scores =
    state.seats === 1
      ? [itemAt(state.scores, 0) + (rules.aim === 'nearest' ? itemAt(ranks, 0) : itemAt(numbers, 0))]
      : state.scores.map((score, i) => (best.includes(i + 1) ? score + 1 : score))
  const next: KeeperState = {
    seats: state.seats,
    first: state.first,
    turn: state.first,
    round: state.round + 1,
    fresh: true,
    sheets: bareSheets(rules.columns, state.seats),
    told: [],
    scores,
    history: [...state.history, numbers],
  }
  const sorted = numbers.map((number, i) => ({ number, rank: itemAt(ranks, i) })).sort((a, b) => a.rank - b.rank)
  const comparisons: Working[] = sorted.slice(1).map(({ number }, i) => compare(itemAt(sorted, i).number, number))
  const working: Working[] = [...all, ...comparisons]
  const note: NoteOf<KeeperCodes> = {
    code: 'round-decided',
    facts: {
      round: state.round,
      best,
      number: ofSeat(numbers, itemAt(best, 0)),
      alone: state.seats === 1,
      distance: rules.aim === 'nearest' ? ofSeat(ranks, itemAt(best, 0)) : null,
    },
  }
  return { next, working, note }
}

export function awaits(rules: KeeperRules, state: KeeperState): Awaits {
  return { seats: [state.turn], plays: [isFull(rules, state) ? 'total' : 'put'] }
}

export function standing(rules: KeeperRules, state: KeeperState): readonly number[] {
  return state.scores
}

export function lead(rules: KeeperRules, state: KeeperState): End {
  return leadOf(standing(rules, state), 'most-rounds')
}

export function end(rules: KeeperRules, state: KeeperState): End | null {
  return state.fresh && state.round > rules.rounds ? lead(rules, state) : null
}

export function award(rules: KeeperRules, state: KeeperState, seat: number, points: number): KeeperState | null {
  // Alone, less is better under `nearest`: points would make it worse.
  if (state.seats === 1 && rules.aim === 'nearest') return null
  return { ...state, scores: awarded(state.scores, seat, points) }
}
