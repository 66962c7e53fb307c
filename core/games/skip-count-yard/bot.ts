import type { Dealt } from '#core/contract/game'
import type { YardRules } from '#core/games/skip-count-yard/houseRules'
import { judge, knownIn, type YardOpening, type YardPlay, type YardState } from '#core/games/skip-count-yard/rules'
import { singleAdds } from '#core/games/skip-count-yard/search'
import { deckOfSets, POSITIONS, type Position } from '#core/games/skip-count-yard/yard'
import { canHold, handsLike } from '#core/kit/hands'
import type { Random } from '#core/basics/random'
import { ofSeat } from '#core/kit/seats'

const CARDS = new WeakMap<object, readonly number[]>()
/** Every card of the sets, rising; bots ask it at every play. */
function allCards(sets: readonly number[]): readonly number[] {
  const deck = deckOfSets(sets)
  const known = CARDS.get(deck)
  if (known) return known
  const cards = deck.faces.flatMap((card) => Array.from({ length: deck.copiesOf(card) }, () => card))
  CARDS.set(deck, cards)
  return cards
}

/** Every play known to stand now; where a draw is owed, the draw alone. */
export function* plays(rules: YardRules, state: YardState, seat: number): Generator<YardPlay> {
  if (seat !== state.turn) return
  if (!state.drawn && state.stock > 0) {
    yield { do: 'draw', by: seat }
    return
  }
  const deck = deckOfSets(rules.sets)
  const known = knownIn(state)
  const held = deck.faces.filter((card) => canHold(deck, known, seat, [card]))
  for (const { card, to } of singleAdds(rules.sets, state.yard, held))
    yield { do: 'add', by: seat, card, to, explained: true }
  for (const from of POSITIONS)
    for (const to of POSITIONS)
      for (
        let count = rules.moves === 'whole' ? state.yard[from].length : 1;
        count >= 1 && count <= state.yard[from].length;
        count++
      ) {
        const play: YardPlay = { do: 'move', by: seat, from, to, count }
        if (judge(rules, state, play, { overrule: false }).stands) yield play
      }
  yield { do: 'end', by: seat }
}

/** The dealer: the stock’s next card goes into the hand, unseen by the others. */
export function deal(_rules: YardRules, state: YardState, wish: { readonly do: string }): Dealt | null {
  return wish.do === 'draw' && state.order && state.stock > 0 ? { brings: {} } : null
}

/** The four cards laid open on the sides. */
export function dealOpening({ sets }: YardRules, _seats: number, random: Random): YardOpening {
  return { sides: random.shuffled(allCards(sets)).slice(0, 4) }
}

/** Draws, adds what it can (onto runs rather than bare places), and ends the turn. */
export function bot(rules: YardRules, state: YardState, seat: number, random: Random): YardPlay {
  if (!state.drawn && state.stock > 0) return { do: 'draw', by: seat }
  const hand = ofSeat(handsLike(allCards(rules.sets), knownIn(state), random), seat)
  const adds = singleAdds(rules.sets, state.yard, hand)
  const better = adds.filter(({ to }) => state.yard[to].length > 0)
  const open: readonly { readonly card: number; readonly to: Position }[] = better.length ? better : adds
  const add = open[random.whole(0, Math.max(0, open.length - 1))]
  return add ? { do: 'add', by: seat, ...add, explained: true, how: 'skip-counted' } : { do: 'end', by: seat }
}
