import { itemAt } from '#core/basics/lists'
import type { Dealt, Wish } from '#core/contract/game'
import { hasPartner } from '#core/games/ask-for-rest/partners'
import { handsLike, mustHold } from '#core/kit/hands'
import { judge } from '#core/games/ask-for-rest/judge'
import { leftOf, liveCards, type AskPlay, type AskRules, type AskState } from '#core/games/ask-for-rest/rules'
import { facesOf, without } from '#core/kit/pack'
import type { Random } from '#core/basics/random'
import { ofSeat, seatAfter } from '#core/kit/seats'

/** Every play known to stand now, from what is known. */
export function* plays(rules: AskRules, state: AskState, seat: number): Generator<AskPlay> {
  for (const play of candidates(rules, state, seat))
    if (judge(rules, state, play, { overrule: false }).stands) yield play
}

function* candidates(rules: AskRules, state: AskState, seat: number): Generator<AskPlay> {
  const faces = facesOf(rules.pack)
  const live = faces.filter((card) => hasPartner(rules.pack, rules.target, card))
  for (const card of live)
    if (card <= rules.target - card) yield { do: 'lay', by: seat, cards: [card, rules.target - card], explained: true }
  for (const card of faces) if (!live.includes(card)) yield { do: 'replace', by: seat, card }
  if (state.owed === seat) {
    yield { do: 'draw', by: seat }
    for (const card of live) yield { do: 'draw', by: seat, card }
  }
  if (state.owed !== null || state.turn !== seat) return
  for (let of = 1; of <= state.seats; of++)
    for (const card of live)
      for (const got of [true, false]) if (of !== seat) yield { do: 'ask', by: seat, of, for: card, got }
}

/** The dealer: the stock's next card goes to whoever owes a draw, unseen by the others. */
export function deal(_rules: AskRules, state: AskState, wish: Wish): Dealt | null {
  // The card stays between the dealer and the one who draws: nothing of it is in the play.
  return wish.do === 'draw' && state.owed !== null ? { brings: {} } : null
}

/** Lays a pair when it has one; else asks for the rest of a card, of whoever may have it. */
export function bot(rules: AskRules, state: AskState, seat: number, random: Random): AskPlay {
  if (state.owed === seat) return { do: 'draw', by: seat }
  const hands = handsLike(liveCards(rules), state, random)
  const own = ofSeat(hands, seat)
  for (const card of own) {
    const rest = rules.target - card
    if (without(own, card).includes(rest))
      return { do: 'lay', by: seat, cards: [card, rest], explained: true, how: 'made-ten' }
  }
  const asks: AskPlay[] = []
  for (let of = seatAfter(seat, state.seats); of !== seat; of = seatAfter(of, state.seats))
    for (const card of new Set(own)) {
      const rest = rules.target - card
      if (ofSeat(state.hands, of).size === 0 || leftOf(rules, state, rest) === 0) continue
      const got = ofSeat(hands, of).includes(rest)
      if (got || !mustHold(rules.pack, state, of, rest)) asks.push({ do: 'ask', by: seat, of, for: rest, got })
    }
  const found = asks[random.whole(0, Math.max(0, asks.length - 1))]
  // Nobody to ask: some pair must be in the hands that are left.
  return found ?? itemAt([...plays(rules, state, seat)], 0)
}
