import * as z from 'zod'
import { itemAt } from '#core/basics/lists'
import { listOf, playShape, whole, type Explained } from '#core/contract/plays'
import type { Facts, NoteOf } from '#core/contract/codes'
import type { Awaits, End, Judging, Timing } from '#core/contract/game'
import { refuse, type GameVerdict } from '#core/contract/verdict'
import { changed, sumOf, type Working } from '#core/contract/working'
import { packSize, refuseCards } from '#core/kit/pack'
import { bestSeats, ofSeat, withSeat } from '#core/kit/seats'
import { inTurn } from '#core/kit/turns'
import { judgeCalculation } from '#core/games/own-game/calculation'
import type { OwnCodes } from '#core/games/own-game/codes'
import { bringsOf, type OwnRules, type Way } from '#core/games/own-game/houseRules'
import { changedPoints, missesPassed, scoresOf, turnPassed, type OwnState } from '#core/games/own-game/state'
import { potBanked, thrown } from '#core/games/own-game/throwing'

export interface Throw extends Explained {
  readonly do: 'throw'
  readonly by: number
  readonly numbers: readonly number[]
  /** Which way the throw is used, from 1; may be left out where there is one. */
  readonly way?: number
  /** The digits put in an order, with a way that makes a number. */
  readonly number?: number
  /** The number sentence, with a way that makes a calculation. */
  readonly calculation?: string
  readonly said?: number
}
interface Stop extends Explained {
  readonly do: 'stop'
  readonly by: number
  readonly said?: number
}
export type OwnPlay = Throw | Stop

export const playSchema: z.ZodType<OwnPlay> = z.discriminatedUnion('do', [
  playShape('throw', {
    by: whole,
    numbers: listOf(whole),
    way: whole.optional(),
    number: whole.min(0).optional(),
    calculation: z.string().min(1).max(80).optional(),
    said: whole.optional(),
  }),
  playShape('stop', { by: whole, said: whole.optional() }),
])

/** The way that a throw is used; undefined where it names none that there is. */
export function wayOf({ ways }: Pick<OwnRules, 'ways'>, { way }: Pick<Throw, 'way'>): Way | undefined {
  return way === undefined ? (ways.length === 1 ? ways[0] : undefined) : ways[way - 1]
}

/** What is asked for under these rules and missing, or there and not asked for. */
export function misshapen(rules: OwnRules, play: OwnPlay): Facts | null {
  if (play.do === 'stop') return rules.throws === 'choice' ? null : { field: 'do' }
  const way = wayOf(rules, play)
  if (!way) return { field: 'way' }
  if ((play.number !== undefined) !== (way.makes === 'number')) return { field: 'number' }
  return (play.calculation !== undefined) !== (way.makes === 'calculation') ? { field: 'calculation' } : null
}

export function timing(_rules: OwnRules, state: OwnState, play: OwnPlay): Timing {
  return play.do === 'stop' && !state.threw ? 'not-now' : inTurn(state, play)
}

/** The cards put away before a throw: none where too few lay in the stock, and all were shuffled back. */
export function goneBefore({ brings }: OwnRules, gone: readonly number[]): readonly number[] {
  return brings.kind === 'cards' && packSize(brings.pack) - gone.length < brings.draw ? [] : gone
}

/** Whether these may be the numbers of a throw: how many, which faces or cards. */
function refuseNumbers(rules: OwnRules, gone: readonly number[], numbers: readonly number[], overrule: boolean) {
  const { brings } = rules
  const expected = bringsOf(rules)
  if (numbers.length !== expected) return refuse('wrong-count', { count: numbers.length, expected })
  if (brings.kind === 'cards') return refuseCards(brings.pack, gone, numbers, overrule)
  for (const [i, face] of numbers.entries()) {
    if (brings.kind === 'spinner') {
      if (!brings.faces.includes(face)) return refuse('no-such-face', { face, faces: brings.faces })
      continue
    }
    const sides = itemAt(brings.sides, i)
    if (face < 1 || face > sides) return refuse('no-such-face', { face, sides })
  }
  return null
}

const digitsOf = (numbers: readonly number[]) => numbers.join('')
const sorted = (figures: string) => [...figures].sort().join('')

/** Whether a number is made of exactly these digits, zeros in front left out or not. */
function isOfDigits(number: number, numbers: readonly number[]): boolean {
  const figures = String(number)
  return figures.length <= numbers.length && sorted(figures.padStart(numbers.length, '0')) === sorted(digitsOf(numbers))
}

type Result =
  | { readonly stands: true; readonly value: number; readonly working: readonly Working[] }
  | Extract<GameVerdict<OwnState, OwnCodes>, { stands: false }>

/** What a throw comes to by the way it is used, with the working; or why it can't be. */
export function resultOf(rules: OwnRules, play: Pick<Throw, 'numbers' | 'way' | 'number' | 'calculation'>): Result {
  const { numbers } = play
  const way = wayOf(rules, play)
  const high = Math.max(...numbers)
  const low = Math.min(...numbers)
  switch (way?.makes) {
    case 'product': {
      const value = numbers.reduce((a, b) => a * b + 0, 1)
      const [first, ...rest] = numbers.map((each) => ({ sign: '×' as const, value: each }))
      const terms = first ? [{ ...first, sign: '+' as const }, ...rest] : []
      return { stands: true, value, working: [{ kind: 'equation', terms, equals: value }] }
    }
    case 'largest':
      return { stands: true, value: high, working: [] }
    case 'smallest':
      return { stands: true, value: low, working: [] }
    case 'difference':
      return { stands: true, value: high - low, working: [changed(high, '-', low)] }
    case 'number': {
      const number = play.number ?? 0
      if (!isOfDigits(number, numbers)) return refuse('not-these-digits', { number, numbers })
      return { stands: true, value: number, working: [] }
    }
    case 'calculation': {
      const judged = judgeCalculation(rules, play.calculation ?? '', numbers)
      return judged.stands ? { stands: true, value: judged.value, working: [] } : judged
    }
    default: {
      const sum = sumOf(numbers)
      return { stands: true, value: sum.equals, working: numbers.length > 1 ? [sum] : [] }
    }
  }
}

export function judge(
  rules: OwnRules,
  state: OwnState,
  play: OwnPlay,
  { overrule }: Judging,
): GameVerdict<OwnState, OwnCodes> {
  if (play.do === 'stop') return judgeStop(rules, state, play.by)
  const gone = goneBefore(rules, state.gone)
  const refusal = refuseNumbers(rules, gone, play.numbers, overrule)
  if (refusal) return refusal
  const result = resultOf(rules, play)
  if (!result.stands) return result
  const { by, numbers } = play
  const cards = rules.brings.kind === 'cards' ? [...gone, ...numbers] : gone
  const worked = { by, numbers, result: result.value, does: wayOf(rules, play)?.does ?? ('add' as const) }
  const { state: after, passes, notes } = thrown(rules, { ...state, gone: cards }, worked)
  const next = passes ? turnPassed(rules, after, isOver(rules)) : after
  const answer = rules.asks === 'result' ? result.value : ofSeat(scoresOf(rules, next), by)
  return {
    stands: true,
    next,
    working: [...result.working, ...scoreWorking(rules, state, play.by, notes)],
    notes: [{ code: 'result', facts: { by, result: result.value } }, ...notes],
    asks: rules.asks === 'nothing' ? { explanation: true } : { answer, explanation: true },
  }
}

/** The score before and what was added or taken, where nothing else happened to it on the way. */
function scoreWorking(rules: OwnRules, before: OwnState, by: number, notes: readonly NoteOf<OwnCodes>[]): Working[] {
  if (rules.scoring !== 'gains' || rules.throws === 'choice') return []
  return notes.flatMap((note) => {
    const [from, to] =
      note.code === 'moves'
        ? [note.facts.from, note.facts.to]
        : note.code === 'points' && ofSeat(before.points, by) + note.facts.change === note.facts.points
          ? [ofSeat(before.points, by), note.facts.points]
          : [0, 0]
    return from === to ? [] : [to > from ? changed(from, '+', to - from) : changed(from, '-', from - to)]
  })
}

function judgeStop(rules: OwnRules, state: OwnState, by: number): GameVerdict<OwnState, OwnCodes> {
  const before = ofSeat(state.points, by)
  const { state: banked, notes } = potBanked(rules, state, by)
  const next = turnPassed(rules, banked, isOver(rules))
  const added = ofSeat(banked.points, by) - before === state.pot
  const working = added ? [state.pot < 0 ? changed(before, '-', -state.pot) : changed(before, '+', state.pot)] : []
  const asks = rules.asks === 'score' ? { answer: ofSeat(scoresOf(rules, next), by) } : {}
  return { stands: true, next, working, notes, asks }
}

/** Whether the match is over by its rules in a state; a level finish that is played on is not. */
const isOver = (rules: OwnRules) => (state: OwnState) => {
  const found = end(rules, state)
  if (!found) return false
  return !(found.winners.length > 1 && !found.final && rules.tie === 'extra-round' && rules.rounds !== null)
}

/** A match that a ruling reopened goes on with the next who is not to miss a turn. */
export const ruled = (rules: OwnRules, state: OwnState): OwnState => missesPassed(rules, state, isOver(rules))

export function awaits(rules: OwnRules, state: OwnState): Awaits {
  return { seats: [state.turn], plays: rules.throws === 'choice' && state.threw ? ['throw', 'stop'] : ['throw'] }
}

/** The best of some seats by what wins. */
function bestBy({ wins, goal }: OwnRules, scores: readonly number[], among: readonly number[]): number[] {
  const far = among.map((seat) => {
    const score = ofSeat(scores, seat)
    return wins === 'most' ? -score : wins === 'fewest' ? score : Math.abs(score - (goal ?? 0))
  })
  return bestSeats(far, 'fewest').map((place) => itemAt(among, place - 1))
}

const everybody = (state: OwnState) => state.points.map((_, i) => i + 1)

/** Decides on the standing. */
export function lead(rules: OwnRules, state: OwnState): End {
  return { winners: bestBy(rules, scoresOf(rules, state), everybody(state)), why: `${rules.wins}-own` }
}

/** Whether a score has come to the goal, seen from where everybody began. */
export function hasReached({ goal, reach, wins, counts, start, track }: OwnRules, score: number): boolean {
  if (goal === null || wins === 'nearest') return false
  if (reach === 'exactly') return score === goal
  const began = counts === 'place' ? (track?.start ?? 0) : start
  return goal > began ? score >= goal : score <= goal
}

export function end(rules: OwnRules, state: OwnState): End | null {
  const { finish, scoring, rounds } = rules
  const scores = scoresOf(rules, state)
  if (state.fresh || (finish === 'at-once' && scoring !== 'best-of-round')) {
    const there = everybody(state).filter((seat) => hasReached(rules, ofSeat(scores, seat)))
    // Level at the goal is shared, whatever was agreed for the rounds.
    if (there.length) return { winners: bestBy(rules, scores, there), why: 'goal', final: true }
  }
  return rounds !== null && state.fresh && state.round > rounds ? lead(rules, state) : null
}

/** Points by ruling; where the place counts there are none. Whoever loses a turn keeps them. */
export function award(rules: OwnRules, state: OwnState, seat: number, points: number): OwnState | null {
  if (rules.counts === 'place') return null
  const began =
    seat === state.turn ? { ...state.began, points: changedPoints(rules, state.began.points, points) } : state.began
  return {
    ...state,
    began,
    points: withSeat(state.points, seat, changedPoints(rules, ofSeat(state.points, seat), points)),
  }
}
