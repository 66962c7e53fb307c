import {
  isSafeFrom,
  resultOf,
  stackOn,
  type PerchPlay,
  type PerchRules,
  type PerchState,
} from '#core/games/perch-and-push/rules'
import type { Dealt, Wish } from '#core/contract/game'
import { facesOf, restOf } from '#core/kit/pack'
import type { Random } from '#core/basics/random'

/** Every turn that may stand now, for every draw that may come; and shuffling. */
export function* plays(rules: PerchRules, state: PerchState, seat: number): Generator<PerchPlay> {
  if (seat === state.turn) for (const cards of drawsOf(rules, state)) yield* turnsWith(rules, state, cards)
  yield { do: 'reshuffle' }
}

function* drawsOf({ pack, draw }: PerchRules, { gone }: PerchState): Generator<number[]> {
  const rest = restOf(pack, gone)
  const left = facesOf(pack).filter((card) => rest.includes(card))
  for (const [i, card] of left.entries()) {
    if (draw === 1) yield [card]
    else
      for (const other of left.slice(i))
        if (other !== card || rest.indexOf(card) !== rest.lastIndexOf(card)) yield [card, other]
  }
}

/** All results, right. */
const saidOf = (rules: PerchRules, cards: readonly number[]) => cards.map((card) => resultOf(rules, card))

function* turnsWith(rules: PerchRules, state: PerchState, cards: readonly number[]): Generator<PerchPlay> {
  const open = optionsOf(rules, state, cards)
  for (const on of open) yield { do: 'place', by: state.turn, cards, on, said: saidOf(rules, cards), explained: true }
  if (!open.length) yield { do: 'pass', by: state.turn, cards }
}

/** The results of these cards that the seat on turn may perch on. */
export function optionsOf(rules: PerchRules, state: PerchState, cards: readonly number[]): number[] {
  return [...new Set(cards.map((card) => resultOf(rules, card)))].filter(
    (result) => !isSafeFrom(rules, state, state.turn, result),
  )
}

/** The largest push, else a stack of one's own, else a bare place. */
function bestOption(rules: PerchRules, state: PerchState, options: readonly number[]): number {
  const worth = (on: number) => {
    const stack = stackOn(rules, state, on)
    if (!stack) return 1
    return stack.seat === state.turn ? (rules.safeStack > 0 ? 2 : 0.5) : 10 + stack.count
  }
  return options.reduce((best, on) => (worth(on) > worth(best) ? on : best))
}

/** The dealer: draws the cards; which result is taken is the player's. */
export function deal(rules: PerchRules, state: PerchState, wish: Wish, random: Random): Dealt | null {
  if (wish.do === 'reshuffle') return null
  const cards = draw(rules, state, random)
  return { brings: { cards }, shown: { kind: 'card', values: cards } }
}

function draw(rules: PerchRules, state: PerchState, random: Random): number[] {
  return random.shuffled(restOf(rules.pack, state.gone)).slice(0, rules.draw)
}

export function bot(rules: PerchRules, state: PerchState, seat: number, random: Random): PerchPlay {
  const cards = draw(rules, state, random)
  const options = optionsOf(rules, state, cards)
  if (!options.length) return { do: 'pass', by: seat, cards }
  const on = bestOption(rules, state, options)
  return { do: 'place', by: seat, cards, on, said: saidOf(rules, cards), explained: true, how: 'knew-it' }
}
