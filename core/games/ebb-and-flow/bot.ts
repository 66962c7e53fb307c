import type { Dealt, Wish } from '#core/contract/game'
import {
  deckFor,
  flow,
  rankOf,
  type Colour,
  type EbbCard,
  type EbbRules,
  type EbbState,
  type Flip,
} from '#core/games/ebb-and-flow/rules'
import { deckSize, restOfDeck } from '#core/kit/pack'
import type { Random } from '#core/basics/random'
import { ofSeat } from '#core/kit/seats'

/** A card as a play names it. */
function named(card: EbbCard): Pick<Flip, 'card' | 'colour'> {
  const rank = rankOf(card)
  if (rank === null) return { card: 'wild' }
  return typeof card === 'number' ? { card: rank } : { card: rank, colour: card.slice(0, 4) as Colour }
}

function flipped(rules: EbbRules, state: EbbState, seat: number, card: EbbCard): Flip {
  const play: Flip = { do: 'flip', by: seat, ...named(card) }
  return card === 'wild'
    ? play
    : { ...play, said: flow(rules, ofSeat(state.totals, seat), card, state.wild).after, explained: true }
}

/** Every card that may come, with the right total said. */
export function* plays(rules: EbbRules, state: EbbState, seat: number): Generator<Flip> {
  if (seat === state.turn)
    for (const card of new Set(restOfDeck(deckFor(rules), state.gone))) yield flipped(rules, state, seat, card)
}

function draw(rules: EbbRules, state: EbbState, random: Random): EbbCard {
  const rest = restOfDeck(deckFor(rules), state.gone)
  return random.oneOf(rest)
}

/** The dealer: turns the next card. */
export function deal(rules: EbbRules, state: EbbState, _wish: Wish, random: Random): Dealt | null {
  if (state.gone.length >= deckSize(deckFor(rules))) return null
  const card = draw(rules, state, random)
  return { brings: { ...named(card) }, shown: { kind: 'card', values: [rankOf(card) ?? 'wild'] } }
}

export function bot(rules: EbbRules, state: EbbState, seat: number, random: Random): Flip {
  return flipped(rules, state, seat, draw(rules, state, random))
}
