import { countOf, deckOf, without, withoutAll, type Deck, type Pack } from '#core/kit/pack'
import type { Random } from '#core/basics/random'
import { ofSeat, seatsFrom } from '#core/kit/seats'

/**
 * What is known of hidden hands. A hand has a size and the cards that are surely in it; its other cards are unknown.
 * All cards that neither lie nor are known in a hand are the unseen ones: they fill the unknown places of the
 * hands and the stock, in any way. From that counting follows what a hand can hold, and what it must.
 */
export interface Hand {
  readonly size: number
  /** Cards surely held. */
  readonly known: readonly number[]
}

export interface Known {
  readonly hands: readonly Hand[]
  /** Cards in the stock. */
  readonly stock: number
  /** Cards that lie where everybody has seen them. */
  readonly laid: readonly number[]
}

/** A pack of number cards, or any other deck of them. */
type Cards = Pack | Deck<number>

const deckIn = (cards: Cards): Deck<number> => ('copiesOf' in cards ? cards : deckOf(cards))

/** Copies of a card that nobody has seen since the cards were dealt. */
export function unseenOf(pack: Cards, { hands, laid }: Known, card: number): number {
  let count = deckIn(pack).copiesOf(card) - countOf(laid, card)
  for (const { known } of hands) count -= countOf(known, card)
  return Math.max(0, count)
}

const unknownIn = ({ size, known }: Hand) => Math.max(0, size - known.length)

/** Whether a hand can hold all of `cards`, counting copies and places. */
export function canHold(pack: Cards, state: Known, seat: number, cards: readonly number[]): boolean {
  const hand = ofSeat(state.hands, seat)
  let known = hand.known
  const extra: number[] = []
  for (const card of cards) {
    if (known.includes(card)) known = without(known, card)
    else extra.push(card)
  }
  if (extra.length > unknownIn(hand)) return false
  return extra.every((card) => unseenOf(pack, state, card) >= countOf(extra, card))
}

/** Whether a hand must hold a card: it is known there, or there are not enough other places for the unseen copies. */
export function mustHold(pack: Cards, state: Known, seat: number, card: number): boolean {
  const hand = ofSeat(state.hands, seat)
  if (hand.known.includes(card)) return true
  if (unknownIn(hand) === 0) return false
  let elsewhere = state.stock
  state.hands.forEach((other, i) => {
    if (i !== seat - 1) elsewhere += unknownIn(other)
  })
  return unseenOf(pack, state, card) > elsewhere
}

/** The hands after it was shown that a hand holds a card. */
export function withShown(hands: readonly Hand[], seat: number, card: number): readonly Hand[] {
  const hand = ofSeat(hands, seat)
  if (hand.known.includes(card)) return hands
  return hands.map((other, i) => (i === seat - 1 ? { size: hand.size, known: [...hand.known, card] } : other))
}

/** The hands after a card left one of them, known there or not. */
export function withGone(hands: readonly Hand[], seat: number, card: number): readonly Hand[] {
  return hands.map((hand, i) =>
    i === seat - 1 ? { size: Math.max(0, hand.size - 1), known: without(hand.known, card) } : hand,
  )
}

/** The hands when what was believed of one of them is forgotten. */
export function withForgotten(hands: readonly Hand[], seat: number): readonly Hand[] {
  return hands.map((hand, i) => (i === seat - 1 ? { size: hand.size, known: [] } : hand))
}

/** Hands that agree with everything known, out of all `cards` there are; where everything is known, the real ones. */
export function handsLike(cards: readonly number[], { hands, laid }: Known, random: Random): number[][] {
  const left = random.shuffled(withoutAll(cards, [...laid, ...hands.flatMap(({ known }) => known)]))
  return hands.map(({ size, known }) => [...known, ...left.splice(0, Math.max(0, size - known.length))])
}

/** What was believed gives way where a hand is shown to hold `cards`: what of this hand first, then of the others where they clash. */
export function giveWay(pack: Cards, known: Known, seat: number, cards: readonly number[]): readonly Hand[] {
  let hands = withForgotten(known.hands, seat)
  for (const other of seatsFrom(seat, hands.length).slice(1)) {
    if (canHold(pack, { ...known, hands }, seat, cards)) break
    if (clashes(pack, { ...known, hands }, other, cards)) hands = withForgotten(hands, other)
  }
  return hands
}

/** The hands once an overruled draw showed a card of which all copies were believed to be elsewhere. */
export function freed(pack: Cards, known: Known, by: number, card: number): readonly Hand[] {
  let { hands } = known
  for (const other of seatsFrom(by, hands.length).slice(1))
    if (clashes(pack, { ...known, hands }, other, [card])) hands = withForgotten(hands, other)
  return hands
}

function clashes(pack: Cards, known: Known, other: number, cards: readonly number[]): boolean {
  return cards.some(
    (card) => ofSeat(known.hands, other).known.includes(card) && unseenOf(pack, known, card) < countOf(cards, card),
  )
}
