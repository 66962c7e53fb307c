import type { Dealt } from '#core/contract/game'
import { bestPlaces, mayHold, placesFor } from '#core/games/six-heaps/advice'
import { knownIn, mayPass, type HeapPlay, type HeapRules, type HeapState } from '#core/games/six-heaps/rules'
import { handsLike } from '#core/kit/hands'
import { cardsOf } from '#core/kit/pack'
import type { Random } from '#core/basics/random'
import { ofSeat } from '#core/kit/seats'

/** Every card that the seat may hold, onto every heap where it may lie, all lines named; the pass where one may. */
export function* plays(rules: HeapRules, state: HeapState, seat: number): Generator<HeapPlay> {
  if (seat !== state.turn) return
  for (const card of mayHold(rules, state, seat))
    for (const { at, lines } of placesFor(rules, state, card))
      yield { do: 'place', by: seat, card, at, spotted: lines, explained: true }
  if (mayPass(rules, state, seat) !== null) yield { do: 'pass', by: seat }
}

/** The dealer: in a dealt match the next card goes into the hand unseen, so nothing of it is in the play. */
export function deal(_rules: HeapRules, state: HeapState, wish: { readonly do: string }): Dealt | null {
  return wish.do === 'place' && state.order ? { brings: {} } : null
}

/** Scores where it can, else lies somewhere; overlooks nothing. */
export function bot(rules: HeapRules, state: HeapState, seat: number, random: Random): HeapPlay {
  const hand = ofSeat(handsLike(cardsOf(rules.pack), knownIn(state), random), seat)
  const best = bestPlaces(rules, state, hand)
  const open = best.length ? best : hand.flatMap((card) => placesFor(rules, state, card))
  const chosen = open[random.whole(0, Math.max(0, open.length - 1))]
  if (!chosen) return { do: 'pass', by: seat }
  return {
    do: 'place',
    by: seat,
    card: chosen.card,
    at: chosen.at,
    spotted: chosen.lines,
    explained: true,
    how: 'knew-it',
  }
}
